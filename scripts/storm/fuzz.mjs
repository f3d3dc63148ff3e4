// Every command and every form, each field in turn given what nobody should send; noise, raw bodies, media types.
import { ROOMS } from '../lib.mjs';
import { many } from './ground.mjs';

const deep = (n) => JSON.parse('['.repeat(n) + ']'.repeat(n));
/** What nobody should send; some of it is right somewhere, and then it is stored as what it says. */
const NASTY = [
  '',
  ' ',
  '\n',
  null,
  true,
  false,
  [],
  {},
  [[]],
  [null],
  -1,
  0,
  -0,
  0.1,
  1e9,
  1e308,
  -1e308,
  61.37,
  'NaN',
  'Infinity',
  '-Infinity',
  '1e53 g',
  '1e999',
  '0x10',
  '1/0',
  '-0 g',
  '5 kg kg',
  '9'.repeat(400),
  '1,2,3',
  '1.250 g',
  '٣ kg',
  '１ kg',
  '½',
  '5%',
  '-5%',
  '1000 %',
  '1026-01-01',
  '9999-12-31',
  '2026-02-30',
  '0000-00-00',
  '\0',
  'a\0b',
  '\ud800',
  '\u202etxt',
  '\ufeff',
  '👩‍🌾'.repeat(30),
  'Кладовая',
  '台所',
  'ﷺ',
  'z̴̛͜',
  '__proto__',
  'constructor',
  'toString',
  'hasOwnProperty',
  { __proto__: { a: 1 } },
  { constructor: 1 },
  { toString: 'x' },
  "'; DROP TABLE event; --",
  '<script>alert(1)</script>',
  '{{7*7}}',
  '${7*7}',
  '../../../etc/passwd',
  'x'.repeat(10_000),
  Array(500).fill('a'),
  Array(300).fill({ a: 1 }),
  deep(500),
  'kraut',
  'nope',
  'true',
  'on'
];
const TYPES = [
  'application/json',
  'application/json; charset=utf-8',
  'APPLICATION/JSON',
  'application/jsonp',
  'text/plain',
  'application/x-www-form-urlencoded',
  'multipart/form-data',
  'multipart/form-data; boundary=x',
  'application/xml',
  '',
  '*/*',
  'application/json, text/plain'
];
/** What an answer may be: yes, or a refusal that says why. Anything else is a fault. */
const MAY = new Set([200, 303, 400, 401, 403, 404, 405, 409, 411, 413, 415, 421, 429]);

/** Words that no page and no answer may hold. */
const INSIDES = /at \w+ \(|node_modules|\/src\/lib|SQLITE|knex|undefined|\[object|NaN/;

/** In an id, a name or a note any word is a word; elsewhere these must never come through. */
const WORDS = new Set([
  'commandId',
  'name',
  'note',
  'notes',
  'bed',
  'beds',
  'variety',
  'reason',
  'card',
  'what',
  'said',
  'why',
  'next',
  'cutName',
  'who',
  ...['guide', 'edition', 'product', 'pressure', 'line']
]);
const NO_NUMBERS = new Set(['NaN', 'Infinity', '-Infinity']);
/** A name or a word may be any text, `Infinity` too: it is shown as the text that it is. */
const isWord = (name) => WORDS.has(name) || /id$/i.test(name);
const nastyFor = (field) => NASTY.filter((bad) => !isWord(field) || !NO_NUMBERS.has(bad));

const fieldsOf = (schema, good) => [...new Set([...Object.keys(schema.shape ?? {}), ...Object.keys(good)])];

/** Every form that a page may send: the commands of the registry, and the two ways of coming in. */
const forms = ({ COMMANDS, DOOR_COMMANDS, GOOD, GOOD_DOOR }) => [
  ...Object.keys(COMMANDS).map((name) => ({
    to: `/do/${name}`,
    fields: fieldsOf(COMMANDS[name].input, GOOD[name]),
    good: GOOD[name]
  })),
  ...Object.keys(GOOD_DOOR).map((name) => ({
    to: name in DOOR_COMMANDS ? `/do/${name}` : `/sign-in?/${name}`,
    fields: Object.keys(GOOD_DOOR[name]),
    good: GOOD_DOOR[name]
  }))
];

/** What was sent and how it was answered, so that a fault can be looked at. */
class Faults {
  sent = 0;
  stored = 0;
  all = [];
  see(what, status, text) {
    this.sent++;
    if (status === 200 && !/"type":"failure"/.test(text)) this.stored++;
    if (!MAY.has(status)) this.all.push(`${status} to ${what}`);
    else if (status >= 400 && (text.length === 0 || INSIDES.test(text.replace(/“[^”]*”/g, ''))))
      this.all.push(`${status} with "${text.slice(0, 120)}" to ${what}`);
    else if (status < 400 && /"type":"error"/.test(text)) this.all.push(`error to ${what}`);
  }
  say = () =>
    this.all.length === 0 ? 'no fault' : `${this.all.length} FAULTS: ${this.all.slice(0, 5).join('; ')}`;
}

async function commands(ground, server, faults) {
  const { GOOD, GOOD_ASIDE, COMMANDS, benchDraftSchema } = ground.modules;
  let n = 0;
  const asked = Object.keys(COMMANDS).flatMap((name) => [
    ...fieldsOf(COMMANDS[name].input, GOOD[name]).flatMap((field) =>
      nastyFor(field)
        .filter(() => !ground.short || ground.dice.below(4) === 0)
        .map((bad) => ({
          name,
          body: { commandId: `f${++n}`, ...GOOD[name], [field]: bad },
          field
        }))
    ),
    ...[null, [], 'text', 7, {}, [GOOD[name]], { ...GOOD[name], more: 'x', __proto__: null }].map((body) => ({
      name,
      body,
      field: ''
    }))
  ]);
  for (const [name, good] of Object.entries(GOOD_ASIDE))
    for (const field of Object.keys(good))
      for (const bad of nastyFor(field)) asked.push({ name, body: { ...good, [field]: bad }, field });
  for (const field of Object.keys(benchDraftSchema.shape))
    for (const bad of nastyFor(field))
      asked.push({ name: 'bench-draft', body: { set: { [field]: bad } }, field });
  await many(6, asked, async ({ name, body, field }) => {
    const answer = await server.say(name, body);
    faults.see(`${name} ${field} ${JSON.stringify(body)?.slice(0, 200)}`, answer.status, await answer.text());
    // What was let in is taken back, so that the next one meets the same household.
    if (answer.ok && body?.commandId && name !== 'undo')
      await (
        await server.say('undo', { commandId: `${String(body.commandId).slice(0, 60)}u`, of: body.commandId })
      ).text();
  });
}

async function noise(ground, server, faults) {
  const { below, of } = ground.dice;
  const things = [
    ...Object.keys(ground.modules.COMMANDS),
    'worksheet',
    'bench-draft',
    'step-clock',
    'scale',
    'meter',
    'thermometers',
    'constructor',
    '__proto__',
    'x'.repeat(2000)
  ];
  const junk = () => String.fromCharCode(...Array.from({ length: 1 + below(200) }, () => below(0x500)));
  const bodies = [
    junk,
    () => JSON.stringify(of(NASTY)) ?? '',
    () => '{"commandId":"a"',
    () => '{"a":'.repeat(3000),
    () => '',
    () => `${'x'.repeat(1_050_000)}`
  ];
  const list = Array.from({ length: ground.short ? 300 : 3000 }, () => 0);
  await many(6, list, async () => {
    const thing = of(things);
    const method = of(['POST', 'POST', 'POST', 'GET', 'PUT', 'DELETE', 'PATCH']);
    const type = of(TYPES);
    const answer = await fetch(`${server.base}/api/v1/${thing}`, {
      method,
      headers: type === '' ? {} : { 'content-type': type },
      ...(method === 'GET' ? {} : { body: of(bodies)() })
    }).catch((e) => e);
    // A body that is cut off while it is sent may end the line.
    if (answer instanceof Error) return;
    faults.see(
      `${method} ${thing} as ${type}`,
      answer.status,
      method === 'GET' && answer.ok ? '' : await answer.text()
    );
  });
}

/** Every command, each field from its schema. */
export async function fuzzCommands(ground) {
  const file = ground.copy();
  const server = await ground.serve(file, { CROCKLE_SCALE: 'stand-in' });
  const faults = new Faults();
  await commands(ground, server, faults);
  await noise(ground, server, faults);
  return after(ground, server, file, faults, 'the API: every command, each field, and noise');
}

/** Every form, as forms send it: urlencoded and in parts. */
export async function fuzzForms(ground) {
  const file = ground.copy();
  const server = await ground.serve(file);
  const faults = new Faults();
  let n = 0;
  const text = (v) => (typeof v === 'string' ? v : JSON.stringify(v));
  const all = forms(ground.modules);
  faults.all.push(...all.filter((f) => !f.good).map(({ to }) => `nobody knows what is right in ${to}`));
  const asked = all.flatMap(({ to, fields, good }) =>
    fields.flatMap((field) =>
      nastyFor(field)
        .filter(() => ground.dice.below(ground.short ? 12 : 3) === 0)
        .map((bad) => ({
          to,
          field,
          body: { commandId: `g${++n}`, ...good, [field]: bad },
          parts: ground.dice.below(2) === 0
        }))
    )
  );
  const headers = { accept: 'application/json', 'x-sveltekit-action': 'true', origin: server.base };
  await many(6, asked, async ({ to, field, body, parts }) => {
    const form = parts ? new FormData() : new URLSearchParams();
    for (const [name, v] of Object.entries(body)) form.append(name, text(v));
    if (parts && ground.dice.below(5) === 0) form.set(field, new Blob(['a file']), 'a.txt');
    const answer = await fetch(server.base + to, { method: 'POST', headers, body: form });
    faults.see(`${to} ${field} ${JSON.stringify(body)?.slice(0, 200)}`, answer.status, await answer.text());
  });
  for (const { to } of all)
    for (const type of TYPES) {
      const answer = await fetch(server.base + to, {
        method: 'POST',
        headers: { ...headers, ...(type ? { 'content-type': type } : {}) },
        body: '--x\r\nnothing'
      });
      faults.see(`${to} as ${type}`, answer.status, await answer.text());
    }
  return after(
    ground,
    server,
    file,
    faults,
    `${all.length} forms, each field, urlencoded, in parts, with files, as other media`
  );
}

/** Where a reading holds a number that no kitchen has: an instant in ms is the largest there is; undefined: nowhere. */
function absurdAt(v, at = '') {
  if (typeof v === 'number') return Math.abs(v) < 1e13 ? undefined : at;
  if (typeof v === 'string') return NO_NUMBERS.has(v) ? `${at} = ${v}` : undefined;
  for (const [name, inner] of Object.entries(v ?? {})) {
    if (typeof inner === 'string' && isWord(name)) continue;
    const found = absurdAt(inner, `${at}.${name}`);
    if (found !== undefined) return found;
  }
  return undefined;
}

/** All rooms still open, no reading holds nonsense, and the log says what is derived. */
async function after(ground, server, file, faults, what) {
  const batches = await server.read('batches');
  const rooms = [...ROOMS, ...batches.slice(0, 5).map((b) => `/notebook/${b.id}`)];
  for (const room of rooms) {
    const page = await fetch(server.base + room);
    if (!page.ok) faults.all.push(`the room ${room} answers ${page.status}`);
    // Scripts say undefined of their own; what is shown does not. A form's random name may hold any three letters.
    const shown = (await page.text())
      .replace(/<script[\s\S]*?<\/script>/g, '')
      .replace(/name="commandId" value="[^"]*"/g, '');
    const nonsense = /.{0,80}(NaN|\[object|Infinity).{0,40}/.exec(shown)?.[0];
    if (nonsense) faults.all.push(`the room ${room} shows nonsense: ${nonsense}`);
  }
  for (const thing of [
    'picks',
    'batches',
    'kit',
    'learnt',
    'recipes',
    'brines',
    'pantry',
    'tasks',
    'stock'
  ]) {
    const at = absurdAt(await server.read(thing), thing);
    if (at !== undefined) faults.all.push(`nonsense at ${at}`);
  }
  await server.end();
  // What the house itself said of it, so that a fault can be looked at.
  const fell = server.said.split('\n').find((line) => /"status":500/.test(line));
  if (fell) faults.all.push(`the house said ${fell.slice(0, 1200)}`);
  if (!(await ground.sameAsLog(file))) faults.all.push('what is derived is not what the log says');
  return {
    did: `${faults.sent} requests to ${what}; ${faults.stored} were right after all and stored`,
    holds: 'yes or a refusal with words, never a 500; all rooms open; nothing stored is nonsense',
    found: faults.say(),
    ok: faults.all.length === 0
  };
}

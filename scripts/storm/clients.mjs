// Slow, broken and unfriendly clients; and those who are not to come in.
import { connect } from 'node:net';
import { many } from './ground.mjs';

/** A raw line: sends something, then drips; answers what was heard when it closed. */
const line = (server, begun, drip = '', every = 200) =>
  new Promise((done) => {
    let heard = '';
    const socket = connect(server.port, '127.0.0.1', () => socket.write(begun));
    const timer = drip === '' ? undefined : setInterval(() => socket.writable && socket.write(drip), every);
    socket.on('data', (d) => (heard += d.toString('latin1')));
    socket.on('error', () => undefined);
    socket.on('close', () => {
      clearInterval(timer);
      done(heard);
    });
  });

export async function clients(ground) {
  const file = ground.copy();
  const server = await ground.serve(file, { CROCKLE_PATIENCE: '2', CROCKLE_SCALE: 'stand-in' });
  const faults = [];
  const host = 'Host: 127.0.0.1\r\n';
  const post = `POST /api/v1/weigh-in HTTP/1.1\r\n${host}content-type: application/json\r\n`;
  const slow = [
    ...Array.from({ length: 20 }, () => line(server, `GET / HTTP/1.1\r\n${host}x-slow: `, 'x')),
    ...Array.from({ length: 20 }, () => line(server, `${post}content-length: 5000\r\n\r\n{`, ' ')),
    ...Array.from({ length: 10 }, () =>
      line(server, `${post}transfer-encoding: chunked\r\n\r\n`, '1\r\n \r\n')
    ),
    ...Array.from({ length: 10 }, () => line(server, ''))
  ];
  const broken = [
    line(server, 'GARBAGE\r\n\r\n'),
    line(server, '\x16\x03\x01\x02\x00\x01\x00'),
    line(server, `GET / HTTP/1.1\r\n${host}x: ${'y'.repeat(100_000)}\r\n\r\n`),
    line(server, `GET /${'a'.repeat(50_000)} HTTP/1.1\r\n${host}\r\n`),
    line(server, `${post}content-length: 5\r\ntransfer-encoding: chunked\r\n\r\n0\r\n\r\n`),
    line(server, `${post}content-length: -1\r\n\r\n`)
  ];
  // Listeners to the scale: so many are heard, the rest is told to wait. The answers are held: one that nobody holds is
  // collected, its line is let go, and another is rightly heard in its place.
  const ears = [];
  for (let i = 0; i < 100; i++) {
    const stop = new AbortController();
    const answer = await fetch(`${server.base}/api/v1/scale`, {
      headers: { accept: 'text/event-stream' },
      signal: stop.signal
    });
    ears.push({ status: answer.status, answer, stop });
  }
  const heard = ears.filter((e) => e.status === 200).length;
  if (heard > 64 || ears.some((e) => e.status !== 200 && e.status !== 503)) faults.push(`${heard} listeners`);
  // Amid all that somebody works as always.
  let yes = 0;
  for (let i = 0; i < 40; i++)
    yes += (await server.say('weigh-in', { commandId: `n${i}`, cropId: 'carrot', weight: '1 kg' })).ok
      ? 1
      : 0;
  if (yes < 40) faults.push(`${40 - yes} of 40 ordinary writes failed`);
  for (const { stop } of ears) stop.abort();
  const from = performance.now();
  await Promise.all([...slow, ...broken]);
  const patience = Math.round((performance.now() - from) / 1000);
  const again = await fetch(`${server.base}/api/v1/scale`, {
    headers: { accept: 'text/event-stream' },
    signal: AbortSignal.timeout(5000)
  });
  if (!again.ok) faults.push('listeners that left were not forgotten');
  await again.body?.cancel();
  if (!(await server.stands())) faults.push('it does not stand');
  if (/\n\s+at /.test(server.said)) faults.push('a stack in the log');
  await server.end();
  if (!(await ground.sameAsLog(file))) faults.push('derived otherwise than the log says');
  return {
    did: `${slow.length} lines that drip, ${broken.length} broken requests, 100 listeners, while somebody works`,
    holds: 'cut off within the patience set, at most 64 listeners, ordinary work goes on',
    found:
      faults.join('; ') ||
      `cut off, the last ${patience} s after the work was done; ${heard} heard; 40 of 40 written`,
    ok: faults.length === 0
  };
}

const OURS = 'kohlrabi under the stairs';
const GUESTS = 'only looking at jars';

/** Comes in by a form, as a phone does; answers its cookie, or what it was refused with. */
async function comeIn(server, said, way = 'in') {
  const answer = await fetch(`${server.base}/sign-in?/${way}`, {
    method: 'POST',
    redirect: 'manual',
    headers: { accept: 'application/json', 'x-sveltekit-action': 'true', origin: server.base },
    body: new URLSearchParams(said)
  });
  const text = await answer.text();
  return { cookie: (answer.headers.get('set-cookie') ?? '').split(';')[0], text };
}

export async function strangers(ground) {
  const file = ground.copy();
  const server = await ground.serve(file, { CROCKLE_SIGN_IN: 'always' });
  const faults = [];
  const see = (ok, fault) => ok || faults.push(fault);
  const code = /with this code: (\S+)/.exec(server.said)?.[1] ?? '';
  see(
    (await comeIn(server, { name: 'x', code: 'AAAA-AAAA', passphrase: OURS }, 'first')).cookie === '',
    'in by a wrong code'
  );
  const { cookie } = await comeIn(server, { name: 'Ida', code, passphrase: OURS }, 'first');
  see(cookie !== '', 'the code did not let in');
  see(
    (await comeIn(server, { name: 'x', code, passphrase: 'another passphrase' }, 'first')).cookie === '',
    'the code let in twice'
  );

  // Not in: no room, no command, no reading, under no cookie or header that was made up.
  const { COMMANDS, GOOD } = ground.modules;
  const made = [
    '',
    'crockle=',
    `crockle=${'a'.repeat(43)}`,
    'crockle=__proto__',
    `crockle=${cookie.slice(8, 20)}`,
    `crockle=' or 1=1 --`
  ];
  for (const one of made) {
    const room = await fetch(`${server.base}/kit`, { headers: { cookie: one }, redirect: 'manual' });
    see(room.status === 303, `the cookie ${one} opens a room`);
    for (const name of ['weigh-in', 'undo', 'settle'])
      see(
        (await server.say(name, GOOD[name], { cookie: one })).status === 401,
        `the cookie ${one} may ${name}`
      );
  }
  for (const bearer of [
    'Bearer x',
    `Bearer ${'a'.repeat(43)}`,
    'Basic aWRhOg==',
    `Bearer ${cookie.slice(8)}`
  ])
    see(
      (await server.say('weigh-in', GOOD['weigh-in'], { authorization: bearer })).status === 401,
      `${bearer.slice(0, 12)} may write`
    );
  see(JSON.stringify(await server.health()) === '{"ok":true}', 'health tells strangers too much');

  // A guest may nothing, whatever it is.
  const kit = (to, said) =>
    fetch(`${server.base}/do/${to}`, {
      method: 'POST',
      headers: { cookie, accept: 'application/json', 'x-sveltekit-action': 'true', origin: server.base },
      body: new URLSearchParams(said)
    });
  await kit('set-passphrase', { commandId: 'g', role: 'guest', passphrase: GUESTS, current: OURS });
  const guest = (await comeIn(server, { name: 'Max', passphrase: GUESTS })).cookie;
  see(guest !== '', 'a guest did not come in');
  const before = JSON.stringify(
    await (await fetch(`${server.base}/api/v1/kit`, { headers: { cookie } })).json()
  );
  for (const name of [...Object.keys(COMMANDS), 'bench-draft', 'step-clock'])
    see(
      (await server.say(name, { commandId: `q${name}`, ...GOOD[name] }, { cookie: guest })).status === 403,
      `a guest may ${name}`
    );
  // From another site's page, with the cookie that the browser would send.
  for (const more of [
    { origin: 'http://evil.example' },
    { origin: 'null' },
    { 'sec-fetch-site': 'cross-site' }
  ])
    see(
      (await server.say('weigh-in', { ...GOOD['weigh-in'], commandId: 'evil' }, { cookie, ...more }))
        .status === 403,
      'another site may write'
    );
  const after = JSON.stringify(
    await (await fetch(`${server.base}/api/v1/kit`, { headers: { cookie } })).json()
  );
  see(before === after, 'something was stored');

  // Guessing: four are free, then it waits.
  const guesses = ground.short ? 60 : 400;
  let looked = 0;
  await many(
    8,
    Array.from({ length: guesses }, (_, i) => i),
    async (i) => {
      const { text, cookie: got } = await comeIn(server, { name: 'x', passphrase: `guess number ${i}` });
      if (got) faults.push('a guess let in');
      if (text.includes('passphrase-wrong')) looked++;
    }
  );
  see(looked <= 12, `${looked} of ${guesses} guesses were looked at`);
  see((await fetch(`${server.base}/kit`, { headers: { cookie } })).ok, 'who is in is shut out by guesses');
  await server.end();
  for (const secret of [OURS, GUESTS, cookie.slice(8), guest.slice(8)])
    see(!server.said.includes(secret), 'a secret in the log');
  return {
    did: `${made.length + 4} made-up passes, every command as a guest, another site's page, ${guesses} guesses`,
    holds: 'nobody in, nothing stored, guesses wait, no secret said',
    found: faults.slice(0, 5).join('; ') || `nobody in; ${looked} of ${guesses} guesses were looked at`,
    ok: faults.length === 0
  };
}

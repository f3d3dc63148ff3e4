import { stepsFor, type Salting, type Step, type Style } from '../style/index';
import { saltIntoJars, type JarCard, type PreparedItem, type Worksheet } from '../worksheet/index';
import type { Learned } from '../learn/index';
import { atOwnPace, madeOf } from './pace';
import type { Made } from './run';
import type { Amount, GateId, RunStep, Season } from './types';

/** Something that goes with it, as it is scaled to this batch, and how it is measured out. */
export interface Seasoning extends Season {
  readonly id: string;
  readonly name: string;
  readonly per: 'kg' | 'jar' | 'batch' | 'free';
}

/**
 * The making of a worksheet as one sequence: the kit, the style's steps with this batch's amounts, the gates where the trade
 * decides, and the closing. Every amount of the worksheet stands at one step, once. Ids stay the same while amounts change.
 * Minutes are the table's, or the household's own, learnt from its makings.
 */
export function runSteps(
  sheet: Worksheet,
  style: Style,
  seasoning: readonly Seasoning[],
  paces: Readonly<Record<string, Learned>> = {}
): RunStep[] {
  const steps = stepsFor(style, sheet.salting).filter((s) => s.afterDays === undefined && s.does !== 'label');
  const kg = sheet.items.reduce((a, i) => a + i.prepared.mean, 0) / 1000;
  const at = seasonAt(steps);
  const woven = steps.flatMap((step) => [
    done(
      step,
      [
        ...(step === steps[0] ? sheet.items.map(picked) : []),
        ...amountsAt(step, sheet),
        ...(step.id === bowlAt(steps, sheet.salting) ? bowlSalt(sheet) : []),
        ...seasoning
          .filter((s) => (s.per === 'jar' ? 'pack' : at) === step.id)
          .map(({ id, name, ...say }): Amount => ({ of: 'season', id, name, say }))
      ],
      kg
    ),
    ...(step.id === 'pack' ? toppedUp(sheet, steps) : []),
    ...gatesAfter(step, sheet, steps).map(gate)
  ]);
  const all = [
    bare('kit', 'kit'),
    ...(steps.some((s) => READIES.has(s.id)) ? [] : [gate('fresh')]),
    ...woven,
    bare('close', 'close')
  ];
  return atOwnPace(all, madeOf(sheet), paces);
}

/**
 * What is still to be done once the batch has begun: the lid written, and on its day a second stage, with as much seasoning
 * as goes with what went in.
 */
export const laterSteps = (style: Style, made: Made | null = null): RunStep[] => [
  bare('label', 'label'),
  ...style.steps
    .filter((s) => s.afterDays !== undefined)
    .map((s) => done(s, s.does === 'season-later' && made ? seasonLater(style, made) : [], 0))
];

const seasonLater = (style: Style, { g }: Made): Amount[] =>
  style.additions
    .filter((a) => a.per === 'kg')
    .map(({ name, unit, amount }, i): Amount => {
      const much = (amount * g) / 1000;
      return {
        of: 'season',
        id: `later-${i + 1}`,
        name,
        say: { amount: much, unit, g: unit === 'g' ? much : null }
      };
    });

const bare = (id: string, kind: RunStep['kind'], gateId: GateId | null = null): RunStep => ({
  ...{ id, kind, does: null, gate: gateId, amounts: [], minutes: 0 },
  ...{ rest: null, caution: null, afterDays: null }
});
const gate = (id: GateId): RunStep => bare(`gate-${id}`, 'gate', id);

function done(step: Step, amounts: readonly Amount[], kg: number): RunStep {
  const { id, does, minutesPerKg, rest, caution = null, afterDays = null } = step;
  return {
    ...{ id, kind: 'do', does, gate: null, amounts, caution, afterDays },
    minutes: minutesPerKg * kg,
    rest: rest ? { ...rest, turnEveryMinutes: rest.turnEveryMinutes ?? null } : null
  };
}

/** Steps at which produce is made ready: the culling comes before the first weight that counts. */
export const READIES: ReadonlySet<string> = new Set(['wash', 'trim']);

/** Where the seasoning by the kilo goes: into a paste where there is one, with dry salt, else into the jar. */
const seasonAt = (steps: readonly Step[]): string =>
  ['paste', 'salt', 'pack'].find((id) => steps.some((s) => s.id === id)) ?? 'pack';

const picked = (i: PreparedItem): Amount => ({
  ...{ of: 'picked', itemId: i.id, cropId: i.cropId },
  ...{ g: i.pickedG, givesG: i.prepared.mean }
});

/** The worksheet's amounts at one of the style's steps. */
function amountsAt(step: Step, sheet: Worksheet): Amount[] {
  switch (step.id) {
    case 'weigh':
      return sheet.items.map((i) => ({
        ...{ of: 'prepared', itemId: i.id, cropId: i.cropId },
        ...{ g: i.prepared.mean, sdG: i.prepared.sd, weighed: i.weighed }
      }));
    case 'salt':
      return leafSalt(sheet);
    case 'brine':
      return brineAmounts(sheet);
    case 'pack':
      return [...byJar(sheet, fill), ...(sheet.brine?.mix === 'in the jar' ? jarSalt(sheet) : [])];
    case 'pour':
      return byJar(sheet, pour);
    case 'cover':
      return byJar(sheet, headspace);
    default:
      return [];
  }
}

const leafSalt = (sheet: Worksheet): Amount[] =>
  sheet.rinse ? [{ of: 'salt', id: 'heavy-salt', where: 'leaf', jar: null, g: sheet.rinse.heavySaltG }] : [];

/** Salt that is rubbed or stirred in; of rinsed leaf what is wanting after the rinse. */
function bowlSalt(sheet: Worksheet): Amount[] {
  const part = sheet.salt.parts.find((p) => p.where === 'bowl');
  return part && part.weighG > 0
    ? [{ of: 'salt', id: 'salt', where: 'bowl', jar: null, g: part.weighG }]
    : [];
}

/** The step at which it goes in: where it is rubbed, with the paste after a rinse, else as it is packed. */
const bowlAt = (steps: readonly Step[], salting: Salting): string =>
  ['salt', 'paste', 'pack'].find(
    (id) => !(id === 'salt' && salting === 'rinsed') && steps.some((s) => s.id === id)
  ) ?? 'pack';

/** The brine of a jug: its salt, its water, and what is there already. In the jar it is mixed there. */
function brineAmounts(sheet: Worksheet): Amount[] {
  const { brine } = sheet;
  if (!brine) return [];
  const saved = brine.fromSaved.map((b): Amount => ({ of: 'saved', name: b.name, ml: b.ml }));
  if (brine.mix === 'in the jar') return [...saved, { of: 'water', id: 'water', g: brine.waterG }];
  const at = sheet.salt.parts.findIndex((p) => p.where === 'brine');
  const part = sheet.salt.parts[at];
  return [
    ...(part
      ? [
          {
            ...{ of: 'salt', where: 'brine', jar: null, g: part.weighG },
            id: at === 0 ? 'salt' : 'salt-brine'
          } as Amount
        ]
      : []),
    { of: 'water', id: 'water', g: brine.waterG },
    ...saved
  ];
}

const jarSalt = (sheet: Worksheet): Amount[] =>
  saltIntoJars(sheet).map(({ jar, g }) => ({ of: 'salt', id: `salt-j${jar}`, where: 'jar', jar, g }));

const byJar = (sheet: Worksheet, say: (j: JarCard, jar: number) => Amount[]): Amount[] =>
  sheet.jars.flatMap((j, n) => say(j, n + 1));
const fill = (j: JarCard, jar: number): Amount[] => [{ of: 'fill', jar, name: j.name, g: j.vegG }];
const pour = (j: JarCard, jar: number): Amount[] =>
  j.brineMl > 0 ? [{ of: 'pour', jar, name: j.name, ml: j.brineMl }] : [];
const headspace = (j: JarCard, jar: number): Amount[] => [
  { of: 'headspace', jar, name: j.name, mm: j.headspaceMm }
];

/** Shreds that are topped up: a style that pours no brine of its own gets the two steps after packing. */
function toppedUp(sheet: Worksheet, steps: readonly Step[]): RunStep[] {
  if (!sheet.brine || steps.some((s) => s.id === 'pour')) return [];
  const step = (id: string, does: 'mix-brine' | 'pour', minutesPerKg: number): Step => ({
    id,
    does,
    minutesPerKg
  });
  const kg = sheet.brine.inJarsMl / 1000;
  return [
    done(step('brine', 'mix-brine', 3), brineAmounts(sheet), kg),
    done(step('pour', 'pour', 2), byJar(sheet, pour), kg)
  ];
}

/** The gates that follow a step. */
function gatesAfter(step: Step, sheet: Worksheet, steps: readonly Step[]): GateId[] {
  switch (step.id) {
    case 'wash':
    case 'trim':
      return steps.find((s) => READIES.has(s.id)) === step ? ['fresh'] : [];
    case 'salt':
      if (sheet.salting === 'rinsed') return [];
      return step.rest ? ['juice', 'taste'] : ['taste'];
    case 'rinse':
      return ['rinse'];
    case 'paste':
      return step.does === 'grind-paste' ? ['glue'] : [];
    case 'brine':
      return sheet.brine?.coolsMinutes != null ? ['cold'] : [];
    case 'pack':
      return ['room'];
    case 'cover':
      return ['covered'];
    default:
      return [];
  }
}

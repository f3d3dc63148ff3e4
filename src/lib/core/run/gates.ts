import { bowlTooSalty } from '../correct/index';
import { as } from '../quantity/index';
import { saltKind, TASTE_WORDS, type TasteWord } from '../salt/index';
import type { Worksheet } from '../worksheet/index';
import type { GateId } from './types';

/** What an answer leads to, said before it is given; masses in g, volumes in ml. */
export type Lead =
  | { readonly to: 'on' }
  /** Culls and second grade: weighed at the pick, the worksheet follows. */
  | { readonly to: 'sort' }
  | { readonly to: 'wait'; readonly minutes: number }
  /** Brine as strong as the batch settles over what stands dry; before it what is to spare of the batch's own. */
  | {
      readonly to: 'brine';
      readonly strength: number;
      readonly saltPerLitreG: number;
      readonly spareMl: number | null;
    }
  | { readonly to: 'salt'; readonly g: number }
  | { readonly to: 'leaf'; readonly g: number; readonly settles: number }
  | { readonly to: 'rinse' }
  | { readonly to: 'careful' }
  /** What floats goes under: a larger piece over it, the weight anew. */
  | { readonly to: 'press' }
  /** What is over: a larger set of jars; a jar of its own; or it is eaten. */
  | { readonly to: 'jars'; readonly names: readonly string[] }
  | { readonly to: 'own' }
  | { readonly to: 'eat' };

export interface GateAnswer {
  readonly id: string;
  readonly lead: Lead;
  /** The making goes on after it; else the same question is asked again. */
  readonly passes: boolean;
  /** What the worksheet holds to be so. */
  readonly expected: boolean;
}

/** What the household's own bench brings to its gates. */
export interface AtGate {
  readonly sheet: Worksheet;
  /** The style is meant to be poured hot. */
  readonly pouredHot: boolean;
  /** Salt was weighed out: then the scale is believed before the tongue. */
  readonly saltWeighed: boolean;
  /** Names of jars, one more of which would take what is left. */
  readonly oneMore: readonly string[];
}

/** Every answer of every gate, and whether the making goes on after it; else the question is asked again. */
export const GATE_ANSWERS = {
  fresh: { sound: true, cull: false, second: false },
  juice: { covered: true, soon: false, dry: true },
  taste: { bland: true, soup: true, salty: true, sea: true },
  rinse: { measured: true, bland: true, salty: false },
  cold: { cold: true, warm: false, hot: true },
  glue: { cold: true, warm: false, none: true },
  room: { fits: true, larger: false, own: false, eat: false },
  covered: { over: true, short: true, floats: false }
} as const satisfies Record<GateId, Readonly<Record<string, boolean>>>;
export type AnswerOf<G extends GateId> = keyof (typeof GATE_ANSWERS)[G] & string;
/** Every answer with its gate, as words know it. Example: `juice.dry`. */
export type GateSays = { [G in GateId]: `${G}.${AnswerOf<G>}` }[GateId];

/** Whether the making goes on after an answer; undefined: the gate knows no such answer. */
export const passesGate = (gate: GateId, answer: string): boolean | undefined => {
  const of: Readonly<Record<string, boolean>> = GATE_ANSWERS[gate];
  return Object.hasOwn(of, answer) ? of[answer] : undefined;
};

/** The answers that a gate may be given here, each with what it leads to. Common practice, no source. */
export function gateAnswers(gate: GateId, at: AtGate): GateAnswer[] {
  return Object.keys(GATE_ANSWERS[gate]).flatMap((id) => {
    const lead = leadOf(`${gate}.${id}` as GateSays, at);
    return lead === null
      ? []
      : [
          {
            ...{ id, lead, passes: passesGate(gate, id) === true },
            expected:
              gate === 'taste'
                ? fits(
                    TASTE_WORDS.find((t) => t.id === id)!,
                    at.sheet
                  )
                : EXPECTED.has(id)
          }
        ];
  });
}

const EXPECTED: ReadonlySet<string> = new Set(['sound', 'covered', 'measured', 'cold', 'fits', 'over']);

/** What one answer leads to; null: it is not given here. */
function leadOf(said: GateSays, at: AtGate): Lead | null {
  switch (said) {
    case 'fresh.cull':
    case 'fresh.second':
      return { to: 'sort' };
    case 'juice.soon':
      return { to: 'wait', minutes: 30 };
    case 'cold.warm':
    case 'glue.warm':
      return { to: 'wait', minutes: 20 };
    case 'juice.dry':
    case 'covered.short':
      return brineFor(at.sheet);
    case 'covered.floats':
      return { to: 'press' };
    case 'rinse.bland':
      return { to: 'salt', g: at.sheet.salt.weighG };
    case 'rinse.salty':
      return { to: 'rinse' };
    case 'cold.hot':
      return at.pouredHot ? { to: 'careful' } : null;
    case 'room.larger':
      return at.oneMore.length > 0 ? { to: 'jars', names: at.oneMore } : null;
    case 'room.own':
      return { to: 'own' };
    case 'room.eat':
      return { to: 'eat' };
    default:
      return said.startsWith('taste.')
        ? tasteLead(
            TASTE_WORDS.find((t) => `taste.${t.id}` === said)!,
            at
          )
        : { to: 'on' };
  }
}

/** What is left of the brine, then brine as strong as the batch settles: that changes nothing but the level. */
function brineFor({ juice, ends, brine, saltKindId }: Worksheet): Lead {
  const strength = ends.equilibrium;
  const perLitre = (1000 * strength) / (1 - strength) / (saltKind(saltKindId)?.purity ?? 1);
  const spare = brine?.reserveMl ?? 0;
  return {
    ...{ to: 'brine', strength, saltPerLitreG: juice?.saltPerLitreG ?? perLitre },
    spareMl: spare > LEAST_SPARE_ML ? spare : null
  };
}
const LEAST_SPARE_ML = 5;

/** The tongue is out by a quarter or so: what lies within that of where it settles is as it should be. */
const fits = ({ salinity }: TasteWord, sheet: Worksheet): boolean =>
  Math.abs(sheet.ends.equilibrium - salinity.mean) <= 1.645 * salinity.sd;

/** What a taste of the juice leads to: nothing, salt that is still wanting, or unsalted leaf. */
function tasteLead(taste: TasteWord, { sheet, saltWeighed }: AtGate): Lead {
  const target = sheet.ends.equilibrium;
  const kind = saltKind(sheet.saltKindId);
  if (!kind || fits(taste, sheet)) return { to: 'on' };
  const naclG = sheet.salt.naclG;
  const waterG = (naclG * (1 - target)) / target;
  const tasted = taste.salinity.mean;
  if (tasted < target)
    return saltWeighed
      ? { to: 'on' }
      : { to: 'salt', g: (naclG - (waterG * tasted) / (1 - tasted)) / kind.purity };
  const made = bowlTooSalty(
    (waterG * tasted) / (1 - tasted),
    waterG,
    as.equilibriumSalinity(target),
    waterG / sheet.packedG
  );
  return made.ok ? { to: 'leaf', g: made.value.addVegG, settles: made.value.after.salinity } : { to: 'on' };
}

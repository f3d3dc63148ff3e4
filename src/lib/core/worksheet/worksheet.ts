import { crop } from '../produce/index';
import { as } from '../quantity/index';
import { done, refuse, type Outcome } from '../refusal/index';
import {
  asMeasured,
  saturation,
  scaleAdvice,
  saltKind,
  saltyIngredient,
  spoonsFor,
  strengthByWater,
  weighOut,
  type RinsedLeaf,
  type SaltKind
} from '../salt/index';
import { saltings, styleIn, type Salting, type Style } from '../style/index';
import { bagBrine, fillWithBrine, WATER_C, type Filled } from './brined';
import { cautionsFor } from './cautions';
import { saltEnds } from './ends';
import type { JarToFill } from './jars';
import { afterRinse, goingIn, type GoingIn } from './prepare';
import { leastAtOnce, saltParts } from './salt-parts';
import { fillWithShreds, shredsAnswer } from './shredded';
import { jarsTaken, type JarsTaken } from './taken';
import type { WorksheetInput } from './types';
import type { BagBrine, ExtraIn, RinseAnswer, SaltAnswer, SaltEnds, Worksheet } from './answers';
import { workings, type Facts } from './working';

/**
 * The main job: prepared vegetables, a style, the free jars and a dose give jars by size, brine to mix, grams of the
 * household's salt, a card per jar, where the salt ends up, cautions, and the working of every number.
 *
 * Inside all is g, ml, mm, °C and fractions. Refuses an unknown style, salt or crop, nothing on the bench, no room in
 * any free jar, a dose per water where no water is added, and a brine beyond saturation.
 * Formulas: mass balance; see `salt/`, `vessel/`. Example: 1020 g gherkins in a half-gallon (1855 ml) for 3 % take
 * 792.5 ml of 6.52 % brine, 53.98 g of pure salt in the jar.
 */
export function worksheet(input: WorksheetInput): Outcome<Worksheet> {
  const asked = askedFor(input);
  if (!asked.ok) return asked;
  const { s, kind, salting } = asked.value;
  const fresh = goingIn(input, s);
  const rinsed = afterRinse(fresh, s, salting, input);
  const going = rinsed?.going ?? fresh;
  if (!(going.prepared.mean > 0)) return refuse('bench-empty', { field: 'items' });
  const taken = jarsTaken(going, salting, input);
  if (!taken.ok) return taken;
  const { sizes, chosen, idle, share, jars } = taken.value;
  const fill = filledSafely(going, share, jars, input, asked.value);
  if (!fill.ok) return fill;
  const { filled, ends } = fill.value;
  const { cards, brine } = filled;
  const facts: Facts = {
    ...{ input, style: s, salting, going, share, cards, brine, kind, ends },
    ...{ needMl: going.needMl, roomMl: chosen.roomMl },
    rinse: rinsed ? rinseAnswer(rinsed.leaf, fresh, s, kind, input) : null,
    tooSaltyG: rinsed ? tooSalty(going, input.fraction).addG : 0,
    salt: saltAnswer(filled, kind, input),
    shreds: salting === 'brine' || input.side ? null : shredsAnswer(going, chosen, sizes, jars, idle)
  };
  return done(sheetOf(facts, taken.value, bagBrine(jars, ends.equilibrium, kind)));
}

/** All that was worked out, as it is answered. */
function sheetOf(facts: Facts, { fit, chosen }: JarsTaken, bags: BagBrine | null): Worksheet {
  const { input, style, salting, kind, going, share, brine, salt, rinse, shreds, ends } = facts;
  const { items, prepared } = going;
  return {
    version: 1,
    styleId: style.id,
    saltKindId: kind.id,
    jars: facts.cards,
    ...{ salting, items, prepared, chosen, brine, bags, salt, rinse, shreds, ends },
    sets: fit.sets,
    extras: extrasIn(input.extras),
    packedG: prepared.mean * share,
    leftG: prepared.mean * (1 - share),
    oneMore: share < 1 ? fit.oneMore : [],
    juice: salting === 'dry' ? juiceAdvice(ends, kind.purity) : null,
    cautions: cautionsFor(facts),
    working: workings(facts)
  };
}

/** A style, a salt and a way to salt, as the tables have them. */
interface Asked {
  readonly s: Style;
  readonly kind: SaltKind;
  readonly salting: Salting;
}

/** Finds what is named; refuses what no table has, and a dose of water where none is added. */
function askedFor(input: WorksheetInput): Outcome<Asked> {
  const s = styleIn(input.styleId, input.styles);
  const table = saltKind(input.saltKindId);
  const kind = table && asMeasured(table, input.ownSpoons);
  if (!s) return refuse('style-unknown', { field: 'styleId', values: { said: input.styleId } });
  if (!kind) return refuse('salt-unknown', { field: 'saltKindId', values: { said: input.saltKindId } });
  const strange = input.items.find((i) => !crop(i.cropId, input.crops));
  if (strange) return refuse('crop-unknown', { field: 'cropId', values: { said: strange.cropId } });
  const salting = input.salting ?? s.salting;
  if (!saltings(s).includes(salting))
    return refuse('salting-not-of-style', { field: 'salting', values: { style: s.name } });
  if (input.way === 'perWater' && salting !== 'brine') return refuse('no-water-to-dose', { field: 'way' });
  return done({ s, kind, salting });
}

/** The jars filled, and where their salt ends up; refuses what is too salty already, and more than water can hold. */
function filledSafely(
  going: GoingIn,
  share: number,
  jars: readonly JarToFill[],
  input: WorksheetInput,
  { kind, salting }: Asked
): Outcome<{ filled: Filled; ends: SaltEnds }> {
  const filled: Filled | undefined =
    salting === 'brine'
      ? fillWithBrine(going, share, jars, input, kind)
      : fillWithShreds(going, share, jars, input, kind, salting === 'rinsed');
  if (filled && (filled.naclInJarsG < 0 || filled.rubbedNaclG < 0))
    return refuse('brought-too-much', { field: 'extras', values: tooSalty(going, input.fraction) });
  const most = saturation(WATER_C);
  const beyond = () =>
    refuse('beyond-saturation', { field: 'fraction', values: { most: (most * 100).toFixed(1) } });
  if (!filled || (filled.brine && filled.brine.strength > most)) return beyond();
  const ends = saltEnds(going, share, filled, kind, input, salting === 'brine');
  return ends.equilibrium > most ? beyond() : done({ filled, ends });
}

/** What is weighed out: all of it, by spoons, part by part, and whether the scale can weigh the least of them. */
function saltAnswer(filled: Filled, kind: SaltKind, input: WorksheetInput): SaltAnswer {
  const savedG = filled.brine?.fromSaved.reduce((a, b) => a + b.naclG, 0) ?? 0;
  const naclG = filled.rubbedNaclG + (filled.brine?.naclG ?? 0);
  const weighG = weighOut(Math.max(0, naclG - savedG), kind);
  const parts = saltParts(filled, kind, input);
  const spoons = spoonsFor(weighG, kind, input.spoons);
  const scale = scaleAdvice(leastAtOnce(parts, filled), input.scaleStepG, kind, input.spoons);
  return { weighG, naclG, spoons, scale, parts };
}

function juiceAdvice(ends: SaltEnds, purity: number) {
  const strength = as.trueStrength(ends.equilibrium);
  return { withinHours: 24 as const, strength, saltPerLitreG: (strengthByWater(strength) * 998.2) / purity };
}

function extrasIn(extras: WorksheetInput['extras']): ExtraIn[] {
  return extras.flatMap((e) => {
    const s = saltyIngredient(e.id);
    return s
      ? [
          {
            id: s.id,
            name: s.name,
            g: e.g,
            naclG: e.g * s.nacl,
            drinksG: e.g * s.drinks,
            allergen: s.allergen
          }
        ]
      : [];
  });
}

/** The ingredients alone are too salty: how much unsalted vegetable would bring it back. */
function tooSalty(going: GoingIn, target: number): { broughtG: number; addG: number } {
  const moisture = going.vegWater.mean / going.prepared.mean;
  const waterG = (going.brought.naclG * (1 - target)) / target - going.brought.waterG - going.vegWater.mean;
  return {
    broughtG: Math.round(going.brought.naclG * 10) / 10,
    addG: Math.max(0, Math.round(waterG / moisture))
  };
}

/** The salt to strew before the rinse, and what the rinse left. */
function rinseAnswer(
  leaf: RinsedLeaf,
  fresh: GoingIn,
  s: Style,
  kind: SaltKind,
  input: WorksheetInput
): RinseAnswer {
  const heavySaltG = (input.heavyFraction ?? s.heavy?.fraction ?? 0) * fresh.prepared.mean;
  return {
    ...leaf,
    heavySaltG,
    heavySpoons: spoonsFor(heavySaltG, kind, input.spoons),
    weighed: input.rinsed?.afterG != null
  };
}

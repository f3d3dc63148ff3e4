import { spoonsFor, weighOut, type SaltKind } from '../salt/index';
import type { Filled } from './brined';
import type { WorksheetInput } from './types';
import type { SaltPart, Worksheet } from './answers';

/**
 * The salt by where it is weighed out: rubbed in, stirred into the brine, or into each jar; together they are all of it.
 * Example: 25 g rubbed in and 18 g for the brine that tops the jars up are two parts of 43 g.
 */
export function saltParts(filled: Filled, kind: SaltKind, input: Pick<WorksheetInput, 'spoons'>): SaltPart[] {
  const part = (where: SaltPart['where'], places: number, weighG: number): SaltPart[] =>
    weighG > 0 ? [{ where, places, weighG, spoons: spoonsFor(weighG / places, kind, input.spoons) }] : [];
  const jars = filled.brine?.mix === 'in the jar';
  return [
    ...part('bowl', 1, weighOut(Math.max(0, filled.rubbedNaclG), kind)),
    ...(filled.brine
      ? jars
        ? part('jar', filled.cards.filter((c) => c.brineMl > 0).length, filled.brine.saltG)
        : part('brine', 1, filled.brine.saltG)
      : [])
  ];
}

/** The least salt that goes on the scale at once, g: what its step is judged by. */
export function leastAtOnce(parts: readonly SaltPart[], filled: Filled): number {
  const each = filled.cards.filter((c) => c.brineMl > 0).map((c) => c.saltG);
  const all = parts.map((p) => (p.where === 'jar' ? Math.min(...each) : p.weighG));
  return all.length === 0 ? 0 : Math.min(...all);
}

/**
 * Salt that goes into each jar with its water, g, by jar number: all of a jar's salt where none is rubbed in, else the part of
 * the brine that tops it up. Empty where the brine is mixed in a jug.
 */
export function saltIntoJars({ salt, jars }: Worksheet): { readonly jar: number; readonly g: number }[] {
  const part = salt.parts.find((p) => p.where === 'jar');
  if (!part) return [];
  const rubbed = salt.parts.some((p) => p.where === 'bowl');
  const waterG = jars.reduce((a, j) => a + j.waterG, 0);
  return jars.flatMap((j, n) =>
    j.brineMl > 0 ? [{ jar: n + 1, g: rubbed ? (part.weighG * j.waterG) / waterG : j.saltG }] : []
  );
}

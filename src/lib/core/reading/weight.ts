import { done, refuse, type FieldName, type Outcome } from '../refusal/index';
import { readQuantity } from './quantity';
import type { Ways } from './ways';

/** More than this at once is a slip, g. */
export const MOST_G = 500_000;

/** A weight as it was said, with its spread where it was said widely ("about 2 kg"). */
export interface WeightSaid {
  readonly said: string;
  readonly g: number;
  readonly sd?: number;
}

/** Reads a weight as typed; a bare number is in the unit given, and refused without one. */
export function readWeight(text: string, field: FieldName, ways: Ways, unit?: string): Outcome<WeightSaid> {
  const read = readQuantity(text, { kind: 'mass', ...(unit ? { unit } : {}), system: ways.system });
  if (!read.ok) return refuse(read.refusal.code, { field, values: { ...read.refusal.values } });
  if (read.value.value <= 0) return refuse('weight-not-positive', { field });
  if (read.value.value > MOST_G) return refuse('weight-absurd', { field, values: { said: text } });
  const { value, sd } = read.value;
  return done({ said: text, g: value, ...(sd > 0 ? { sd } : {}) });
}

/** Net from "weight", or from gross and tare, each as typed. */
export function readWeighing(
  said: { weight: string; gross: string; tare: string; unit?: string },
  ways: Ways
): Outcome<WeightSaid> {
  if (said.gross === '' && said.tare === '') return readWeight(said.weight, 'weight', ways, said.unit);
  const gross = readWeight(said.gross, 'gross', ways, said.unit);
  if (!gross.ok) return gross;
  const tare = readWeight(said.tare, 'tare', ways, said.unit);
  if (!tare.ok) return tare;
  const g = gross.value.g - tare.value.g;
  if (g <= 0)
    return refuse('tare-too-heavy', { field: 'tare', values: { gross: said.gross, tare: said.tare } });
  return done({ said: `${said.gross} less ${said.tare}`, g });
}

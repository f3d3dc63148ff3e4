import { pieceWeights } from '$lib/core/produce';
import { together } from '$lib/core/quantity';
import { readDose, type Ways } from '$lib/core/reading';
import { asMeasured, doseFor, mustAsk, saltKind, type DoseReading, type DosingWay } from '$lib/core/salt';
import { worksheet, type Worksheet, type WorksheetInput } from '$lib/core/worksheet';
import { problem, type Problem } from '$lib/words';

/** One way to understand a said dose, with where it ends in these jars. */
export interface HeldReading {
  readonly reading: DoseReading;
  readonly way: DosingWay;
  readonly fraction: number;
  readonly ends: { readonly mean: number; readonly sd: number };
  /** g of the salt it names, for the whole batch, brine reserve included. */
  readonly saltG: number;
}

export interface HeldDose {
  readonly text: string;
  readonly readings: readonly HeldReading[];
  /** The readings end too far apart to guess. */
  readonly ask: boolean;
  readonly problem: Problem | null;
}

/** A dose as the household says it, held against the jars on the bench: every reading, where it ends, and its error. */
export function heldAgainst(text: string, input: WorksheetInput, sheet: Worksheet, ways: Ways): HeldDose {
  const table = saltKind(input.saltKindId);
  const kind = table && asMeasured(table, input.ownSpoons);
  if (!kind || text.trim() === '') return { text, readings: [], ask: false, problem: null };
  const read = readDose(text, { ...ways, kind });
  if (!read.ok) return { text, readings: [], ask: false, problem: problem(read.refusal) };
  const target = {
    vegG: sheet.packedG,
    jars: sheet.jars.length,
    roomMl: sheet.jars.reduce((a, j) => a + j.usableMl, 0),
    pieceG: pieceWeights(sheet.items[0]?.crop)
  };
  const readings = read.value.flatMap((reading): HeldReading[] => {
    const dose = doseFor(reading, target);
    const made =
      dose && worksheet({ ...input, ...dose, counts: sheet.chosen.counts, saltKindId: reading.kind.id });
    if (!dose || !made?.ok) return [];
    const mean = made.value.ends.equilibrium;
    const sd = together(made.value.ends.equilibriumSd, mean * Math.log(reading.gsd));
    return [{ reading, ...dose, ends: { mean, sd }, saltG: made.value.salt.weighG }];
  });
  const none = readings.length === 0 ? problem({ code: 'dose-means-nothing', values: { said: text } }) : null;
  return { text, readings, ask: mustAsk(readings.map((r) => r.ends.mean)), problem: none };
}

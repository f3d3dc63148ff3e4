import { z } from 'zod';
import { GATES, GIVEN_UP, OBJECTS } from '../core/run';
import {
  bench,
  commandId,
  few,
  id,
  jsonField,
  maybeWeightText,
  no,
  shortText,
  ticked,
  whole
} from './common';

const runId = id;

/** A making begun on a bench. */
export const beginMakingSchema = z.object({ commandId, bench, name: shortText, styleId: id });

/** A pick gets a making beside one that is under way, in its style and with its salt. */
export const beginBesideSchema = z.object({ commandId, runId, lotId: id, name: shortText });

/** A step done. */
export const doStepSchema = z.object({ commandId, runId, step: id });

/** A step left out, and why. */
export const skipStepSchema = z.object({ commandId, runId, step: id, why: shortText });

/** A gate answered. */
export const answerGateSchema = z.object({
  commandId,
  runId,
  gate: z.enum(GATES, no('not-a-choice')),
  answer: id
});

/** Of the kit list, something that is there. */
export const tickKitSchema = z.object({ commandId, runId, thing: id, on: ticked });

const few9 = whole(0, 99);
/** What lies in each jar, by its number, and has to come out again. */
export const putInSchema = z.object({
  commandId,
  runId,
  objects: jsonField(
    few(
      z.record(
        z.string().regex(/^j\d{1,2}$/, no('id-strange')),
        z.partialRecord(z.enum(OBJECTS, no('not-a-choice')), few9)
      )
    ).refine((jars) => Object.keys(jars).length > 0, no('no-jar-named'))
  )
});

/** The layers of a jar from the floor up. */
export const layJarSchema = z.object({
  commandId,
  runId,
  layers: jsonField(
    z
      .array(z.string().max(100, no('too-long')), { error: no('missing') })
      .min(1, no('missing'))
      .max(40, no('too-many'))
  )
});

/** Put off for so many minutes; 0: it goes on. */
export const putOffSchema = z.object({ commandId, runId, minutes: whole(0, 7 * 1440) });

/** Given up: what becomes of the produce. */
export const giveUpSchema = z.object({
  commandId,
  runId,
  how: z.enum(GIVEN_UP, no('not-a-choice')),
  /** Salt that went with it, as typed; empty: none. */
  saltKindId: z.union([id, z.literal('')]).default(''),
  amount: maybeWeightText
});

import { z } from 'zod';
import { number, no } from './common';

/** What can be done to a scale: its keys, and with a stand-in everything else. */
export const scaleActSchema = z.discriminatedUnion(
  'do',
  [
    z.object({ do: z.literal('tare') }),
    z.object({ do: z.literal('unit') }),
    z.object({ do: z.literal('on') }),
    z.object({ do: z.literal('off') }),
    z.object({ do: z.literal('empty') }),
    z.object({ do: z.literal('put'), g: number(-50_000, 50_000, 'weight-absurd') }),
    z.object({ do: z.literal('plug'), connected: z.boolean(no('not-a-choice')) })
  ],
  { error: no('not-a-choice') }
);

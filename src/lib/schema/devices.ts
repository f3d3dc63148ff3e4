import { z } from 'zod';
import { id, number, no } from './common';

const plug = z.object({ do: z.literal('plug'), connected: z.boolean(no('not-a-choice')) });

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
    plug
  ],
  { error: no('not-a-choice') }
);

/** What can be done to a stand-in meter. */
export const meterActSchema = z.discriminatedUnion(
  'do',
  [
    z.object({
      do: z.literal('dip'),
      pH: number(0, 14, 'ph-out-of-range'),
      tempC: number(-5, 45, 'temp-out-of-range')
    }),
    z.object({ do: z.literal('out') }),
    plug
  ],
  { error: no('not-a-choice') }
);

/** What can be done to stand-in thermometers: a place is made so much warmer or colder than it would be. */
export const thermometerActSchema = z.discriminatedUnion(
  'do',
  [z.object({ do: z.literal('spell'), placeId: id, byC: number(-20, 20, 'temp-out-of-range') }), plug],
  { error: no('not-a-choice') }
);

import { z } from 'zod';
import type { Worksheet } from '../core/worksheet';
import type { RefusalCode } from '../core/refusal';
import { benchDraftSchema, draftChangeSchema, worksheetSchema } from './bench';
import { WORKSHEET } from './commands/command';
import { stepClockSchema } from './household';
import { meterActSchema, scaleActSchema, thermometerActSchema } from './devices';

interface AsideSpec {
  readonly input: z.ZodType;
  readonly answer: z.ZodType;
  readonly refuses: readonly RefusalCode[];
}

/** What is asked or told that no log keeps. */
export const ASIDES = {
  worksheet: { input: worksheetSchema, answer: z.custom<Worksheet>(), refuses: WORKSHEET },
  'bench-draft': { input: draftChangeSchema, answer: benchDraftSchema, refuses: [] },
  'step-clock': {
    input: stepClockSchema,
    answer: z.object({ now: z.number() }),
    refuses: ['clock-is-real', 'nothing-due', 'nothing-rings']
  },
  scale: {
    input: scaleActSchema,
    answer: z.object({ lost: z.boolean() }),
    refuses: ['no-scale', 'scale-is-real', 'too-many-listen']
  },
  meter: {
    input: meterActSchema,
    answer: z.object({ lost: z.boolean() }),
    refuses: ['no-meter', 'meter-is-real', 'too-many-listen']
  },
  thermometers: {
    input: thermometerActSchema,
    answer: z.object({ lost: z.boolean() }),
    refuses: ['no-thermometer', 'thermometer-is-real', 'too-many-listen']
  }
} as const satisfies Record<string, AsideSpec>;

export type AsideName = keyof typeof ASIDES;
export type Aside<N extends AsideName> = z.input<(typeof ASIDES)[N]['input']>;
export type AsideAnswer<N extends AsideName> = z.output<(typeof ASIDES)[N]['answer']>;

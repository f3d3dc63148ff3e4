import { z } from 'zod';
import { writeMass, writeVolume } from '../../core/quantity';
import { keepBrineSchema, takeBrineSchema } from '../batch';
import { addPickSchema, startBatchSchema } from '../bench';
import {
  correctPickSchema,
  endPickSchema,
  putBackSchema,
  sortPickSchema,
  takeToBenchSchema,
  weighInSchema,
  weighPreparedSchema
} from '../lot';
import {
  changeRecipeSchema,
  retireRecipeSchema,
  settleWishSchema,
  wishNextSchema,
  writeRecipeSchema
} from '../recipe';
import { ofPick, ofBatch, ofRecipe, ofBrine } from './answers';
import { AMOUNT, COUNT, WORKSHEET, command, type Command } from './command';
import { jarsSaid, listed } from '../../words';

/** From the basket to the started batch, with its brines and recipes. */
export const MAKING = {
  'weigh-in': command(
    weighInSchema,
    ofPick,
    [...AMOUNT, ...COUNT, 'crop-unknown', 'tare-too-heavy', 'day-ahead', 'day-long-ago', 'pieces-weight-far'],
    (a, u) => `Weighed in: ${a.name}, ${writeMass(a.g, u)}`
  ),
  'correct-pick': command(
    correctPickSchema,
    ofPick,
    [...AMOUNT, 'lot-unknown', 'less-than-used'],
    (a, u) => `Corrected: ${a.name}, ${writeMass(a.g, u)}`
  ),
  'end-pick': command(
    endPickSchema,
    ofPick,
    [...AMOUNT, 'lot-unknown', 'more-than-there-is', 'bench-empty'],
    (a, u) => `${a.name}: ${writeMass(a.g, u)} written off the Garden`
  ),
  'take-to-bench': command(
    takeToBenchSchema,
    ofPick,
    [...AMOUNT, 'lot-unknown', 'more-than-there-is'],
    (a, u) => `${a.name}: ${writeMass(a.g, u)} on the bench`
  ),
  'put-back': command(
    putBackSchema,
    ofPick,
    ['lot-unknown', 'bench-empty'],
    (a) => `${a.name} is back in the Garden`
  ),
  'weigh-prepared': command(
    weighPreparedSchema,
    ofPick,
    [...AMOUNT, ...COUNT, 'lot-unknown', 'bench-empty', 'more-than-there-is'],
    (a, u) => (a.g ? `${a.name}: ${writeMass(a.g, u)} prepared` : `${a.name}: weighing taken back`)
  ),
  'sort-pick': command(
    sortPickSchema,
    ofPick.extend({ offcutsG: z.number(), offcutsId: z.string().nullable() }),
    [...AMOUNT, 'lot-unknown', 'bench-empty', 'sorted-too-much'],
    (a, u) =>
      `${a.name}: sorted${a.g ? `, ${writeMass(a.g, u)} prepared` : ''}${a.offcutsG ? `; ${writeMass(a.offcutsG, u)} of off-cuts wait in the Garden` : ''}`
  ),
  'start-batch': command(
    startBatchSchema,
    ofBatch,
    [...WORKSHEET, 'bench-changed', 'not-a-counter', 'recipe-unknown', 'harm-not-read', 'no-brine-here'],
    (a) => `Started: ${a.name}. Write ${listed(a.lidNumbers)} on the lid${a.lidNumbers.length > 1 ? 's' : ''}`
  ),
  'add-pick': command(
    addPickSchema,
    ofBatch.extend({ saltG: z.number(), drawOffMl: z.number() }),
    [
      'batch-unknown',
      'jar-unknown',
      'jar-empty',
      'jar-heated',
      'bench-empty',
      'weigh-prepared-first',
      'salt-not-known',
      'crock-full',
      'salt-unknown'
    ],
    (a, u) => `Added to ${jarsSaid(a.lidNumbers)}, with ${writeMass(a.saltG, u)} salt`
  ),
  'keep-brine': command(
    keepBrineSchema,
    ofBrine,
    [...AMOUNT, 'batch-unknown', 'jar-unknown', 'jar-empty', 'jar-heated', 'more-than-there-is'],
    (a, u) => `Kept: ${a.name}, ${writeVolume(a.ml, u)}`
  ),
  'take-brine': command(
    takeBrineSchema,
    ofBrine,
    [...AMOUNT, 'brine-unknown', 'more-brine-than-there'],
    (a, u) => `${a.name}: ${writeVolume(a.ml, u)} less`
  ),
  'write-recipe': command(
    writeRecipeSchema,
    ofRecipe,
    ['style-unknown', 'recipe-unknown'],
    (a) => `Written down: ${a.name}`
  ),
  'change-recipe': command(
    changeRecipeSchema,
    ofRecipe,
    ['recipe-unknown', 'recipe-unchanged', 'style-unknown'],
    (a) => `${a.name}: version ${a.version}`
  ),
  'wish-next': command(
    wishNextSchema,
    ofRecipe,
    ['recipe-unknown', 'line-unknown', 'batch-unknown'],
    (a) => `Noted for next time: ${a.name}`
  ),
  'settle-wish': command(
    settleWishSchema,
    ofRecipe,
    ['recipe-unknown', 'line-unknown'],
    (a) => `${a.name}: settled`
  ),
  'retire-recipe': command(
    retireRecipeSchema,
    ofRecipe,
    ['recipe-unknown', 'recipe-unchanged'],
    (a) => `${a.name}: noted`
  )
} as const satisfies Record<string, Command>;

import { z } from 'zod';
import { writeMass, writePercent } from '../../core/quantity';
import {
  careSchema,
  correctPHSchema,
  correctPortionSchema,
  correctTasteSchema,
  enterStandingSchema,
  goneSchema,
  measurePHSchema,
  titrateSchema,
  addPhotoSchema,
  deletePhotoSchema,
  putRightSchema,
  seeGasSchema,
  seeSignSchema,
  sourSauceSchema,
  takeBackSignSchema,
  takePortionSchema,
  tasteSchema,
  visitSchema
} from '../batch';
import { ofBatch } from './answers';
import { AMOUNT, DOSE, command, type Command } from './command';
import { isDiscard } from '../../core/safety';
import { jarsSaid, listed } from '../../words';

/** What is done with jars that stand. */
export const JARS = {
  'put-right': command(
    putRightSchema,
    ofBatch.extend({ ends: z.number() }),
    [
      ...AMOUNT,
      ...DOSE,
      'batch-unknown',
      'jar-unknown',
      'jar-empty',
      'jar-heated',
      'salt-unknown',
      'salt-not-known',
      'more-lost-than-held',
      'not-too-salty',
      'not-too-weak',
      'too-little-free-brine',
      'more-than-fits',
      'strength-of-what',
      'strength-unclear',
      'crop-unknown'
    ],
    (a) => `Put right: ${jarsSaid(a.lidNumbers)}. Write ${writePercent(a.ends)} on the lid`
  ),
  'sour-sauce': command(
    sourSauceSchema,
    ofBatch,
    [
      ...AMOUNT,
      'batch-unknown',
      'jar-unknown',
      'jar-empty',
      'jar-heated',
      'no-sauce',
      'sour-enough',
      'ph-wanted-strange'
    ],
    (a) => `${a.name}: noted. Stir, wait, measure again`
  ),
  care: command(
    careSchema,
    ofBatch,
    ['batch-unknown', 'jar-unknown', 'jar-empty', 'already-answered', 'done-before-it'],
    (a) => `Noted for ${jarsSaid(a.lidNumbers)}`
  ),
  visit: command(
    visitSchema,
    z.object({ lidNumbers: z.array(z.number()).readonly() }),
    [
      ...['batch-unknown', 'jar-unknown', 'jar-empty', 'already-answered', 'discard-first'],
      ...['done-before-it', 'meter-not-calibrated', 'calibration-old']
    ] as const,
    (a) => `Noted for ${jarsSaid(a.lidNumbers)}`
  ),
  taste: command(
    tasteSchema,
    ofBatch,
    ['batch-unknown', 'jar-unknown', 'jar-empty', 'discard-first', 'done-before-it'],
    (a) => `Taste noted for ${a.name}`
  ),
  'correct-taste': command(
    correctTasteSchema,
    ofBatch,
    ['batch-unknown', 'taste-unknown'],
    () => 'Taste corrected'
  ),
  ph: command(
    measurePHSchema,
    ofBatch,
    [
      'batch-unknown',
      'jar-unknown',
      'jar-empty',
      'done-before-it',
      'meter-not-calibrated',
      'calibration-old'
    ],
    (a) => `pH noted for ${a.name}`
  ),
  'add-photo': command(
    addPhotoSchema,
    ofBatch,
    ['batch-unknown', 'jar-unknown', 'jar-empty', 'done-before-it'],
    (a) => `Photo kept of ${a.name}`
  ),
  'delete-photo': command(
    deletePhotoSchema,
    ofBatch,
    ['batch-unknown', 'photo-unknown', 'done-before-it'],
    () => 'Photo deleted for good'
  ),
  titrate: command(
    titrateSchema,
    ofBatch,
    ['batch-unknown', 'jar-unknown', 'jar-empty', 'done-before-it', 'acid-strange', 'titration-out-of-range'],
    (a) => `Acid noted for ${a.name}`
  ),
  'correct-ph': command(
    correctPHSchema,
    ofBatch,
    ['batch-unknown', 'reading-unknown'],
    () => 'Reading corrected'
  ),
  'see-gas': command(
    seeGasSchema,
    ofBatch,
    ['batch-unknown', 'jar-unknown', 'jar-empty', 'done-before-it'],
    (a) => `Gas noted for ${a.name}`
  ),
  'see-sign': command(
    seeSignSchema,
    ofBatch.extend({ sign: z.string() }),
    ['batch-unknown', 'jar-unknown', 'jar-empty', 'sign-unknown', 'done-before-it'],
    (a) =>
      isDiscard(a.sign)
        ? `Throw away ${jarsSaid(a.lidNumbers)}: do not taste`
        : `Noted for ${jarsSaid(a.lidNumbers)}`
  ),
  'take-back-sign': command(
    takeBackSignSchema,
    ofBatch,
    ['batch-unknown', 'sign-unknown'],
    () => 'Taken back'
  ),
  portion: command(
    takePortionSchema,
    ofBatch,
    [
      ...AMOUNT,
      'batch-unknown',
      'jar-unknown',
      'jar-empty',
      'jar-heated',
      'discard-first',
      'changed-meanwhile',
      'more-than-there-is',
      'reason-wanted',
      'done-before-it'
    ],
    (a, u) => `Jar ${listed(a.lidNumbers)}: ${writeMass(a.g ?? 0, u)} less`
  ),
  gone: command(
    goneSchema,
    ofBatch,
    [
      'batch-unknown',
      'jar-unknown',
      'jar-empty',
      'discard-first',
      'reason-wanted',
      'done-before-it',
      'more-than-there-is',
      'changed-meanwhile',
      ...AMOUNT
    ],
    (a) => `Gone: ${jarsSaid(a.lidNumbers)}`
  ),
  'correct-portion': command(
    correctPortionSchema,
    ofBatch,
    [...AMOUNT, 'batch-unknown', 'portion-unknown', 'more-than-there-is'],
    () => 'Corrected'
  ),
  'enter-standing': command(
    enterStandingSchema,
    ofBatch,
    [
      'style-unknown',
      'crop-unknown',
      'jar-kind-unknown',
      'place-unknown',
      'raw-not-pantry',
      'day-ahead',
      'day-long-ago',
      'jars-not-free'
    ],
    (a) => `Entered: ${a.name}. Write ${listed(a.lidNumbers)} on the lids`
  )
} as const satisfies Record<string, Command>;

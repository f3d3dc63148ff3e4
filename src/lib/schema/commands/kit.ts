import { z } from 'zod';
import { writeMass, writeTemperature } from '../../core/quantity';
import { dropFeastSchema, planFeastSchema } from '../feasts';
import {
  breakJarSchema,
  calibrateMeterSchema,
  dropAwaySchema,
  dropCropSchema,
  dropStyleSchema,
  measureJarSchema,
  ownJarsSchema,
  planAwaySchema,
  resetLearningSchema,
  setCropSchema,
  setStyleSchema,
  readThermometerSchema,
  setPlaceSchema,
  takePlaceSchema,
  setPortionSchema,
  setTareSchema,
  settleSchema,
  setWeightSchema,
  shapeJarSchema,
  undoSchema,
  washJarsSchema,
  weighSpoonSchema
} from '../household';
import { named, owned } from './answers';
import { AMOUNT, command, type Command } from './command';

/** The household, what it owns, and taking back. */
export const KIT = {
  settle: command(
    settleSchema,
    named.extend({ owned: z.number().optional() }),
    ['salt-unknown', 'jar-shape-unknown', 'address-strange'],
    (a) =>
      a.owned === undefined
        ? 'Settings saved'
        : `Saved: ${a.owned} jar${a.owned === 1 ? '' : 's'}, the units and who eats`
  ),
  'own-jars': command(
    ownJarsSchema,
    owned,
    ['jar-shape-unknown', 'jars-in-use'],
    (a) => `${a.name}: ${a.owned} owned`
  ),
  'measure-jar': command(
    measureJarSchema,
    named,
    [...AMOUNT, 'jar-kind-unknown', 'jar-volume-strange', 'headspace-too-much', 'weight-unknown'],
    (a) => `${a.name}: measured`
  ),
  'shape-jar': command(
    shapeJarSchema,
    owned,
    [...AMOUNT, 'jar-measures-strange', 'jar-volume-strange', 'name-taken'],
    (a) => `${a.name}: measured and added`
  ),
  'set-weight': command(setWeightSchema, named, ['name-taken', 'weight-unknown'], (a) => `${a.name} noted`),
  'plan-away': command(
    planAwaySchema,
    z.object({ from: z.string(), to: z.string() }),
    ['away-backwards'],
    () => 'Noted: away then'
  ),
  'drop-away': command(dropAwaySchema, named, ['away-unknown'], () => 'Not away after all'),
  'plan-feast': command(
    planFeastSchema,
    z.object({ from: z.string(), to: z.string(), people: z.number() }),
    ['feast-backwards'],
    (a) => `Noted: ${a.people} eat then`
  ),
  'drop-feast': command(dropFeastSchema, named, ['feast-unknown'], () => 'As many as usual after all'),
  'break-jar': command(
    breakJarSchema,
    owned,
    ['jar-kind-unknown', 'jar-unknown', 'jar-empty', 'broke-which', 'jars-in-use'],
    (a) => `${a.name}: ${a.owned} left`
  ),
  'wash-jars': command(
    washJarsSchema,
    z.object({ jars: z.number() }),
    ['jar-kind-unknown', 'nothing-to-wash'],
    (a) => `${a.jars} jar${a.jars === 1 ? '' : 's'} washed`
  ),
  'set-place': command(
    setPlaceSchema,
    named,
    ['name-taken', 'place-unknown', 'place-in-use'],
    (a) => `${a.name} noted`
  ),
  'read-thermometer': command(
    readThermometerSchema,
    named.extend({ tempC: z.number() }),
    ['place-unknown'],
    (a, u) => `${a.name}: ${writeTemperature(a.tempC, u)} noted`
  ),
  'calibrate-meter': command(
    calibrateMeterSchema,
    z.object({ percent: z.number() }),
    ['buffers-swapped', 'buffers-strange', 'electrode-off'],
    (a) => `Calibrated: ${a.percent} % of the ideal slope`
  ),
  'take-place': command(takePlaceSchema, named.extend({ by: z.string() }), ['place-unknown'], (a) =>
    a.by === '' ? `${a.name}: whoever comes by` : `${a.by} goes round: ${a.name}`
  ),
  'set-tare': command(
    setTareSchema,
    named.extend({ g: z.number() }),
    [...AMOUNT, 'name-taken'],
    (a, u) => `${a.name}: ${writeMass(a.g, u)} empty`
  ),
  'set-portion': command(setPortionSchema, named.extend({ g: z.number() }), AMOUNT, (a, u) =>
    a.g > 0 ? `${a.name}: ${writeMass(a.g, u)}` : `${a.name}: no longer a portion`
  ),
  'weigh-spoon': command(
    weighSpoonSchema,
    named,
    [...AMOUNT, 'salt-unknown', 'spoon-strange'],
    (a) => `Your spoon of ${a.name.toLowerCase()} is noted`
  ),
  'set-crop': command(
    setCropSchema,
    named.extend({ cropId: z.string() }),
    [...AMOUNT, 'crop-unknown', 'name-taken', 'name-means-else'],
    (a) => `${a.name} noted`
  ),
  'drop-crop': command(dropCropSchema, named, ['crop-unknown'], (a) => `${a.name}: as the table has it`),
  'set-style': command(
    setStyleSchema,
    named.extend({ styleId: z.string() }),
    [...AMOUNT, 'style-unknown', 'name-taken', 'outside-style', 'cut-weight-strange'],
    (a) => `${a.name} noted`
  ),
  'drop-style': command(dropStyleSchema, named, ['style-unknown'], (a) => `${a.name}: no longer offered`),
  'reset-learning': command(resetLearningSchema, named, [], () => 'It begins anew from the table'),
  undo: command(
    undoSchema,
    z.object({ streams: z.number() }),
    ['nothing-to-undo', 'changed-since', 'gone-for-good'],
    () => 'Undone'
  )
} as const satisfies Record<string, Command>;

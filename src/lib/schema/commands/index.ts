import type { z } from 'zod';
import type { FieldName } from '../../core/refusal';
import { DOOR_COMMANDS } from './door';
import { JARS } from './jars';
import { MEALS } from './meals';
import { KIT } from './kit';
import { MAKING } from './making';
import { MOVES } from './moves';
import { RUN } from './run';
import { SEASON } from './season';
import { SHOPPING } from './shopping';
import { SOWING } from './sowing';
import { STORED } from './stored';
import { TIMERS } from './timers';

export { ANY } from './command';
export { DOOR_COMMANDS };

/** The registry: everything a person does that the log keeps, by its name in forms, API and log. */
export const COMMANDS = {
  ...MAKING,
  ...RUN,
  ...JARS,
  ...STORED,
  ...MEALS,
  ...MOVES,
  ...KIT,
  ...SHOPPING,
  ...SOWING,
  ...SEASON,
  ...TIMERS
} as const;

export type CommandName = keyof typeof COMMANDS;
export type DoorCommandName = keyof typeof DOOR_COMMANDS;
/** Everything a form may send. */
export type FormName = CommandName | DoorCommandName;
type All = typeof COMMANDS & typeof DOOR_COMMANDS;
/** What a command takes, as a page or a program sends it. */
export type Sent<N extends FormName> = z.input<All[N]['input']>;
/** What its use case gets. */
export type Taken<N extends FormName> = z.output<All[N]['input']>;
export type Answer<N extends FormName> = z.output<All[N]['answer']>;
/** The fields that a refusal may be about. */
export type FieldOf<N extends FormName> = N extends FormName ? keyof Taken<N> & string : never;

/** A field that core's list of names lacks does not compile. */
type Known<F extends FieldName> = F;
export type AnyField = Known<FieldOf<FormName>>;

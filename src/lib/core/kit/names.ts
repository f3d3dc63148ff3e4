import { done, refuse, type Outcome } from '../refusal/index';

interface Named {
  readonly id: string;
  readonly name: string;
}

/** A name as it is compared: neither case, width nor spacing tells two names apart. */
const folded = (name: string): string => name.normalize('NFKC').toLowerCase().replace(/\s+/g, ' ').trim();

/** The one of this name; undefined where none is. Example: "kitchen  Counter" is the "Kitchen counter". */
export const ofThatName = <T extends Named>(all: readonly T[], name: string): T | undefined =>
  all.find((x) => folded(x.name) === folded(name));

/**
 * Which thing is meant: the one of the id, or a new one, whose identity comes from the command, never from its name. Refuses
 * `name-taken` where another has that name, and `command-taken` where another has that identity.
 */
export function identity(
  all: readonly Named[],
  said: { readonly id: string | undefined; readonly name: string; readonly command: string }
): Outcome<string> {
  const id = said.id ?? said.command;
  const same = ofThatName(all, said.name);
  if (same && same.id !== id) return refuse('name-taken', { field: 'name', values: { name: same.name } });
  if (said.id === undefined && all.some((x) => x.id === id))
    return refuse('command-taken', { field: 'commandId' });
  return done(id);
}

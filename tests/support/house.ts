import type { RefusalCode } from '$lib/core/refusal';
import { ANY, COMMANDS, type CommandName } from '$lib/schema/commands';
import { wall } from '$lib/core/calendar';
import { instantOf } from '$lib/server/clock';
import { openDatabase } from '$lib/server/db/open';
import { USE_CASES, type House } from '$lib/server/usecases';

export const ZONE = 'Europe/Dublin';

/** A house on a database in memory with a clock the test sets; `say` runs a use case with a fresh command. */
export interface TestHouse extends House {
  at(day: string, hour?: number, minute?: number): void;
  say(
    name: CommandName,
    input: Record<string, unknown>
  ): Promise<{ ok: true; value: never; commandId: string } | { ok: false; codes: string[] }>;
  events(): Promise<number>;
}

let commands = 0;

export async function testHouse(filename = ':memory:'): Promise<TestHouse> {
  const db = await openDatabase(filename);
  let now = instantOf(wall('2026-09-12', 8, 10), ZONE);
  const house: House = { db, zone: ZONE, clock: { now: () => now, elapsed: () => now, stepped: false } };
  return {
    ...house,
    at: (day, hour = 8, minute = 0) => (now = instantOf(wall(day, hour, minute), ZONE)),
    say: async (name, input) => {
      const commandId = (input.commandId as string | undefined) ?? `t${++commands}`;
      const r = await USE_CASES[name](house, { commandId, ...input });
      // A refusal that the registry does not declare is a hole in what programs are told.
      const declared: readonly RefusalCode[] = [...ANY, ...COMMANDS[name].refuses];
      for (const { code } of r.ok ? [] : r.refusals)
        if (!declared.includes(code)) throw new Error(`${name} may be refused for ${code}: declare it`);
      return r.ok
        ? { ok: true, value: r.value as never, commandId }
        : { ok: false, codes: r.refusals.map((x) => x.code) };
    },
    events: async () => Number((await db('event').count({ n: '*' }))[0]?.n)
  };
}

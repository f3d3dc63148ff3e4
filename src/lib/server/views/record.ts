import type { BatchEvent, KeptSheet } from '../../core/batch';
import { wallOf } from '../clock';
import { batches } from '../repos';
import type { House } from '../usecases';

/** One line of a batch's record. The start's worksheet stands apart. */
export interface RecordLine {
  readonly id: string;
  readonly at: number;
  readonly event: Exclude<BatchEvent, { type: 'started' | 'entered' }>;
  readonly command: string;
  /** Whose hand; null: nobody was asked. */
  readonly by: string | null;
}

/** Everything that was said about a batch, oldest first, and the worksheet it started from. */
export async function record(
  house: House,
  batchId: string
): Promise<{ lines: RecordLine[]; worksheet: KeptSheet | null; begun: number; by: string | null }> {
  const all = await batches.events(house.db, batchId);
  const first = all.find((e) => e.type === 'started');
  const by = await hands(house, batchId);
  const lines = all.flatMap((e): RecordLine[] => {
    if (e.type === 'started' || e.type === 'entered') return [];
    const { at, id, command, ...event } = e;
    return [{ id, at: wallOf(at, house.zone), event, command, by: by.get(command) ?? null }];
  });
  return {
    lines,
    worksheet: first?.type === 'started' ? first.data.worksheet : null,
    begun: wallOf(all[0]?.at ?? 0, house.zone),
    by: by.get(all[0]?.command ?? '') ?? null
  };
}

/** Who did what to a batch, by command; only what was done by somebody with a name. */
async function hands({ db }: House, batchId: string): Promise<Map<string, string>> {
  const said = db('event')
    .select('command')
    .where({ stream: `batch:${batchId}` });
  const rows = await db<{ id: string; who: string }>('command')
    .whereIn('id', said)
    .whereNotNull('who')
    .select('id', 'who');
  return new Map(rows.map((r) => [r.id, r.who]));
}

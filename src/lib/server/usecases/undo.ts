import { done, refuse, type Outcome } from '../../core/refusal';
import { undoSchema } from '../../schema/household';
import { appendTo } from '../db/log';
import { rebuildStream } from '../repos';
import { useCase } from './act';

interface Row {
  readonly seq: number;
  readonly id: string;
  readonly stream: string;
  readonly type: string;
  readonly command: string;
  readonly data: string;
}

/** What leaves other entries of its stream as they were: undoing it never pulls the ground from under a later one. */
const STANDS_ALONE = new Set([
  'cared',
  'tasted',
  'tasteCorrected',
  'measured',
  'pHCorrected',
  'signSeen',
  'signTakenBack',
  'portioned',
  'goodsUsed',
  'used'
]);
/** What does not build on earlier entries, and so does not stop them being undone. */
const BUILDS_ON_NOTHING = new Set([...STANDS_ALONE, 'goodsCounted']);

/**
 * Takes back everything one command said, by a new event in each stream it touched; the log keeps both.
 * Refused when something has been built on it since.
 */
export const undo = useCase(
  'undo',
  undoSchema,
  async (work, input): Promise<Outcome<{ streams: number }>> => {
    const said = (await work.trx('event').where({ command: input.of })) as Row[];
    const streams = [...new Set(said.map((e) => e.stream))];
    if (streams.length === 0 || said.every((e) => e.type === 'undone'))
      return refuse('nothing-to-undo', { field: 'of' });
    const first = Math.min(...said.map((e) => e.seq));
    for (const stream of streams) {
      // What was said before it cannot be built on it.
      const rows = (await work
        .trx('event')
        .where({ stream })
        .where('seq', '>=', first)
        .orderBy('n')) as Row[];
      const undone = new Set(
        rows.filter((r) => r.type === 'undone').map((r) => (JSON.parse(r.data) as { of: string }).of)
      );
      if (undone.has(input.of)) return refuse('nothing-to-undo', { field: 'of' });
      if (builtOn(rows, input.of, undone)) return refuse('changed-since', { field: 'of' });
    }
    for (const stream of streams) {
      const [last] = await work
        .trx<{ stream: string; n: number }>('event')
        .where({ stream })
        .orderBy('n', 'desc')
        .limit(1);
      const n = last?.n ?? 0;
      await appendTo(work.trx, stream, n, work.command, work.at, [
        { type: 'undone', data: { of: input.of } }
      ]);
      await rebuildStream(work.trx, stream, work.zone);
    }
    return done({ streams: streams.length });
  }
);

function builtOn(rows: readonly Row[], of: string, undone: ReadonlySet<string>): boolean {
  const mine = rows.filter((r) => r.command === of);
  const last = Math.max(...mine.map((r) => r.seq));
  const later = rows.filter((r) => r.seq > last && r.type !== 'undone' && !undone.has(r.command));
  const alone = mine.every((r) => STANDS_ALONE.has(r.type));
  if (alone) return later.some((r) => corrects(r, mine));
  return later.some(
    (r) =>
      !BUILDS_ON_NOTHING.has(r.type) ||
      mine.some((m) => m.type === 'started' || m.type === 'entered' || m.type === 'moved')
  );
}

/** A correction of one of mine would hang in the air. */
function corrects(r: Row, mine: readonly Row[]): boolean {
  if (!['tasteCorrected', 'portionCorrected', 'pHCorrected', 'signTakenBack'].includes(r.type)) return false;
  const of = (JSON.parse(r.data) as { of: string }).of;
  return mine.some((m) => m.id === of);
}

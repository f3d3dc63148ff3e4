import { builtOn, type Entry } from '../../core/history';
import { done, refuse } from '../../core/refusal';
import { appendTo } from '../db/log';
import { rebuildStream, undoPolicyOf } from '../repos';
import { dropPhoto } from '../repos/photos';
import { useCase } from './act';

interface Row {
  readonly seq: number;
  readonly n: number;
  readonly id: string;
  readonly stream: string;
  readonly type: string;
  readonly command: string;
  readonly data: string;
}

/**
 * Takes back everything one command said, by a new event in each stream it touched; the log keeps both.
 * Refused when something has been built on it since.
 */
export const undo = useCase('undo', async (work, input) => {
  const said = (await work.trx('event').where({ command: input.of })) as Row[];
  const streams = [...new Set(said.map((e) => e.stream))];
  if (streams.length === 0 || said.every((e) => e.type === 'undone'))
    return refuse('nothing-to-undo', { field: 'of' });
  const first = Math.min(...said.map((e) => e.seq));
  for (const stream of streams) {
    // What was said before it cannot be built on it.
    const rows = (await work.trx('event').where({ stream }).where('seq', '>=', first).orderBy('n')) as Row[];
    const undone = new Set(
      rows.filter((r) => r.type === 'undone').map((r) => (JSON.parse(r.data) as { of: string }).of)
    );
    const never = undoPolicyOf(stream).never ?? [];
    if (said.some((e) => never.includes(e.type))) return refuse('gone-for-good', { field: 'of' });
    if (undone.has(input.of)) return refuse('nothing-to-undo', { field: 'of' });
    if (standsIn(rows, input.of, undone)) return refuse('changed-since', { field: 'of' });
  }
  for (const stream of streams) {
    work.touched?.add(stream.split(':')[0] ?? '');
    const [last] = await work
      .trx<{ stream: string; n: number }>('event')
      .where({ stream })
      .orderBy('n', 'desc')
      .limit(1);
    const n = last?.n ?? 0;
    await appendTo(work.trx, stream, n, work.command, work.at, [{ type: 'undone', data: { of: input.of } }]);
    const since = Math.min(...said.filter((e) => e.stream === stream).map((e) => e.n));
    await rebuildStream(work.trx, stream, work.zone, since);
  }
  // A picture that was taken back is not kept either.
  for (const { id, type } of said) if (type === 'photoTaken') await dropPhoto(work.trx, id);
  return done({ streams: streams.length });
});

function standsIn(rows: readonly Row[], of: string, undone: ReadonlySet<string>): boolean {
  const mine = rows.filter((r) => r.command === of);
  const last = Math.max(...mine.map((r) => r.seq));
  const later = rows.filter((r) => r.seq > last && r.type !== 'undone' && !undone.has(r.command));
  return builtOn(undoPolicyOf(mine[0]?.stream ?? ''), mine.map(entry), later.map(entry));
}

const entry = ({ id, type, data }: Row): Entry => {
  const { of } = JSON.parse(data) as { of?: string };
  return { id, type, ...(of === undefined ? {} : { of }) };
};

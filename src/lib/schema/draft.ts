import type { z } from 'zod';
import type { BenchDraft, draftChangeSchema } from './bench';

type Changed = Omit<z.output<typeof draftChangeSchema>, 'bench'>;

/** The draft after a change, alike on both sides of the line; what was weighed and which targets were moved are merged thing by thing. */
export function changeDraft(draft: BenchDraft, change: Changed): BenchDraft {
  const kept = Object.entries(change.anew ? {} : draft).filter(
    ([key]) => !change.forget.includes(key as keyof BenchDraft)
  );
  const base = Object.fromEntries(kept) as BenchDraft;
  const merged = { ...base, ...change.set };
  if (base.weighed && change.set.weighed) merged.weighed = { ...base.weighed, ...change.set.weighed };
  if (base.filled && change.set.filled) merged.filled = { ...base.filled, ...change.set.filled };
  if (base.targets && change.set.targets) merged.targets = { ...base.targets, ...change.set.targets };
  return merged;
}

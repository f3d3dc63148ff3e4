import { portioned } from '../../core/larder';
import { done } from '../../core/refusal';
import { useCase } from './act';
import { onBatch } from './batches';

/** A meal from several jars: a part of each, all of them or none, and taken back as one. */
export const eatMeal = useCase('eat-meal', async (work, { name: reason, portions }) => {
  const lidNumbers: number[] = [];
  let g = 0;
  for (const { batchId, ...said } of portions) {
    const eaten = await onBatch(work, batchId, (b, around) =>
      portioned(b, { ...said, weight: '', how: 'eaten', reason }, around.ways, around)
    );
    if (!eaten.ok) return eaten;
    lidNumbers.push(...eaten.value.lidNumbers);
    g += eaten.value.g ?? 0;
  }
  return done({ lidNumbers: lidNumbers.sort((a, b) => a - b), g });
});

import { feastDropped, feastPlanned } from '../../core/kit';
import { inHouse } from './household';
import { useCase } from './act';

/** More or fewer than usual eat here on some days. */
export const planFeast = useCase('plan-feast', async (work, { from, to, people, name }) =>
  inHouse(
    work,
    () => feastPlanned({ from, to, people, name, command: work.command }),
    () => ({ from, to, people })
  )
);

/** It does not take place. */
export const dropFeast = useCase('drop-feast', async (work, { feastId }) =>
  inHouse(
    work,
    (ours) => feastDropped(ours, feastId),
    () => ({ name: '' })
  )
);

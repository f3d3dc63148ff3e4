import type { UsedUp } from '../pantry/index';
import type { Batch, BatchEvent } from './batch';

const none = (u: UsedUp): boolean => u.amount <= 0;
const jarLabels = (amount: number): UsedUp => ({ kind: 'label', amount });

/**
 * What an event uses up of the dry goods: spices and a label a jar at the start, a strip for a pH that was read off one,
 * vinegar and citric acid, sugar, labels for bottles, a fresh lid or ring for every jar that was heated. Salt is taken by
 * its kind where it is weighed.
 */
export function usesUp(b: Pick<Batch, 'fillings'>, event: BatchEvent): UsedUp[] {
  return used(b, event).filter((u) => !none(u));
}

function used(b: Pick<Batch, 'fillings'>, event: BatchEvent): UsedUp[] {
  switch (event.type) {
    case 'started': {
      const spices = event.data.worksheet.extras.map(({ name, g }): UsedUp => ({
        kind: 'spice',
        name,
        amount: g
      }));
      return [...spices, jarLabels(event.data.fillings.length)];
    }
    case 'decanted':
      return [jarLabels(1)];
    case 'measured':
      return event.data.by === 'strip' ? [{ kind: 'strip', amount: 1 }] : [];
    case 'soured':
      return [
        { kind: 'vinegar', amount: event.data.vinegarMl },
        { kind: 'other', name: 'citric', amount: event.data.citricG }
      ];
    case 'bottled':
      return [{ kind: 'sugar', amount: event.data.sweetG }, jarLabels(event.data.bottles.length)];
    case 'heated': {
      const jars = b.fillings.filter((f) => event.data.fillingIds.includes(f.id));
      const rings = jars.filter((f) => f.lid === 'clamped').length;
      return [
        { kind: 'ring', amount: rings },
        { kind: 'lid', amount: jars.length - rings }
      ];
    }
    default:
      return [];
  }
}

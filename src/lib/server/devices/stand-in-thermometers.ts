import type { WallMinute } from '../../core/calendar';
import { shownAt, wantsThermometer, type Place, type Spell } from '../../core/kit';
import { StandInLine } from './device';
import type { ThermometerDevice, Warmths } from './thermometers';

const LOOKS_EVERY_MS = 1000;

/** The simulated thermometers, one at each place where jars stand, on the house's own wall clock. */
export function standInThermometers(now: () => WallMinute): ThermometerDevice {
  let hung: readonly Place[] = [];
  let spells: readonly Spell[] = [];
  const line = new StandInLine<Warmths>(
    () => ({ tempC: Object.fromEntries(hung.map((p) => [p.id, shownAt(p, now(), spells)])) }),
    LOOKS_EVERY_MS
  );
  return {
    name: 'thermometers (stand-in)',
    get lost() {
      return line.lost;
    },
    listen: (hear) => line.listen(hear),
    close: () => line.close(),
    hang: (places) => {
      hung = places.filter(wantsThermometer);
    },
    remembered: (place, at) =>
      wantsThermometer(place) && !line.lost
        ? at.map((t) => ({ at: t, tempC: shownAt(place, t, spells) }))
        : [],
    play: {
      act: ({ placeId, byC }) => {
        spells = [...spells, { placeId, byC, from: now() }];
      },
      plug: (connected) => line.plug(connected)
    }
  };
}

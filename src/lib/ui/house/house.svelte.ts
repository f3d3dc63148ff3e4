import { getContext, setContext } from 'svelte';
import { cropsOf, NEW_HOUSEHOLD, waysOf, type Household } from '$lib/core/kit';
import type { WallMinute } from '$lib/core/calendar';
import { writeDegrees, writeHeight, writeMass, writeTemperature, writeVolume } from '$lib/core/quantity';
import { crop, cropName, type OwnCrops } from '$lib/core/produce';
import type { Ways } from '$lib/core/reading';

/** What every component may want to know of the household, kept live by the shell. */
export interface HouseView {
  readonly household: Household;
  readonly now: WallMinute;
  /** Who is signed in; empty where nobody is asked. */
  readonly hand: string;
}

const KEY = Symbol('house');

/** The shell hands the household down; a getter, so that it stays live. */
export function provideHouse(view: () => HouseView): void {
  setContext(KEY, view);
}

/** The household as it is now, with writers in its own units. */
export function useHouse() {
  const view =
    getContext<(() => HouseView) | undefined>(KEY) ??
    (() => ({ household: NEW_HOUSEHOLD, now: 0, hand: '' }));
  return {
    get household() {
      return view().household;
    },
    get now() {
      return view().now;
    },
    get hand() {
      return view().hand;
    },
    /** How amounts are said here: every reader wants it. */
    get ways(): Ways {
      return waysOf(view().household);
    },
    /** Its own crops, and the table's as it has corrected them. */
    get crops(): OwnCrops {
      return cropsOf(view().household);
    },
    crop: (id: string) => crop(id, cropsOf(view().household)),
    cropName: (id: string) => cropName(id, cropsOf(view().household)),
    temp: (tempC: number) => writeTemperature(tempC, view().household.units),
    degrees: (differenceC: number) => writeDegrees(differenceC, view().household.units),
    mass: (g: number) => writeMass(g, view().household.units),
    volume: (ml: number) => writeVolume(ml, view().household.units),
    height: (mm: number) => writeHeight(mm, view().household.units),
    placeName: (id: string) => view().household.places.find((p) => p.id === id)?.name ?? 'somewhere'
  };
}

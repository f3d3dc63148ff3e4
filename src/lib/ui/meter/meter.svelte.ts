import type { ElectrodeReading } from '$lib/core/instrument';
import { Line } from '../device/line.svelte';

export interface MeterThere {
  readonly name: string;
  readonly playable: boolean;
}

/** The pH meter as this page hears it. */
class Meter extends Line<MeterThere, ElectrodeReading, 'meter'> {
  /** What could be taken now: it stands still, and it is on the line. */
  readonly settled = $derived(!this.lost && this.reading?.settled ? this.reading : null);
}

export const meter = new Meter('meter');

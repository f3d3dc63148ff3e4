import { takenText, type ScaleReading } from '$lib/core/scale';
import { Line } from '../device/line.svelte';

export interface ScaleThere {
  readonly name: string;
  readonly stepG: number;
  readonly playable: boolean;
}

/** The kitchen scale as this page hears it. */
class Scale extends Line<ScaleThere, ScaleReading, 'scale'> {
  /** The panel to read it and to play with it. */
  open = $state(false);
  /** Dialogs that are open: the panel stands in the topmost, where hands can reach it. */
  dialogs = $state(0);

  /** What could be taken now: settled, on the line, and something there; less than nothing is a forgotten tare. */
  readonly settled = $derived(
    !this.lost && this.reading?.settled && (this.reading.g ?? 0) > 0 ? this.reading : null
  );

  /** The settled weight as it would be typed; undefined while it moves. */
  take(): string | undefined {
    return this.settled && this.there ? takenText(this.settled, this.there.stepG) : undefined;
  }
}

export const scale = new Scale('scale');

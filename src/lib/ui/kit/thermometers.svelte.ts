import { Line } from '../device/line.svelte';

export interface ThermometersThere {
  readonly name: string;
  readonly playable: boolean;
}

/** The thermometers of the house as this page hears them: °C by place. */
export const thermometers = new Line<
  ThermometersThere,
  { readonly tempC: Readonly<Record<string, number>> },
  'thermometers'
>('thermometers');

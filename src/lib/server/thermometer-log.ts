import { wallText, type WallMinute } from '../core/calendar';
import {
  hoursBetween,
  isWorthNoting,
  placeRead,
  wantsThermometer,
  type Place,
  type Reading
} from '../core/kit';
import { wallOf } from './clock';
import { household } from './repos';
import { USE_CASES, type House } from './usecases';

const LOOKS_EVERY_MS = 5 * 60_000;
/** What was remembered longer ago than so is left: minutes, as far back as the house takes what is said late. */
const REACHES_BACK = 59 * 1440;
/** As long as a command's name may be. */
const LONGEST_ID = 64;

/**
 * Notes what the thermometers remember, as a hand would: the same command, dated when it was read, only where it is news. It
 * looks every few minutes, when the demo's clock is stepped, and after a start for the time at which the house was shut.
 */
export class ThermometerLog {
  private timer: ReturnType<typeof setInterval> | undefined;
  private stopHearing = () => {};
  private under: Promise<void> = Promise.resolve();
  private stopped = false;

  constructor(
    private readonly house: House,
    private readonly failed: (error: unknown) => void
  ) {}

  start(): void {
    if (!this.house.thermometers) return;
    this.timer = setInterval(() => void this.look(), LOOKS_EVERY_MS);
    this.timer.unref();
    this.stopHearing =
      this.house.news?.hear((told) => {
        // A stepped clock, or a place that is new or said anew.
        if (told && told.kinds.some((k) => k === 'clock' || k === 'household')) void this.look();
      }) ?? this.stopHearing;
    void this.look();
  }

  /** One look after another; what fails is told, and is looked at again the next time. */
  look(): Promise<void> {
    this.under = this.under.then(() => this.noteAll()).catch(this.failed);
    return this.under;
  }

  async stop(): Promise<void> {
    this.stopped = true;
    clearInterval(this.timer);
    this.stopHearing();
    await this.under;
  }

  private async noteAll(): Promise<void> {
    const { thermometers, db, clock, zone } = this.house;
    if (!thermometers || this.stopped) return;
    const { places } = await household(db);
    thermometers.hang(places);
    const now = wallOf(clock.now(), zone);
    for (const place of places.filter(wantsThermometer))
      for (const reading of this.news(place, now)) {
        if (this.stopped) return;
        await this.note(place, reading);
      }
  }

  /** What it remembers that is worth noting, oldest first. */
  private news(place: Place, now: WallMinute): Reading[] {
    const last = place.read?.at(-1);
    const at = last ? hoursBetween(Math.max(last.at, now - REACHES_BACK), now) : [now];
    const out: Reading[] = [];
    let known = place;
    for (const reading of this.house.thermometers?.remembered(place, at) ?? []) {
      if (!isWorthNoting(known, reading)) continue;
      out.push(reading);
      known = placeRead(known, reading);
    }
    return out;
  }

  private async note(place: Place, { at, tempC }: Reading): Promise<void> {
    const noted = await USE_CASES['read-thermometer'](
      { ...this.house, hand: null },
      {
        ...{
          commandId: `thermometer.${at}.${place.id}`.slice(0, LONGEST_ID),
          placeId: place.id,
          tempC: String(tempC)
        },
        ...{ device: 'thermometers', doneAt: wallText(at) }
      }
    );
    if (!noted.ok) this.failed(noted.refusals);
  }
}

import { nanoid } from 'nanoid';
import { invalidateAll } from '$app/navigation';
import { SvelteMap } from 'svelte/reactivity';
import { crop, readCount, weightOfCount } from '$lib/core/produce';
import type { Learned } from '$lib/core/learn';
import type { Household, Place } from '$lib/core/kit';
import type { Lot } from '$lib/core/lot';
import { readQuantity } from '$lib/core/quantity';
import type { Outcome } from '$lib/core/refusal';
import type { DosingWay } from '$lib/core/salt';
import { style as styleOf, STYLES, usualSaltFor } from '$lib/core/style';
import {
  sheetQuestions,
  weightQuestions,
  worksheet,
  type Worksheet,
  type WorksheetInput,
  type WorksheetItem,
  type WorksheetJar
} from '$lib/core/worksheet';
import type { BenchDraft } from '$lib/schema/batch';
import { readExtras } from '$lib/schema/common';
import { problem } from '$lib/schema/words';

interface Data {
  readonly lots: readonly Lot[];
  readonly jars: readonly WorksheetJar[];
  readonly draft: BenchDraft;
  readonly trims: Readonly<Record<string, Learned>>;
}

const post = (thing: string, body: unknown) =>
  fetch(`/api/v1/${thing}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body)
  });

const SAVE_AFTER_MS = 500;
const TRY_AGAIN_MS = 3000;

/** The bench as it stands in this page: what was typed, what was chosen, and the worksheet that follows at once. */
export class Bench {
  /** Prepared weights as typed, by pick; what is not here is as the house knows it. */
  readonly typed = new SvelteMap<string, string>();
  private chosen = $state<BenchDraft>({});
  /** Weights and choices on their way to the house; 'trouble' when it does not answer. */
  keeping = $state<'kept' | 'keeping' | 'trouble'>('kept');

  private readonly data: () => Data;
  private readonly house: () => Household;

  constructor(data: () => Data, house: () => Household) {
    this.data = data;
    this.house = house;
    this.chosen = data().draft;
  }

  readonly cropIds = $derived.by(() => this.data().lots.map((l) => l.cropId));
  readonly style = $derived.by(() => styleOf(this.chosen.styleId ?? '') ?? this.usualStyle());
  readonly usualSalt = $derived.by(() => usualSaltFor(this.style, this.cropIds));
  readonly way = $derived.by((): DosingWay => {
    const way = this.chosen.way ?? 'equilibrium';
    return way === 'perWater' && this.style.salting === 'dry' ? 'equilibrium' : way;
  });
  readonly fraction = $derived.by(() => this.chosen.fraction ?? this.usualSalt);
  readonly saltKindId = $derived.by(() => this.chosen.saltKindId ?? this.house().saltKindId);
  readonly place = $derived.by((): Place | undefined => {
    const counters = this.house().places.filter((p) => p.kind === 'counter');
    return counters.find((p) => p.id === this.chosen.placeId) ?? counters[0];
  });
  readonly opens = $derived.by(() => this.chosen.opens ?? true);
  readonly counts = $derived.by(() => this.chosen.counts ?? null);
  readonly choice = $derived.by(() => this.chosen.choice ?? 0);
  readonly name = $derived.by(() => this.chosen.name ?? this.usualName());

  readonly items = $derived.by((): WorksheetItem[] =>
    this.data().lots.map((l) => ({
      id: l.id,
      cropId: l.cropId,
      pickedG: l.benchG,
      withTops: l.withTops,
      ...(l.weighed.sd ? { pickedSdG: (l.weighed.sd * l.benchG) / l.weighed.g } : {}),
      ...this.preparedOf(l)
    }))
  );
  /** What was typed as prepared: a weight, a count, or nothing that can be read yet. */
  private preparedOf(lot: Lot): { preparedG: number | null; preparedSdG?: number } {
    const said = this.said(lot).trim();
    if (said === '') return { preparedG: null };
    const read = readQuantity(said, { kind: 'mass', unit: 'g', system: this.house().spoons });
    if (read.ok) return { preparedG: read.value.value > 0 ? read.value.value : null };
    const c = crop(lot.cropId);
    const count = c && readCount(said, c);
    if (!c || !count?.ok) return { preparedG: null };
    const weight = weightOfCount(count.value, c);
    return { preparedG: weight.mean, preparedSdG: weight.sd };
  }

  readonly extras = $derived.by(() => this.chosen.extras ?? []);
  readonly extrasRead = $derived.by(() => readExtras(this.extras));
  readonly input = $derived.by((): WorksheetInput => ({
    styleId: this.style.id,
    items: this.items,
    way: this.way,
    fraction: this.fraction,
    saltKindId: this.saltKindId,
    jars: this.data().jars,
    counts: this.counts,
    choice: this.choice,
    place: { name: this.place?.name ?? '', tempC: this.place?.tempC ?? 21 },
    opens: this.opens,
    scaleStepG: this.house().scaleStepG,
    spoons: this.house().spoons,
    trims: this.data().trims,
    ownSpoons: this.house().ownSpoons,
    extras: this.extrasRead.ok ? this.extrasRead.value : []
  }));
  readonly saidDoses = $derived.by(() => this.chosen.said ?? []);
  readonly result = $derived.by((): Outcome<Worksheet> => worksheet(this.input));
  readonly sheet = $derived.by(() => (this.result.ok ? this.result.value : null));
  readonly refused = $derived.by(() => (this.result.ok ? null : problem(this.result.refusal)));
  readonly questions = $derived.by(() => [
    ...weightQuestions(this.items),
    ...(this.sheet ? sheetQuestions(this.sheet, this.usualSalt) : [])
  ]);
  readonly estimated = $derived.by(() => this.items.some((i) => i.preparedG === null));

  /** The prepared weight of a pick as last typed, here or elsewhere. */
  said(lot: Lot): string {
    return this.typed.get(lot.id) ?? lot.prepared?.said ?? '';
  }

  /** Changes a choice; it is kept by the house in a moment. */
  choose(change: Partial<BenchDraft>): void {
    this.chosen = { ...this.chosen, ...change };
    this.later(() => post('bench-draft', this.chosen));
  }

  /** A new dose: said in another way it is the same salt, so that nothing jumps. */
  sayIn(way: DosingWay): void {
    const ends = this.sheet?.ends;
    const same =
      ends &&
      {
        equilibrium: ends.equilibrium,
        perWater: ends.perWater,
        perVegetables: ends.perVegetables,
        perTotal: ends.perTotal
      }[way];
    this.choose({ way, fraction: same ? Math.round(same * 1000) / 1000 : this.fraction });
  }

  /** Weighed again once prepared. What cannot be read yet is not sent. */
  weighed(lot: Lot, said: string): void {
    this.typed.set(lot.id, said);
    const c = crop(lot.cropId);
    const read =
      said.trim() === '' ||
      readQuantity(said, { kind: 'mass', unit: 'g' }).ok ||
      (c !== undefined && readCount(said, c).ok);
    if (!read || said.trim() === (lot.prepared?.said ?? '')) return;
    const keep = async () => {
      const answer = await post('weigh-prepared', {
        commandId: nanoid(),
        lotId: lot.id,
        weight: said,
        unit: 'g'
      });
      // Once the house knows it, the house says it: so that two phones on one bench see each other.
      if (answer.ok) await invalidateAll();
      if (answer.ok && this.typed.get(lot.id) === said) this.typed.delete(lot.id);
      return answer;
    };
    this.later(keep, lot.id);
  }

  /** After a start everything begins anew. */
  clear(): void {
    this.typed.clear();
    this.chosen = {};
  }

  private usualStyle() {
    const shreds =
      this.cropIds.length > 0 && this.cropIds.every((id) => ['shred', 'leaf'].includes(crop(id)?.pack ?? ''));
    return STYLES.find((s) => s.id === (shreds ? 'shredded' : 'pieces')) ?? STYLES[0]!;
  }

  private usualName(): string {
    const all = this.cropIds.map((id) => crop(id)?.name ?? id);
    const names = all.filter((name, i) => all.indexOf(name) === i);
    const [first = '', ...rest] = names;
    return rest.length === 0
      ? first
      : `${first} with ${rest
          .slice(0, 2)
          .map((n) => n.toLowerCase())
          .join(' and ')}`;
  }

  private timers: Record<string, ReturnType<typeof setTimeout> | undefined> = {};
  private later(send: () => Promise<Response>, about = 'draft', after = SAVE_AFTER_MS): void {
    clearTimeout(this.timers[about]);
    this.keeping = this.keeping === 'trouble' ? 'trouble' : 'keeping';
    this.timers[about] = setTimeout(() => {
      delete this.timers[about];
      send().then(
        () => (this.keeping = Object.keys(this.timers).length > 0 ? this.keeping : 'kept'),
        () => {
          // The connection is gone: what was typed stays here and is sent again.
          this.keeping = 'trouble';
          this.later(send, about, TRY_AGAIN_MS);
        }
      );
    }, after);
  }
}

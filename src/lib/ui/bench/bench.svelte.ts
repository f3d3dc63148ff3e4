import { crop } from '$lib/core/produce';
import { inputOf, itemOf, preparedTyped, readExtras, type BenchSaid, type Kitchen } from '$lib/core/kitchen';
import type { LotOnBench } from '$lib/core/lot';
import { scaleRecipe, type Card } from '$lib/core/recipe';
import type { Outcome } from '$lib/core/refusal';
import { BY_TASTE, saltyIngredient, type DosingWay } from '$lib/core/salt';
import {
  sheetQuestions,
  weightQuestions,
  worksheet,
  type Worksheet,
  type WorksheetInput,
  type WorksheetItem
} from '$lib/core/worksheet';
import type { BenchDraft } from '$lib/schema/bench';
import { problem } from '$lib/words';
import { jarsWorth } from '$lib/core/vessel';
import { SAID_BY_HAND } from './draft.svelte';
import { seasoningOf, targetsOf } from './targets';
import { Chosen } from './chosen.svelte';

/** Changes that can be taken back. */
const MOST_STEPS = 50;

/** One thing changed on the bench: how it was, so that it can be taken back. */
type Step = { readonly choices: Partial<BenchDraft> } | { readonly lot: LotOnBench; readonly said: string };

/** The bench as it stands in this page: what was typed, what was chosen, and the worksheet that follows at once. */
export class Bench extends Chosen {
  private steps = $state<Step[]>([]);

  /** What the recipe's own dose comes to for what is on the bench; null where its card lacks a figure. */
  private readonly recipeDose = $derived.by(() => {
    if (!this.card) return null;
    const { jars, roomMl } = this.jarsByUsualSalt(this.card);
    const made = scaleRecipe(this.card, { vegG: this.vegG, jars, roomMl });
    return made.ok ? made.value.salt : null;
  });
  readonly way = $derived.by((): DosingWay => {
    const way = this.draft.chosen.way ?? this.recipeDose?.way ?? 'equilibrium';
    return way === 'perWater' && this.salting !== 'brine' ? 'equilibrium' : way;
  });
  readonly fraction = $derived.by(
    () => this.draft.chosen.fraction ?? this.recipeDose?.fraction ?? this.usualSalt
  );
  readonly items = $derived.by((): WorksheetItem[] =>
    this.data().lots.map((l) => {
      const own = this.data().learnt.pieces[l.cropId];
      return itemOf(l, preparedTyped(this.weights.said(l), l.cropId, this.ways, own));
    })
  );
  /** Prepared, or what the picks should give, g. */
  readonly vegG = $derived.by(() =>
    this.items.reduce(
      (a, i) => a + (i.preparedG ?? i.pickedG * (crop(i.cropId, this.ways.crops)?.trim ?? 1)),
      0
    )
  );
  /** A dose by the jar needs the jars first: chosen with the usual salt, since salt does not change them. */
  private jarsByUsualSalt(card: Card): { jars: number; roomMl: number } {
    const byJar = card.salt?.readings.some((r) => r.base === 'jar' || r.base === 'quartJar');
    if (!byJar) return { jars: 1, roomMl: 1000 };
    const usual = { ...this.saidBut, way: 'equilibrium' as const, fraction: this.usualSalt };
    const made = worksheet({ ...inputOf(this.items, usual, this.kitchen).input, sets: 1 });
    return made.ok
      ? { jars: made.value.jars.length, roomMl: made.value.chosen.roomMl }
      : { jars: 1, roomMl: 1000 };
  }
  /** Salty things of the recipe, by the kilo on the bench, until they are changed by hand. */
  private readonly recipeExtras = $derived.by(() => {
    if (!this.card) return [];
    const made = scaleRecipe(this.card, { vegG: this.vegG, jars: 1, roomMl: 1000 });
    if (!made.ok) return [];
    return made.value.lines.flatMap((l) => {
      const salty = l.of.saltyId === null || l.amount === null ? undefined : saltyIngredient(l.of.saltyId);
      return salty && (l.unit === 'g' || l.unit === 'ml')
        ? [{ id: salty.id, amount: `${Math.round(l.amount ?? 0)} ${l.unit}` }]
        : [];
    });
  });
  readonly extras = $derived.by(() => this.draft.chosen.extras ?? this.recipeExtras);
  readonly extrasRead = $derived.by(() => readExtras(this.extras, this.ways));
  /** Everything that is chosen but the dose. */
  private readonly saidBut = $derived.by((): Omit<BenchSaid, 'way' | 'fraction'> => ({
    styleId: this.style.id,
    saltKindId: this.saltKindId,
    counts: this.counts,
    choice: this.choice,
    placeId: this.place?.id ?? '',
    opens: this.opens,
    extras: this.extras,
    salting: this.salting,
    rinsed: this.salting === 'rinsed' ? this.rinsed : undefined,
    mix: this.mix,
    hot: this.hot,
    brineIds: this.brineIds,
    heavy: this.salting === 'rinsed' ? this.heavy : '',
    topUp: this.draft.chosen.topUp,
    filled: this.filled,
    side: this.draft.chosen.side
  }));
  /** What is chosen here, as it is typed: what the house is told at a start, too. */
  readonly said = $derived.by((): BenchSaid => ({ ...this.saidBut, way: this.way, fraction: this.fraction }));
  private readonly kitchen = $derived.by((): Kitchen => ({ ...this.data(), household: this.house() }));
  private readonly readInput = $derived.by(() => inputOf(this.items, this.said, this.kitchen));
  /** The alternatives come from the worker; only a choice among them needs them here. */
  readonly input = $derived.by((): WorksheetInput => ({
    ...this.readInput.input,
    sets: this.choice > 0 ? 3 : 1
  }));
  readonly packings = $derived.by(() => this.data().learnt.packings);
  readonly saidDoses = $derived.by(() => this.draft.chosen.said ?? []);
  readonly result = $derived.by((): Outcome<Worksheet> => worksheet(this.input));
  readonly sheet = $derived.by(() => (this.result.ok ? this.result.value : null));
  /** What goes in by the jar goes into a crock by the litre. */
  readonly jarsWorth = $derived.by(() => jarsWorth((this.sheet?.jars ?? []).map((j) => j.usableMl)));
  /** The recipe for what is on the bench; null: there is none, or its card lacks a figure. */
  readonly scaled = $derived.by(() => {
    if (!this.sheet || !this.card) return null;
    const { packedG: vegG, chosen } = this.sheet;
    const made = scaleRecipe(this.card, { vegG, jars: this.jarsWorth, roomMl: chosen.roomMl });
    return made.ok ? made.value : null;
  });
  /** What is weighed out, one after the other. */
  readonly toWeigh = $derived.by(() => {
    if (!this.sheet) return [];
    const seasoning = seasoningOf(this.sheet, this.style.additions, this.scaled);
    return targetsOf(this.sheet, seasoning, this.targets, this.weighedOut);
  });
  readonly refused = $derived.by(() => (this.result.ok ? null : problem(this.result.refusal)));
  readonly questions = $derived.by(() => [
    ...weightQuestions(this.items, this.ways.crops),
    ...(this.sheet ? sheetQuestions(this.sheet, this.usualSalt) : [])
  ]);
  readonly estimated = $derived.by(() => this.items.some((i) => i.preparedG === null));
  readonly canUndo = $derived.by(() => this.steps.length > 0);

  /** Changes a choice; it is kept by the house in a moment. */
  choose(said: Partial<BenchDraft>): void {
    // Jars chosen anew are chosen for all of it.
    const change = 'counts' in said && !('side' in said) ? { ...said, side: undefined } : said;
    const before = Object.fromEntries(
      (Object.keys(change) as (keyof BenchDraft)[]).map((f) => [f, this.draft.chosen[f]])
    );
    this.remember({ choices: before });
    this.draft.put(change);
  }

  /** Takes the last change on this page back: a choice, or a weight as it was before it was typed over. */
  undo(): void {
    const last = this.steps.at(-1);
    if (!last) return;
    this.steps = this.steps.slice(0, -1);
    if ('choices' in last) this.draft.put(last.choices, true);
    else this.weights.put(last.lot, last.said);
  }

  private remember(step: Step): void {
    this.steps = [...this.steps, step].slice(-MOST_STEPS);
  }

  /** A new dose: said in another way it is the same salt, so that nothing jumps. */
  sayIn(way: DosingWay): void {
    const ends = this.sheet?.ends;
    const same =
      ends &&
      {
        equilibrium: ends.equilibrium,
        byTaste: BY_TASTE.fraction,
        perWater: ends.perWater,
        perVegetables: ends.perVegetables,
        perTotal: ends.perTotal
      }[way];
    this.choose({ way, fraction: same ? Math.round(same * 1000) / 1000 : this.fraction });
  }

  /** By a recipe: its style, its dose and its seasoning; what was said by hand no longer holds. */
  follow(recipeId: string | null): void {
    this.choose({
      ...SAID_BY_HAND,
      recipeId: recipeId ?? undefined,
      styleId: undefined,
      extras: undefined,
      name: undefined
    });
  }

  /** The first of the jars one more of which takes what is left. */
  oneMoreJar(): void {
    const jarId = this.sheet?.oneMore[0];
    if (!this.sheet || jarId === undefined) return;
    const { counts } = this.sheet.chosen;
    this.choose({ counts: { ...counts, [jarId]: (counts[jarId] ?? 0) + 1 } });
  }

  /** Another style: what was said of the old one no longer holds. */
  make(styleId: string): void {
    this.choose({
      ...SAID_BY_HAND,
      styleId,
      recipeId: undefined,
      counts: null,
      choice: 0,
      topUp: undefined,
      heavy: undefined,
      filled: undefined
    });
  }

  /** Weighed again once prepared. What cannot be read yet is not sent. */
  weighed(lot: LotOnBench, said: string): void {
    const last = this.steps.at(-1);
    // Letter by letter is one change.
    if (!last || !('lot' in last) || last.lot.id !== lot.id)
      this.remember({ lot, said: this.weights.said(lot) });
    this.weights.put(lot, said);
  }

  /** Jars that it would take as it stands are not promised to another bench. */
  hold(): void {
    const { chosen, salt, rinse, saltKindId } = this.sheet ?? {};
    if (!chosen || !salt || !saltKindId) return;
    const holdsSalt = { [saltKindId]: Math.round(salt.weighG + (rinse?.heavySaltG ?? 0)) };
    if (same(chosen.counts, this.draft.chosen.holds) && same(holdsSalt, this.draft.chosen.holdsSalt)) return;
    this.draft.put({ holds: { ...chosen.counts }, holdsSalt }, true);
  }

  /** Has the house hold everything that stands on this page; false where it does not answer or refused a weight. */
  async settle(): Promise<boolean> {
    return (await this.draft.outbox.settle()) && this.unkept.length === 0;
  }

  /** The page is left: what was typed goes out at once. */
  leave(): void {
    this.draft.outbox.leave();
  }

  /** After a start everything begins anew. */
  clear(): void {
    this.weights.forget();
    this.draft.forget();
    this.steps = [];
  }
}

/** Two counts alike, of jars or of grams; what there is none of may be named or not. */
function same(a: Readonly<Record<string, number>>, b: Readonly<Record<string, number>> | undefined): boolean {
  const ids = new Set([...Object.keys(a), ...Object.keys(b ?? {})]);
  return b !== undefined && [...ids].every((id) => (a[id] ?? 0) === (b[id] ?? 0));
}

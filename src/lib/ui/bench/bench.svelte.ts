import { crop, pieceWeights } from '$lib/core/produce';
import { waysOf, type Household, type KeptBrine, type Place } from '$lib/core/kit';
import type { Learned } from '$lib/core/learn';
import { pickedOnBench, type Lot } from '$lib/core/lot';
import { as } from '$lib/core/quantity';
import { bareMass, readCount, readQuantity, weightOfCountRead, type Ways } from '$lib/core/reading';
import { readRecipe, scaleRecipe, type Card, type Recipe } from '$lib/core/recipe';
import type { Outcome } from '$lib/core/refusal';
import { BY_TASTE, saltyIngredient, type DosingWay } from '$lib/core/salt';
import {
  proposeStyles,
  saltings,
  style as styleOf,
  STYLES,
  usualSaltFor,
  type Proposal,
  type Salting
} from '$lib/core/style';
import {
  sheetQuestions,
  weightQuestions,
  worksheet,
  type Worksheet,
  type WorksheetInput,
  type WorksheetItem,
  type WorksheetJar
} from '$lib/core/worksheet';
import type { BenchDraft, RinsedSaid } from '$lib/schema/batch';
import { readExtras, readFilled, readHeavy, readRinsed } from '$lib/schema/common';
import { problem } from '$lib/schema/words';
import { DraftKeeper, SAID_BY_HAND } from './draft.svelte';
import { PreparedWeights } from './weights.svelte';

interface Learnt {
  readonly trims: Readonly<Record<string, Learned>>;
  readonly pieces: Readonly<Record<string, Learned>>;
  readonly packings: Readonly<Record<string, Learned>>;
  readonly brineUse: Learned;
}

interface Data {
  readonly lots: readonly Lot[];
  readonly jars: readonly WorksheetJar[];
  readonly draft: BenchDraft;
  readonly learnt: Learnt;
  readonly brines: readonly KeptBrine[];
  readonly recipes: readonly Recipe[];
  readonly away: { readonly from: number; readonly to: number } | null;
  /** Live stock by style, g. */
  readonly stockG: Readonly<Record<string, number>>;
}

/** Changes that can be taken back. */
const MOST_STEPS = 50;
const NOT_RINSED: RinsedSaid = { after: '', taste: '', salinity: '', log: [] };

/** One thing changed on the bench: how it was, so that it can be taken back. */
type Step = { readonly choices: Partial<BenchDraft> } | { readonly lot: Lot; readonly said: string };

/** The bench as it stands in this page: what was typed, what was chosen, and the worksheet that follows at once. */
export class Bench {
  private steps = $state<Step[]>([]);
  private readonly draft: DraftKeeper;
  readonly weights: PreparedWeights;
  private readonly data: () => Data;
  private readonly house: () => Household;

  constructor(data: () => Data, house: () => Household) {
    this.data = data;
    this.draft = new DraftKeeper(() => data().draft);
    this.weights = new PreparedWeights(
      this.draft,
      () => data().lots,
      () => waysOf(house())
    );
    this.house = house;
  }

  /** How amounts are said in this house. */
  private readonly ways = $derived.by((): Ways => waysOf(this.house()));
  /** Weights and choices on their way to the house; 'trouble' when it does not answer. */
  readonly keeping = $derived.by(() => this.draft.keeping);
  /** Weights on this page that the house does not hold (yet): nothing may be started on them. */
  readonly unkept = $derived.by(() => this.weights.unkept());
  /** Prepared weights as they stand on this page, by pick: a start is of these. */
  readonly seen = $derived.by(() =>
    Object.fromEntries(this.data().lots.map((l) => [l.id, this.weights.said(l)]))
  );
  readonly cropIds = $derived.by(() => this.data().lots.map((l) => l.cropId));
  readonly proposals = $derived.by((): Proposal[] =>
    proposeStyles({
      bench: this.data().lots.map((l) => ({ cropId: l.cropId, g: l.benchG })),
      stockG: this.data().stockG,
      mild: this.house().mild
    })
  );
  readonly recipe = $derived.by(
    () => this.data().recipes.find((r) => r.id === this.draft.chosen.recipeId) ?? null
  );
  readonly card = $derived.by((): Card | null => {
    return this.recipe ? readRecipe(this.recipe, this.ways) : null;
  });
  readonly style = $derived.by(
    () =>
      styleOf(this.draft.chosen.styleId ?? '') ??
      styleOf(this.recipe?.styleId ?? '') ??
      this.proposals[0]?.style ??
      STYLES[0]!
  );
  readonly salting = $derived.by((): Salting => {
    const said = this.draft.chosen.salting;
    return said && saltings(this.style).includes(said) ? said : this.style.salting;
  });
  readonly usualSalt = $derived.by(() => usualSaltFor(this.style, this.cropIds));
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
  readonly saltKindId = $derived.by(() => this.draft.chosen.saltKindId ?? this.house().saltKindId);
  readonly place = $derived.by((): Place | undefined => {
    const counters = this.house().places.filter((p) => p.kind === 'counter');
    return counters.find((p) => p.id === this.draft.chosen.placeId) ?? counters[0];
  });
  readonly opens = $derived.by(() => this.draft.chosen.opens ?? true);
  readonly counts = $derived.by(() => this.draft.chosen.counts ?? null);
  readonly choice = $derived.by(() => this.draft.chosen.choice ?? 0);
  readonly name = $derived.by(() => this.draft.chosen.name ?? this.recipe?.name ?? this.usualName());
  readonly mix = $derived.by(() => this.draft.chosen.mix ?? 'jug');
  readonly hot = $derived.by(() => this.draft.chosen.hot ?? false);
  readonly rinsed = $derived.by((): RinsedSaid => this.draft.chosen.rinsed ?? NOT_RINSED);
  readonly heavy = $derived.by(() => this.draft.chosen.heavy ?? '');
  readonly heavyRead = $derived.by(() =>
    readHeavy(this.heavy, this.ways, pieceWeights(crop(this.cropIds[0] ?? '')))
  );
  readonly filled = $derived.by(() => this.draft.chosen.filled ?? {});
  readonly filledRead = $derived.by(() => readFilled(this.filled, this.ways));
  readonly rinsedRead = $derived.by(() => readRinsed(this.rinsed, this.ways));
  readonly brineIds = $derived.by(() =>
    (this.draft.chosen.brineIds ?? []).filter((id) => this.data().brines.some((b) => b.id === id))
  );
  readonly weighedOut = $derived.by(() => this.draft.chosen.weighed ?? {});
  readonly targets = $derived.by(() => this.draft.chosen.targets ?? {});

  readonly items = $derived.by((): WorksheetItem[] =>
    this.data().lots.map((l) => ({
      id: l.id,
      cropId: l.cropId,
      pickedG: pickedOnBench(l),
      withTops: l.withTops,
      ...(l.weighed.sd ? { pickedSdG: (l.weighed.sd * l.benchG) / l.weighed.g } : {}),
      ...this.preparedOf(l)
    }))
  );
  /** What was typed as prepared: a weight, a count, or nothing that can be read yet. */
  private preparedOf(lot: Lot): Pick<WorksheetItem, 'preparedG' | 'preparedSdG' | 'preparedUnit'> {
    const said = this.weights.said(lot).trim();
    if (said === '') return { preparedG: null };
    const read = readQuantity(said, {
      kind: 'mass',
      unit: bareMass(this.ways),
      system: this.ways.system
    });
    if (read.ok) {
      const { value, sd } = read.value;
      const preparedUnit = read.value.unit;
      return { preparedUnit, preparedG: value > 0 ? value : null, ...(sd > 0 ? { preparedSdG: sd } : {}) };
    }
    const c = crop(lot.cropId);
    const count = c && readCount(said, c);
    if (!c || !count?.ok) return { preparedG: null };
    const weight = weightOfCountRead(count.value, this.data().learnt.pieces[c.id]);
    return { preparedG: weight.mean, preparedSdG: weight.sd };
  }

  /** Prepared, or what the picks should give, g. */
  readonly vegG = $derived.by(() =>
    this.items.reduce((a, i) => a + (i.preparedG ?? i.pickedG * (crop(i.cropId)?.trim ?? 1)), 0)
  );
  /** A dose by the jar needs the jars first: chosen with the usual salt, since salt does not change them. */
  private jarsByUsualSalt(card: Card): { jars: number; roomMl: number } {
    const byJar = card.salt?.readings.some((r) => r.base === 'jar' || r.base === 'quartJar');
    if (!byJar) return { jars: 1, roomMl: 1000 };
    const made = worksheet({ ...this.base, way: 'equilibrium', fraction: this.usualSalt });
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
  readonly input = $derived.by((): WorksheetInput => ({
    ...this.base,
    way: this.way,
    fraction: this.way === 'byTaste' ? BY_TASTE.fraction : this.fraction
  }));
  /** Everything but the dose. */
  private readonly base = $derived.by((): Omit<WorksheetInput, 'way' | 'fraction'> => {
    const { learnt, brines, jars, away } = this.data();
    return {
      styleId: this.style.id,
      items: this.items,
      saltKindId: this.saltKindId,
      jars,
      counts: this.counts,
      choice: this.choice,
      // The alternatives come from the worker; only a choice among them needs them here.
      sets: this.choice > 0 ? 3 : 1,
      place: { name: this.place?.name ?? '', tempC: this.place?.tempC ?? 21 },
      opens: this.opens,
      scaleStepG: this.house().scaleStepG,
      spoons: this.house().spoons,
      trims: learnt.trims,
      packings: learnt.packings,
      brineUse: learnt.brineUse,
      ownSpoons: this.house().ownSpoons,
      extras: this.extrasRead.ok ? this.extrasRead.value : [],
      salting: this.salting,
      away,
      units: this.house().units,
      ...topUpOf(this.draft.chosen),
      ...(this.heavyRead.ok && this.heavyRead.value !== null ? { heavyFraction: this.heavyRead.value } : {}),
      ...(this.filledRead.ok && this.filledRead.value.some((g) => g !== null)
        ? { netG: this.filledRead.value }
        : {}),
      ...(this.salting === 'rinsed' && this.rinsedRead.ok ? { rinsed: this.rinsedRead.value } : {}),
      brine: {
        mix: this.mix,
        hot: this.hot,
        stock: brines
          .filter((b) => this.brineIds.includes(b.id))
          .map((b) => ({ id: b.id, name: b.name, ml: b.ml, strength: as.trueStrength(b.strength) }))
      }
    };
  });
  readonly packings = $derived.by(() => this.data().learnt.packings);
  readonly saidDoses = $derived.by(() => this.draft.chosen.said ?? []);
  readonly result = $derived.by((): Outcome<Worksheet> => worksheet(this.input));
  readonly sheet = $derived.by(() => (this.result.ok ? this.result.value : null));
  readonly refused = $derived.by(() => (this.result.ok ? null : problem(this.result.refusal)));
  readonly questions = $derived.by(() => [
    ...weightQuestions(this.items),
    ...(this.sheet ? sheetQuestions(this.sheet, this.usualSalt) : [])
  ]);
  readonly estimated = $derived.by(() => this.items.some((i) => i.preparedG === null));
  readonly canUndo = $derived.by(() => this.steps.length > 0);

  /** Changes a choice; it is kept by the house in a moment. */
  choose(change: Partial<BenchDraft>): void {
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
  weighed(lot: Lot, said: string): void {
    const last = this.steps.at(-1);
    // Letter by letter is one change.
    if (!last || !('lot' in last) || last.lot.id !== lot.id)
      this.remember({ lot, said: this.weights.said(lot) });
    this.weights.put(lot, said);
  }

  /** Has the house hold everything that stands on this page; false where it does not answer or refused a weight. */
  async settle(): Promise<boolean> {
    return (await this.draft.settle()) && this.unkept.length === 0;
  }

  /** After a start everything begins anew. */
  clear(): void {
    this.weights.forget();
    this.draft.forget();
    this.steps = [];
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
}

const topUpOf = (d: BenchDraft) => (d.topUp ? { topUp: d.topUp === 'yes' } : {});

import { crop, cropName, pieceWeights } from '$lib/core/produce';
import { waysOf, type Household, type Place } from '$lib/core/kit';
import { readFilled, readHeavy, readRinsed, type Kitchen } from '$lib/core/kitchen';
import type { LotOnBench } from '$lib/core/lot';
import type { Ways } from '$lib/core/reading';
import { readRecipe, type Card, type Recipe } from '$lib/core/recipe';
import {
  proposeStyles,
  saltings,
  styleIn,
  STYLES,
  usualSaltFor,
  type Proposal,
  type Salting
} from '$lib/core/style';
import type { BenchDraft, RinsedSaid } from '$lib/schema/bench';
import { DraftKeeper } from './draft.svelte';
import { PreparedWeights } from './weights.svelte';

interface Data extends Omit<Kitchen, 'household'> {
  /** Which bench it is. */
  readonly bench: string;
  readonly lots: readonly LotOnBench[];
  readonly draft: BenchDraft;
  readonly recipes: readonly Recipe[];
  /** Live stock by style, g. */
  readonly stockG: Readonly<Record<string, number>>;
}

const NOT_RINSED: RinsedSaid = { after: '', taste: '', salinity: '', log: [] };

/** What lies on a bench of this page and what was chosen for it, as it is typed. */
export abstract class Chosen {
  protected readonly draft: DraftKeeper;
  readonly weights: PreparedWeights;
  /** Which bench it is: what is sent goes there. */
  readonly id: string;
  protected readonly data: () => Data;
  protected readonly house: () => Household;

  constructor(data: () => Data, house: () => Household) {
    this.data = data;
    this.id = data().bench;
    this.draft = new DraftKeeper(() => data().draft, this.id);
    this.weights = new PreparedWeights(
      this.draft.outbox,
      () => data().lots,
      () => waysOf(house())
    );
    this.house = house;
  }

  /** How amounts are said in this house. */
  protected readonly ways = $derived.by((): Ways => waysOf(this.house()));
  /** Weights and choices on their way to the house; 'trouble' when it does not answer. */
  readonly keeping = $derived.by(() => this.draft.outbox.keeping);
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
      mild: this.house().mild,
      crops: this.ways.crops,
      styles: this.house().styles
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
      styleIn(this.draft.chosen.styleId ?? '', this.house().styles) ??
      styleIn(this.recipe?.styleId ?? '', this.house().styles) ??
      this.proposals[0]?.style ??
      STYLES[0]!
  );
  readonly salting = $derived.by((): Salting => {
    const said = this.draft.chosen.salting;
    return said && saltings(this.style).includes(said) ? said : this.style.salting;
  });
  readonly usualSalt = $derived.by(() => usualSaltFor(this.style, this.cropIds));
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
    readHeavy(this.heavy, this.ways, pieceWeights(crop(this.cropIds[0] ?? '', this.ways.crops)))
  );
  readonly filled = $derived.by(() => this.draft.chosen.filled ?? {});
  readonly filledRead = $derived.by(() => readFilled(this.filled, this.ways));
  readonly rinsedRead = $derived.by(() => readRinsed(this.rinsed, this.ways));
  readonly brineIds = $derived.by(() =>
    (this.draft.chosen.brineIds ?? []).filter((id) => this.data().brines.some((b) => b.id === id))
  );
  readonly weighedOut = $derived.by(() => this.draft.chosen.weighed ?? {});
  readonly targets = $derived.by(() => this.draft.chosen.targets ?? {});

  private usualName(): string {
    const all = this.cropIds.map((id) => cropName(id, this.ways.crops));
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

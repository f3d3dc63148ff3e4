<script lang="ts">
  import type { Learned } from '$lib/core/learn';
  import { meanPiece, type Cut } from '$lib/core/produce';
  import { plain, plusMinus, writePercent } from '$lib/core/quantity';
  import { packsInStyle } from '$lib/core/vessel';
  import { rateKey, rateKnown, type TaughtBySouring } from '$lib/core/outlook';
  import { tablePace } from '$lib/core/run';
  import { style, type StepDoes } from '$lib/core/style';
  import { CUT_WORDS, STEP_WORDS } from '$lib/words';
  import QuietAct from '../forms/QuietAct.svelte';
  import { useHouse } from '../house/house.svelte';

  /** What the household's own picks and batches have taught, each beside the table's value, each to begin anew. */
  interface AllLearnt {
    readonly trims: Readonly<Record<string, Learned>>;
    readonly pieces: Readonly<Record<string, Learned>>;
    readonly packings: Readonly<Record<string, Learned>>;
    readonly brineUse: Learned;
    readonly paces: Readonly<Record<string, Learned>>;
  }
  let { learnt, souring }: { learnt: AllLearnt; souring: readonly TaughtBySouring[] } = $props();
  const house = useHouse();
  const percent = (share: number) => writePercent(share, 0);
  interface Row {
    what: string;
    name: string;
    says: string;
    table: string;
    n: number;
    of: string;
  }
  const trims = $derived(
    Object.entries(learnt.trims).map(([key, l]): Row => {
      const [cropId = '', tops] = key.split('+');
      const c = house.crop(cropId);
      const table = tops && c?.trimWithTops ? c.trimWithTops : (c?.trim ?? 0);
      return {
        what: `trim:${key}`,
        name: `${c?.name ?? cropId}${tops ? ', with leaves' : ''}`,
        says: `${percent(l.mean)} ± ${percent(plusMinus(l))}`,
        table: percent(table),
        n: l.n,
        of: 'pick'
      };
    })
  );
  const pieces = $derived(
    Object.entries(learnt.pieces).map(([cropId, l]): Row => {
      const c = house.crop(cropId);
      return {
        what: `piece:${cropId}`,
        name: `${c?.name ?? cropId}, one ${c?.piece ?? 'piece'}`,
        says: `${house.mass(l.mean)} ± ${house.mass(plusMinus(l))}`,
        table: c ? house.mass(meanPiece(c)) : '',
        n: l.n,
        of: 'pick'
      };
    })
  );
  const packings = $derived(
    Object.entries(learnt.packings).map(([key, l]): Row => {
      const [cropId = '', cutOrWay = 'chunk'] = key.split('.');
      // An own cut is learnt by the way of making that it belongs to: "pieces_1-spear".
      const [, wayId = cutOrWay, like = cutOrWay] = /^(.+_\d+)-([a-z]+)$/.exec(cutOrWay) ?? [];
      const way = house.household.styles.find((s) => s.id === wayId && s.cut?.like === like);
      const cut = like as Cut;
      const c = house.crop(cropId);
      const made = { id: wayId, ...(way?.cut ? { ownCut: way.cut } : {}) };
      return {
        what: `packing:${key}`,
        name: `${house.cropName(cropId)}, ${way?.cut?.name.toLowerCase() ?? CUT_WORDS[cut]}`,
        says: `${percent(l.mean)} ± ${percent(plusMinus(l))}`,
        table: c && cut !== 'shred' ? percent(packsInStyle(made, c, cut).table) : '',
        n: l.n,
        of: 'batch'
      };
    })
  );
  const brine = $derived<Row[]>(
    learnt.brineUse.n === 0
      ? []
      : [
          {
            what: 'brine',
            name: 'Brine poured, of the brine planned',
            says: `${percent(learnt.brineUse.mean)} ± ${percent(plusMinus(learnt.brineUse))}`,
            table: percent(1),
            n: learnt.brineUse.n,
            of: 'batch'
          }
        ]
  );
  const paces = $derived(
    Object.entries(learnt.paces).map(([key, l]): Row => {
      const [does, cropId] = key.split(':') as [StepDoes, string | undefined];
      const hands = STEP_WORDS[does].split(/[.:]/)[0] ?? '';
      return {
        what: `pace:${key}`,
        name: cropId ? `${house.cropName(cropId)}: ${hands.toLowerCase()}` : hands,
        says: `${plain(l.mean, 1)} ± ${plain(plusMinus(l), 1)} min a kilo`,
        table: `${plain(tablePace(does) ?? 0, 1)} min`,
        n: l.n,
        of: 'making'
      };
    })
  );
  const rates = $derived(
    [...new Set(souring.map((t) => t.style))].flatMap((id): Row[] => {
      const { prior, batches } = rateKnown(souring, house.household.resets, id);
      if (batches === 0) return [];
      return [
        {
          what: rateKey(id),
          name: style(id)?.name ?? id,
          says: `${plain(Math.exp(prior.mean), 1)} times as fast`,
          table: '1',
          n: batches,
          of: 'batch'
        }
      ];
    })
  );
  const groups = $derived([
    ['Prepared weight out of picked', trims],
    ['Weight of one usable piece', pieces],
    ['How tight it packs', packings],
    ['Brine', brine],
    ['How fast it sours', rates],
    ['Minutes of hands', paces]
  ] as [string, Row[]][]);
  const plural = (row: Row) => (row.n === 1 ? row.of : row.of === 'batch' ? 'batches' : `${row.of}s`);
</script>

<section id="learnt">
  <h2 class="border-b-2 border-ink pb-1">What your own batches teach</h2>
  <p class="pt-2 text-sm text-quiet">The Bench reckons with it, and says so.</p>
  {#each groups as [title, rows] (title)}
    {#if rows.length > 0}
      <h3 class="pt-3 text-sm text-quiet">{title}</h3>
      <ul>
        {#each [...rows].sort((a, b) => b.n - a.n) as row (row.what)}
          <li
            class="grid grid-cols-[1fr_auto] items-center gap-x-4 border-b border-rule sm:flex sm:justify-between"
          >
            <span class="grow pt-1 font-semibold sm:pt-0">{row.name}</span>
            <span class="text-right whitespace-nowrap">{row.says}</span>
            <span class="text-sm text-quiet">from your {row.n} {plural(row)}; table {row.table}</span>
            <QuietAct
              command="reset-learning"
              values={{ what: row.what }}
              class="justify-self-end"
              does="start over"
              label="Start over for {row.name}"
            />
          </li>
        {/each}
      </ul>
    {/if}
  {/each}
  {#if groups.every(([, rows]) => rows.length === 0)}<p class="py-2 text-quiet">
      Nothing yet: weigh a pick, weigh it again prepared, start the batch, say how much brine went in.
    </p>{/if}
</section>

<script lang="ts">
  /** Jars on their way into bottles: interrupted for a meal or a night, they wait here. */
  let {
    finishing
  }: { finishing: readonly { readonly id: string; readonly name: string; readonly stillIn: number }[] } =
    $props();
</script>

{#if finishing.length > 0}
  <section class="mt-6" aria-label="Finishing">
    <h2 class="border-b-2 border-ink pb-1">Finishing</h2>
    <ul>
      {#each finishing as f (f.id)}
        <li class="line flex flex-wrap items-center justify-between gap-x-6">
          <div>
            <p class="text-lg font-semibold">{f.name}</p>
            <p class="text-quiet">
              {f.stillIn > 0 ? `${f.stillIn} still in the jars` : 'All out of the jars'}
            </p>
          </div>
          <a class="act min-h-11 content-center" href="/notebook/{f.id}/finish">Go on</a>
        </li>
      {/each}
    </ul>
  </section>
{/if}

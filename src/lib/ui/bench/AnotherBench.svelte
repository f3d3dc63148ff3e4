<script lang="ts">
  import { nanoid } from 'nanoid';

  /** A bench of its own for what is made beside this one; a new name each time one is left for another. */
  let { bench }: { bench: string } = $props();
  const fresh = $derived.by(() => {
    void bench;
    return nanoid(10);
  });
</script>

<a class="act no-print" href="/bench?bench={fresh}">+ another beside it</a>

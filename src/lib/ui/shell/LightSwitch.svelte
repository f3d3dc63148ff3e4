<script lang="ts">
  import { onMount } from 'svelte';

  /** Light, dark, or as the device says; kept on this device. */
  type Choice = 'auto' | 'light' | 'dark';
  const NEXT: Record<Choice, Choice> = { auto: 'dark', dark: 'light', light: 'auto' };
  let choice = $state<Choice>('auto');

  onMount(() => {
    const kept = localStorage.getItem('crockle-light');
    if (kept === 'light' || kept === 'dark') choice = kept;
  });

  function turn(): void {
    choice = NEXT[choice];
    localStorage.setItem('crockle-light', choice);
    const dark =
      choice === 'dark' || (choice === 'auto' && matchMedia('(prefers-color-scheme: dark)').matches);
    document.documentElement.classList.toggle('dark', dark);
  }
</script>

<button
  class="min-h-11 underline-offset-4 hover:underline"
  onclick={turn}
  aria-label="Light or dark: now {choice === 'auto' ? 'as the device' : choice}"
>
  {choice === 'auto' ? 'Light as the device' : choice === 'dark' ? 'Dark' : 'Light'}
</button>

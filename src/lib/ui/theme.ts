import type { ThemeConfig } from 'flowbite-svelte';

/** Radius, weight and touch size of every control, set once. Colours come from the tokens in app.css. */
export const theme: ThemeConfig = {
  button: {
    base: 'min-h-11 rounded-lg px-4 font-display text-base font-bold shadow-none focus-within:ring-0'
  },
  input: {
    input:
      'min-h-11 rounded-lg border-rule-strong bg-raised text-base text-ink dark:border-rule-strong dark:bg-raised'
  },
  select: {
    select:
      'min-h-11 truncate pr-9 rounded-lg border-rule-strong bg-raised text-base text-ink dark:border-rule-strong dark:bg-raised'
  },
  textarea: {
    wrapper:
      'rounded-lg border-rule-strong bg-raised text-base text-ink dark:border-rule-strong dark:bg-raised dark:text-ink'
  },
  label: 'mb-1 block text-sm font-semibold text-ink dark:text-ink',
  radio: { label: 'text-base font-normal text-ink dark:text-ink min-h-11' },
  checkbox: {
    base: 'size-5 border-2 border-quiet bg-raised dark:border-quiet dark:bg-raised',
    div: 'min-h-11 items-center text-base font-normal text-ink dark:text-ink'
  },
  modal: {
    base: 'rounded-lg border border-rule-strong bg-paper text-ink dark:bg-paper dark:text-ink divide-y-0',
    header: 'px-5 pt-5 pb-0 font-display text-2xl font-bold text-ink dark:text-ink',
    body: 'p-5'
  }
};

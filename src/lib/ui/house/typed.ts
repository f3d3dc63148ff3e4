import { tick } from 'svelte';

/** Where something was typed and not sent yet; the form says it of itself. */
const TOUCHED = 'form[data-touched]';

type Field = HTMLInputElement | HTMLSelectElement | HTMLTextAreaElement;
const isTick = (field: Field): field is HTMLInputElement =>
  field instanceof HTMLInputElement && (field.type === 'checkbox' || field.type === 'radio');

/** A hand is in the middle of a form: what comes from elsewhere waits. */
export const isTyping = (): boolean => document.activeElement?.closest(TOUCHED) != null;

/** Something was typed here and not sent yet, wherever the hand is now. */
export const isTyped = (): boolean => document.querySelector(TOUCHED) !== null;

/**
 * Loads the page's data anew, and what was typed and not sent stands afterwards as it stood: a field that is filled from
 * what the house says would be filled anew.
 */
export async function keepTyped(load: () => Promise<void>): Promise<void> {
  const fields = [...document.querySelectorAll<Field>(`${TOUCHED} :is(input, select, textarea)[name]`)]
    .filter((f) => !(f instanceof HTMLInputElement && f.type === 'hidden'))
    .map((field) => ({ field, was: isTick(field) ? field.checked : field.value }));
  // What is typed while it loads is the last word.
  const typedOn = ({ target }: Event) => {
    const one = fields.find(({ field }) => field === target);
    if (one) one.was = isTick(one.field) ? one.field.checked : one.field.value;
  };
  document.addEventListener('input', typedOn, true);
  try {
    await load();
    await tick();
  } finally {
    document.removeEventListener('input', typedOn, true);
  }
  for (const { field, was } of fields) {
    // Sent meanwhile, or gone.
    if (!field.isConnected || !field.closest(TOUCHED)) continue;
    if (isTick(field) ? field.checked === was : field.value === was) continue;
    if (isTick(field)) field.checked = was === true;
    else field.value = String(was);
    for (const kind of ['input', 'change']) field.dispatchEvent(new Event(kind, { bubbles: true }));
  }
}

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
  // What was sent meanwhile, or is gone, is left alone.
  for (const { field, was } of fields) if (field.isConnected && field.closest(TOUCHED)) put(field, was);
}

/** Fills a field as a hand would, so that whoever listens hears it. */
function put(field: Field, was: string | boolean): void {
  if (isTick(field) ? field.checked === was : field.value === was) return;
  if (isTick(field)) field.checked = was === true;
  else field.value = String(was);
  for (const kind of ['input', 'change']) field.dispatchEvent(new Event(kind, { bubbles: true }));
}

const KEPT = 'crockle-typed:';

/** Keeps something half-said on this device, by its own name: it outlives reload, Back and a closed tab. */
export function keepSaid(name: string, said: unknown): void {
  try {
    localStorage.setItem(KEPT + name, JSON.stringify(said));
  } catch {
    // A device that keeps nothing loses it with the page.
  }
}

/** What was left half-said by that name; null: nothing. */
export function saidBefore(name: string): Record<string, unknown> | null {
  try {
    return JSON.parse(localStorage.getItem(KEPT + name) ?? 'null') as Record<string, unknown> | null;
  } catch {
    return null;
  }
}

const fieldsOf = (form: HTMLFormElement): Field[] =>
  [...form.querySelectorAll<Field>(':is(input, select, textarea)[name]')].filter(
    (f) => !(f instanceof HTMLInputElement && ['hidden', 'radio', 'password'].includes(f.type))
  );

/** Keeps what stands half-typed in a form. */
export const keepHalfTyped = (form: HTMLFormElement, name: string): void =>
  keepSaid(name, Object.fromEntries(fieldsOf(form).map((f) => [f.name, isTick(f) ? f.checked : f.value])));

/** Fills a form with what was left half-typed in it; whether there was something. */
export function giveHalfTyped(form: HTMLFormElement, name: string): boolean {
  const said = saidBefore(name);
  if (!said) return false;
  for (const f of fieldsOf(form)) {
    const was = said[f.name];
    if (typeof was === 'string' || typeof was === 'boolean') put(f, was);
  }
  return true;
}

/** It was sent. */
export function forgetHalfTyped(name: string): void {
  try {
    localStorage.removeItem(KEPT + name);
  } catch {
    // Nothing is kept there.
  }
}

import type { LidLabel } from '../core/batch';
import { writePercent } from '../core/quantity';
import { dayAndYear } from './dates';

/** What a card says of a jar that is given away. */
export interface GiftSaid {
  readonly label: LidLabel;
  readonly holds: readonly string[];
  readonly to: string;
  readonly from: string;
}

/** The card's sentences, in their order; what some must not eat stands out. */
export function giftLines({
  label: l,
  holds,
  to,
  from
}: GiftSaid): { readonly text: string; readonly strong: boolean }[] {
  const salt = l.salinity === null ? '' : ` Salty: ${writePercent(l.salinity)} salt.`;
  const lines: [text: string, strong?: boolean][] = [
    [to === '' ? `From ${from}` : `For ${to}, from ${from}`],
    [`In it, as written down: ${holds.join(', ')}.`],
    ...(l.allergens.length > 0 ? [[`Contains ${l.allergens.join(', ')}.`, true] as [string, boolean]] : []),
    ...(l.heatedAt === null
      ? [
          [`Fermented, raw and alive; made ${dayAndYear(l.madeAt)}.${salt}`] as [string],
          [
            'Keep it in the fridge, closed, everything under its brine. It may fizz: open it over a sink.'
          ] as [string]
        ]
      : [
          [`Fermented, made ${dayAndYear(l.madeAt)}, heated ${dayAndYear(l.heatedAt)}.${salt}`] as [string],
          ['Keep it closed, dry and dark; once open, in the fridge.'] as [string]
        ]),
    ...(l.bestTill === null ? [] : [[`Best till ${dayAndYear(l.bestTill)}, opened sooner.`] as [string]]),
    ['Who is pregnant, very young, very old or ill asks a doctor first.'],
    ['Looks or smells wrong? Throw it out untasted.', true]
  ];
  return lines.map(([text, strong = false]) => ({ text, strong }));
}

/** The same for a code that a telephone reads: plain text, no address. */
export const giftText = (g: GiftSaid): string =>
  [g.label.name, ...giftLines(g).map((l) => l.text)].join('\n');

import { writeMass, writePercent, writeSalt, writeVolume, type WrittenUnits } from '../core/quantity';
import type { Worksheet } from '../core/worksheet';
import { cautionWords } from './cautions';

/** Where salt is weighed out, in words. */
const WHERE = { bowl: 'rubbed in dry', brine: 'for the brine', jar: 'into the jars' } as const;

/** The worksheet as plain text, for a note, a message or a shopping list. */
export function worksheetText(w: Worksheet, name: string, units: WrittenUnits): string {
  const jars = w.jars.map(
    (j, i) =>
      `  jar ${i + 1}, ${j.name}: ${writeMass(j.vegG, units)} in${j.brineMl > 0 ? `, ${writeVolume(j.brineMl, units)} brine` : ''}, ${w.salting === 'brine' ? '' : 'holds '}${writeSalt(j.saltG)} salt`
  );
  const lines = [
    name,
    ...w.items.map(
      (i) => `  ${i.name}: ${writeMass(i.prepared.mean, units)}${i.weighed ? '' : ' (estimated)'}`
    ),
    `Jars: ${w.jars.length}`,
    ...jars,
    ...(w.brine
      ? [
          `Brine to mix: ${writeVolume(w.brine.mixMl, units)}: ${writeVolume(w.brine.waterMl, units)} water, ${writeSalt(w.brine.saltG)} salt`
        ]
      : []),
    ...(w.salt.parts.length > 1
      ? w.salt.parts.map((p) => `Salt ${WHERE[p.where]}: ${writeSalt(p.weighG)}`)
      : []),
    `Salt in all${w.salt.parts.length === 1 ? `, ${WHERE[w.salt.parts[0]!.where]}` : ''}: ${writeSalt(w.salt.weighG)}; settles at ${writePercent(w.ends.equilibrium)}`,
    ...(w.juice
      ? [`Juice must stand over within 24 hours, else brine of ${writePercent(w.juice.strength)}.`]
      : []),
    ...w.cautions.map((c) => {
      const { says, reason } = cautionWords(c, units);
      return `! ${says} ${reason}`;
    })
  ];
  // It may be pasted anywhere: plain spaces only.
  return lines.join('\n').replace(/[\u00a0\u202f]/g, ' ');
}

import { bar, type Target } from '$lib/core/weighing';
import { readQuantity } from '$lib/core/reading';
import type { Scaled } from '$lib/core/recipe';
import type { Addition } from '$lib/core/style';
import { saltIntoJars, type Worksheet } from '$lib/core/worksheet';

/** Seasoning that is weighed: of the recipe, or what the style usually takes by the kilo; known by its place in the list. */
export function seasoningOf(
  sheet: Worksheet,
  additions: readonly Addition[],
  recipe: Scaled | null
): { id: string; name: string; g: number }[] {
  if (recipe)
    return recipe.lines.flatMap((l, i) =>
      l.g !== null && !l.of.produce && l.of.saltyId === null
        ? [{ id: `with-${i + 1}`, name: l.of.name, g: l.g }]
        : []
    );
  return additions
    .filter((a) => a.per === 'kg' && a.unit === 'g')
    .map((a, i) => ({ id: `with-${i + 1}`, name: a.name, g: (a.amount * sheet.packedG) / 1000 }));
}

/** Whether a target is salt, of which several may be weighed out in several places. */
export const isSalt = (t: Pick<Target, 'id'>): boolean => t.id === 'salt' || t.id.startsWith('salt-');

/** All of it is weighed, and none of it short or over: then the scale is believed. */
export const weighedRight = (targets: readonly Target[], stepG: number): boolean =>
  targets.length > 0 && targets.every((t) => t.weighedG !== null && bar(t, stepG).state === 'right');

/** The salt by where it goes: in the bowl, into the brine, into each jar. */
function saltTargets(sheet: Worksheet): [string, string, number][] {
  const named = sheet.rinse ? 'Salt after the rinse' : 'Salt';
  return sheet.salt.parts.flatMap((p, i): [string, string, number][] => {
    if (p.where === 'jar')
      return saltIntoJars(sheet).map(({ jar, g }) => [
        `salt-j${jar}`,
        `Salt, jar ${jar}: ${sheet.jars[jar - 1]?.name}`,
        g
      ]);
    const into = p.where === 'bowl' ? 'rubbed in' : 'for the brine';
    return [
      [i === 0 ? 'salt' : 'salt-brine', sheet.salt.parts.length > 1 ? `${named}, ${into}` : named, p.weighG]
    ];
  });
}

/**
 * What is weighed one after the other for this batch: salt, water, and the seasoning. `moved` are
 * targets changed by hand, g; `said` what was weighed, as typed.
 */
export function targetsOf(
  sheet: Worksheet,
  seasoning: readonly { readonly id: string; readonly name: string; readonly g: number }[],
  moved: Readonly<Record<string, number>>,
  said: Readonly<Record<string, string>>
): Target[] {
  const wanted: [string, string, number][] = [
    ...(sheet.rinse && !sheet.rinse.weighed
      ? [
          ['heavy-salt', 'Salt to sprinkle before the rinse', sheet.rinse.heavySaltG] as [
            string,
            string,
            number
          ]
        ]
      : []),
    ...saltTargets(sheet),
    ...(sheet.brine ? [['water', 'Water', sheet.brine.waterG] as [string, string, number]] : []),
    ...seasoning.map((x): [string, string, number] => [x.id, x.name, x.g])
  ];
  return wanted
    .filter(([, , g]) => g > 0)
    .map(([id, name, g]) => {
      const read = readQuantity(said[id] ?? '', { kind: 'mass', unit: 'g', system: 'metric' });
      return { id, name, g: moved[id] ?? g, weighedG: read.ok ? read.value.value : null };
    });
}

import type { Lid } from '$lib/core/vessel';

const tenth = (n: number) => Math.round(n * 10) / 10;

/** How gas gets out, as it looks, above y = 0 around the middle of the neck: what is filled, and lines. mm. */
export function lidPaths(
  lid: Lid,
  neckWidth: number,
  centre: number
): { readonly solid: string; readonly lines: string } {
  const half = neckWidth / 2 + 4;
  const at = (...points: readonly (readonly [number, number])[]) =>
    points.map(([x, y]) => `${tenth(centre + x)},${y}`).join(' ');
  const box = (left: number, top: number, right: number, bottom: number) =>
    `M${at([left, top], [right, top], [right, bottom], [left, bottom])}z`;
  if (lid === 'water channel')
    return {
      solid: `M${at([-half + 6, -4])}Q${at([0, -20], [half - 6, -4])}z${box(-6, -20, 6, -13)}`,
      lines: `M${at([-half - 6, -7], [-half - 6, 2], [half + 6, 2], [half + 6, -7])}`
    };
  if (lid === 'cloth')
    return {
      solid: `M${at([-half, 4], [-half, -3])}Q${at([0, -16], [half, -3])}L${at([half, 4])}z`,
      lines: `M${at([-half, 1], [half, 1])}`
    };
  const disc = box(-half, -10, half, 0);
  if (lid === 'clamped')
    return {
      solid: disc,
      lines: `M${at([half - 3, -5])}Q${at([half + 9, 4], [half - 2, 16])}M${at([-half + 3, -5])}Q${at([-half - 6, 2], [-half + 2, 10])}`
    };
  if (lid === 'airlock')
    return { solid: disc, lines: `M${at([0, -10], [0, -20], [7, -20], [7, -28], [-6, -28], [-6, -24])}` };
  return { solid: lid === 'valve' ? disc + box(-7, -16, 7, -10) : disc, lines: '' };
}

/** One stream of the picture: what it is, how much, and where it meets the jar and its own name. */
export interface Flow {
  readonly name: string;
  readonly g: number;
  /** Its breadth, px. */
  readonly broad: number;
  /** The middle of it at its name, and its upper edge at the jar, px. */
  readonly at: number;
  readonly top: number;
}

/** Room for a name and an amount under it, and between broad streams, px. */
const [ROW, GAP] = [38, 8];
/** What is hardly anything is still seen, px. */
const LEAST = 2;
/** All together is so broad: as high as the jar, px. */
export const JAR = 170;

interface Some {
  readonly name: string;
  readonly g: number;
}
const broadOf = ({ g }: Some, totalG: number): number => Math.max(LEAST, (g / Math.max(1, totalG)) * JAR);
const slotOf = (one: Some, totalG: number): number => Math.max(ROW, broadOf(one, totalG) + GAP);

/** How high the names beside a jar stand, px. */
export const highFor = (all: readonly Some[], totalG: number): number =>
  all.reduce((a, one) => a + slotOf(one, totalG), 0);

/**
 * Streams side by side: as broad as they are heavy, each with room for its name, together as high as the jar.
 * @param all together they are `totalG`
 * @param high of the whole picture, px
 */
export function flowsOf(all: readonly Some[], totalG: number, high: number): Flow[] {
  let top = (high - JAR) / 2;
  let slotTop = (high - highFor(all, totalG)) / 2;
  return all.map((one) => {
    const [broad, slot] = [broadOf(one, totalG), slotOf(one, totalG)];
    const flow = { ...one, broad, at: slotTop + slot / 2, top };
    top += broad;
    slotTop += slot;
    return flow;
  });
}

/** A stream as a band between two places, each by x and the band's middle. */
export function band(
  from: { readonly x: number; readonly y: number },
  to: { readonly x: number; readonly y: number },
  broad: number
): string {
  const [bend, half] = [(from.x + to.x) / 2, broad / 2];
  return [
    `M${from.x},${from.y - half}`,
    `C${bend},${from.y - half} ${bend},${to.y - half} ${to.x},${to.y - half}`,
    `L${to.x},${to.y + half}`,
    `C${bend},${to.y + half} ${bend},${from.y + half} ${from.x},${from.y + half}Z`
  ].join('');
}

/** A text with plain spaces where figures are glued to their units, so that a test can be typed. */
export const spaced = (text: string): string => text.replace(/\u00a0/g, ' ');

/** When the household goes round its jars, minutes after midnight: with breakfast, and after supper. */
export interface Rounds {
  readonly morning: number;
  readonly evening: number;
}

/** Common practice, no source. */
export const USUAL_ROUNDS: Rounds = { morning: 8 * 60, evening: 20 * 60 };

/** From an hour before the morning's round until two after the evening's somebody is up. Our judgement. */
export const upBy = ({ morning, evening }: Rounds): { readonly from: number; readonly to: number } => ({
  from: morning - 60,
  to: Math.min(evening + 120, 24 * 60 - 1)
});

import type { WallMinute } from '../calendar/index';
import type { TroubleKind } from '../correct/index';

/** What was added to or drawn off a jar to put it right, g, and where it stands since. */
export interface Correction {
  readonly id: string;
  readonly at: WallMinute;
  readonly fillingId: string;
  readonly trouble: TroubleKind;
  readonly drawnG: number;
  readonly waterG: number;
  readonly naclG: number;
  /** g of the household's salt in it. */
  readonly saltG: number;
  readonly vegG: number;
  /** Lost before it was put right: spilled or gone as vapour, g. */
  readonly lostG: number;
  readonly from: number;
  readonly to: number;
  readonly reason: string;
}

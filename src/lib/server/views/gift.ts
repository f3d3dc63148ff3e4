import QRCode from 'qrcode';
import { giftText } from '../../words';
import type { House } from '../usecases';
import { giftCard, type GiftCard } from './labels';

/** A gift's card with its code: modules, row by row, each dark or not. */
export interface GiftPage extends GiftCard {
  /** null: it says more than a code holds. */
  readonly code: { readonly size: number; readonly dark: readonly boolean[] } | null;
}

/** More makes squares too small for paper and a telephone; the largest code of all holds 2953. Our judgement. */
const MOST_BYTES = 1500;

/** The card of one jar; undefined where there is none. */
export async function giftPage(
  house: House,
  batchId: string,
  fillingId: string
): Promise<GiftPage | undefined> {
  const card = await giftCard(house, batchId, fillingId);
  if (!card) return undefined;
  const text = giftText(card);
  if (Buffer.byteLength(text) > MOST_BYTES) return { ...card, code: null };
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'L' });
  return { ...card, code: { size: modules.size, dark: Array.from(modules.data, (m) => m === 1) } };
}

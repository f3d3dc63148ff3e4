import QRCode from 'qrcode';
import { giftText } from '../../words';
import type { House } from '../usecases';
import { giftCard, type GiftCard } from './labels';

/** A gift's card with its code: modules, row by row, each dark or not. */
export interface GiftPage extends GiftCard {
  readonly code: { readonly size: number; readonly dark: readonly boolean[] };
}

/** The card of one jar; undefined where there is none. */
export async function giftPage(
  house: House,
  batchId: string,
  fillingId: string
): Promise<GiftPage | undefined> {
  const card = await giftCard(house, batchId, fillingId);
  if (!card) return undefined;
  const { modules } = QRCode.create(giftText(card), { errorCorrectionLevel: 'L' });
  return { ...card, code: { size: modules.size, dark: Array.from(modules.data, (m) => m === 1) } };
}

import { isCloth, isCup, type Blank } from '../model';
import { inches } from '../units';

/** Enough to cover a shaky cut at a wrap's edges (from memory). */
const WRAP_BLEED_MM = inches(1 / 16);
/** Overall half an inch on fabric panels, 0.1 in a side on hard discs: common practice. */
const CLOTH_BLEED_MM = inches(1 / 4);
const HARD_BLEED_MM = inches(0.1);

/** How far art is usually made larger than such a blank, a side. */
export function usualBleedMm({ form, substrate }: Blank): number {
  if (isCup(form)) return WRAP_BLEED_MM;
  if (form.kind === 'garment' || form.kind === 'socks') return 0;
  return isCloth(substrate) ? CLOTH_BLEED_MM : HARD_BLEED_MM;
}

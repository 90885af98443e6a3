import { isCup, traitsOf } from '../form';
import type { Blank } from '../model';
import { isCloth, MATERIAL_TRAITS, type Work } from '../traits';

/** What kind of work a blank is. */
export function workOf({ form, substrate }: Blank): Work {
  const work = traitsOf(form).work[MATERIAL_TRAITS[substrate.material].kind];
  const thick = isCloth(substrate) && substrate.texture !== 'flat';
  return thick && !isCup(form) && work !== 'socks' ? 'thick cloth' : work;
}

/** How far art is usually made larger than such a blank, a side, mm. */
export const usualBleedMm = ({ form, substrate }: Blank): number =>
  traitsOf(form).bleedMm[isCloth(substrate) ? 'cloth' : 'hard'];

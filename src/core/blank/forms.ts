import type { Blank, BlankForm, CupForm, FormKind } from '../model';
import { isCloth, MATERIAL_TRAITS, type FormTraits, type Work } from '../traits';
import type { Face } from './face';
import { DISC, OUTLINE, PANEL } from './flat';
import { GARMENT } from './garment';
import type { Doubt } from './doubt';
import type { FormRules } from './rules';
import { SOCKS } from './socks';
import { STRAIGHT_WRAP } from './straightWrap';
import { TAPERED_WRAP } from './taperedWrap';

type FormTable = { readonly [K in FormKind]: FormRules<Extract<BlankForm, { kind: K }>> };

/** Every form of blank: a new one is one file beside this one, and a line here. */
export const FORMS: FormTable = {
  'straight-wrap': STRAIGHT_WRAP,
  'tapered-wrap': TAPERED_WRAP,
  panel: PANEL,
  disc: DISC,
  outline: OUTLINE,
  garment: GARMENT,
  socks: SOCKS,
};

/** The rules of a form's own kind; the table guarantees that they belong together. */
const rulesOf = (form: BlankForm): FormRules<BlankForm> =>
  FORMS[form.kind] as unknown as FormRules<BlankForm>;

/** The flat faces of a blank, as they look when finished. */
export const facesOf = (blank: Blank): Face[] => rulesOf(blank.form).faces(blank.form);

/** Whether a blank looks mis-measured, and how, with the form it would be instead. */
export const measuringDoubt = (form: BlankForm): Doubt | null => rulesOf(form).doubt(form);

/** What every blank of such a form has in common. */
export const traitsOf = ({ kind }: BlankForm): FormTraits => FORMS[kind].traits;

/** Whether the print goes round it. */
export const isCup = (form: BlankForm): form is CupForm => traitsOf(form).printGoes === 'round';

/** What kind of work a blank is. */
export function workOf({ form, substrate }: Blank): Work {
  const work = traitsOf(form).work[MATERIAL_TRAITS[substrate.material].kind];
  const thick = isCloth(substrate) && substrate.texture !== 'flat';
  return thick && !isCup(form) && work !== 'socks' ? 'thick cloth' : work;
}

/** How far art is usually made larger than such a blank, a side, mm. */
export const usualBleedMm = ({ form, substrate }: Blank): number =>
  traitsOf(form).bleedMm[isCloth(substrate) ? 'cloth' : 'hard'];

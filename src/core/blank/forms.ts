import type { Blank, BlankForm } from '../model';
import type { LengthUnit } from '../units';
import type { Face } from './face';
import type { FormRules } from './rules';
import { STRAIGHT_WRAP } from './straightWrap';
import { TAPERED_WRAP } from './taperedWrap';
import type { GirthDoubt, Wall } from './wall';

type FormTable = { readonly [K in BlankForm['kind']]: FormRules<Extract<BlankForm, { kind: K }>> };

/** Every form of blank: a new one is one more record here and one file beside this one. */
export const FORMS: FormTable = {
  'straight-wrap': STRAIGHT_WRAP,
  'tapered-wrap': TAPERED_WRAP,
};

/** The rules of a form's own kind; the table guarantees that they belong together. */
const rulesOf = (form: BlankForm): FormRules<BlankForm> =>
  FORMS[form.kind] as unknown as FormRules<BlankForm>;

/** The flat faces of a blank, as they look when finished. */
export const facesOf = (blank: Blank): Face[] => rulesOf(blank.form).faces(blank.form);

/** The wall of a cup in plain figures. */
export const wallOf = (form: BlankForm): Wall => rulesOf(form).wall(form);

/** A question to ask when a blank's girth looks mis-measured, with the blank it would be instead. */
export function measuringDoubt(
  blank: Blank,
  unit: LengthUnit,
): (GirthDoubt & { readonly instead: Blank }) | null {
  const doubt = rulesOf(blank.form).doubt(blank.form, unit);
  if (!doubt) return null;
  return { ...doubt, instead: { ...blank, form: { ...blank.form, girthMeasuredAs: doubt.other } } };
}

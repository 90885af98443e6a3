import type { Blank, BlankForm } from '../model';
import type { LengthUnit } from '../units';
import type { Face } from './face';
import { girthDoubt, straightWrapFaces } from './straightWrap';

/** What the rest of the core needs to know of a form of blank. */
interface FormRules<F extends BlankForm> {
  /** The trade's word for it. */
  readonly label: string;
  readonly faces: (form: F) => Face[];
  /** A doubt about how it was measured, and the form it would be if the other way was meant. */
  readonly doubt: (form: F, unit: LengthUnit) => { question: string; form: F } | null;
}

type FormTable = { readonly [K in BlankForm['kind']]: FormRules<Extract<BlankForm, { kind: K }>> };

/** Every form of blank: a new one is one more record here and one file beside this one. */
export const FORMS: FormTable = {
  'straight-wrap': {
    label: 'Straight-walled mug',
    faces: straightWrapFaces,
    doubt: (form, unit) => {
      const doubt = girthDoubt(form, unit);
      return doubt && { question: doubt.question, form: { ...form, girthMeasuredAs: doubt.other } };
    },
  },
};

/** The flat faces of a blank, as they look when finished. */
export const facesOf = (blank: Blank): Face[] => FORMS[blank.form.kind].faces(blank.form);

/** A question to ask when a blank's figures look mis-measured, with the blank it would be instead. */
export function measuringDoubt(
  blank: Blank,
  unit: LengthUnit,
): { question: string; instead: Blank } | null {
  const doubt = FORMS[blank.form.kind].doubt(blank.form, unit);
  return doubt && { question: doubt.question, instead: { ...blank, form: doubt.form } };
}

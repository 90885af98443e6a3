import { z } from 'zod';
import { keysOf } from '../keys';
import type { FormTraits } from '../traits';
import type { CupForm } from './cup';
import type { Doubt } from './doubt';
import type { Face } from './face';
import { FLAT_FORMS } from './flat';
import { GARMENT } from './garment';
import type { FormRules } from './rules';
import { SOCKS } from './socks';
import { STRAIGHT_WRAP } from './straightWrap';
import { TAPERED_WRAP } from './taperedWrap';

/** Every form of blank. */
export const FORMS = {
  'straight-wrap': STRAIGHT_WRAP,
  'tapered-wrap': TAPERED_WRAP,
  ...FLAT_FORMS,
  garment: GARMENT,
  socks: SOCKS,
};

/** A kind of form. */
export type FormKind = keyof typeof FORMS;
/** The form of one kind, with its measures, mm. */
export type FormOf<K extends FormKind> = z.output<(typeof FORMS)[K]['schema']>;
/** The form of a blank with its measures, mm. */
export type BlankForm = FormOf<FormKind>;

type FormSchema = (typeof FORMS)[FormKind]['schema'];
const schemas = keysOf(FORMS).map((kind): FormSchema => FORMS[kind].schema);

/** A form of blank as it is kept. */
export const blankFormSchema = z.discriminatedUnion(
  'kind',
  // never empty
  schemas as [FormSchema, ...FormSchema[]],
);

/** The rules of a form's own kind; the table guarantees that they belong together. */
const rulesOf = (form: BlankForm) => FORMS[form.kind] as unknown as FormRules<FormSchema>;

/** The flat faces of a form, as they look when finished. */
export const facesOfForm = (form: BlankForm): Face[] => rulesOf(form).faces(form);

/** Whether a blank looks mis-measured, and how, with the form it would be instead. */
export const measuringDoubt = (form: BlankForm): Doubt<BlankForm> | null =>
  rulesOf(form).doubt(form);

/** What every blank of such a form has in common. */
export const traitsOf = ({ kind }: BlankForm): FormTraits => FORMS[kind].traits;

/** Whether the print goes round it. */
export const isCup = (form: BlankForm): form is CupForm => traitsOf(form).printGoes === 'round';

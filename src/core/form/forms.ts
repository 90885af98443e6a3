import * as z from 'zod/mini';
import { keysOf } from '../keys';
import type { FormTraits } from '../traits';
import { onceFor } from '../work';
import type { CupRules, Wall } from './cup';
import type { Doubt } from './doubt';
import type { Face } from './face';
import { FLAT_FORMS } from './flat';
import { GARMENT } from './garment';
import type { FormRules } from './rules';
import { SOCKS } from './socks';
import { STRAIGHT_WRAP } from './straightWrap';
import { TAPERED_WRAP } from './taperedWrap';

/** What a print goes round. */
const CUP_FORMS = { 'straight-wrap': STRAIGHT_WRAP, 'tapered-wrap': TAPERED_WRAP };

/** Every form of blank. */
export const FORMS = {
  ...CUP_FORMS,
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
/** Anything whose wall is wrapped. */
export type CupForm = FormOf<keyof typeof CUP_FORMS>;

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

/** The flat faces of a form, as they look when finished; the same ones whenever they are asked for. */
export const facesOfForm = onceFor(
  (form: BlankForm): readonly Face[] => rulesOf(form).faces(form),
  'outline-corners',
);

/** Whether a blank looks mis-measured, and how, with the form it would be instead. */
export const measuringDoubt = (form: BlankForm): Doubt<BlankForm> | null =>
  rulesOf(form).doubt(form);

/** What every blank of such a form has in common. */
export const traitsOf = ({ kind }: BlankForm): FormTraits => FORMS[kind].traits;

/** Whether the print goes round it. */
export const isCup = (form: BlankForm): form is CupForm => Object.hasOwn(CUP_FORMS, form.kind);

type CupSchema = (typeof CUP_FORMS)[keyof typeof CUP_FORMS]['schema'];
const cupRulesOf = ({ kind }: Pick<CupForm, 'kind'>) =>
  CUP_FORMS[kind] as unknown as CupRules<CupSchema>;

/** The wall of a cup in plain figures. */
export const wallOf = (form: CupForm): Wall => cupRulesOf(form).wall(form);

/** All of a cup's wall along its slant, mm: a hump and shoulder too, where no paper goes. */
export const fullWallMm = (form: CupForm): number => cupRulesOf(form).fullWallMm(form);

/** The same blank taken for another form: a cup keeps its figures, anything else starts afresh. */
export function convertForm(form: BlankForm, kind: FormKind): BlankForm {
  if (form.kind === kind) return form;
  const { start } = FORMS[kind];
  if (!isCup(form) || !isCup(start)) return start;
  const { handleGapMm, rimKeepOutMm, baseKeepOutMm } = form;
  // a wall is in circumferences
  const fields = {
    handleGapMm,
    rimKeepOutMm,
    baseKeepOutMm,
    girthMeasuredAs: 'circumference',
  } as const;
  return cupRulesOf(start).like(wallOf(form), fields);
}

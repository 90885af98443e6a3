import { onceFor } from '../work';
import type { CupRules, Wall } from './cup';
import type { Doubt } from './doubt';
import type { Face } from './face';
import { FLAT_FORMS } from './flat';
import { GARMENT } from './garment';
import {
  isCup,
  MEASURES,
  type BlankForm,
  type CupForm,
  type CupKind,
  type FormKind,
  type FormOf,
} from './measures';
import type { FormRules, RulesOf } from './rules';
import { SOCKS } from './socks';
import { STRAIGHT_WRAP } from './straightWrap';
import { TAPERED_WRAP } from './taperedWrap';

/** What a print goes round. */
const CUP_FORMS: { readonly [K in CupKind]: CupRules<FormOf<K>> } = {
  'straight-wrap': STRAIGHT_WRAP,
  'tapered-wrap': TAPERED_WRAP,
};

/** Every form of blank. */
const FORMS: RulesOf<FormKind> = { ...CUP_FORMS, ...FLAT_FORMS, garment: GARMENT, socks: SOCKS };

/** The rules of a form's own kind; the table guarantees that they belong together. */
const rulesOf = (form: BlankForm) => FORMS[form.kind] as unknown as FormRules<BlankForm>;

/** The flat faces of a form, as they look when finished; the same ones whenever they are asked for. */
export const facesOfForm = onceFor(
  (form: BlankForm): readonly Face[] => rulesOf(form).faces(form),
  'outline-corners',
);

/** Whether a blank looks mis-measured, and how, with the form it would be instead. */
export const measuringDoubt = (form: BlankForm): Doubt<BlankForm> | null =>
  rulesOf(form).doubt(form);

/** The rules of a cup's own kind. */
const cupRulesOf = ({ kind }: Pick<CupForm, 'kind'>) =>
  CUP_FORMS[kind] as unknown as CupRules<CupForm>;

/** The wall of a cup in plain figures. */
export const wallOf = (form: CupForm): Wall => cupRulesOf(form).wall(form);

/** All of a cup's wall along its slant, mm: a hump and shoulder too, where no paper goes. */
export const fullWallMm = (form: CupForm): number => cupRulesOf(form).fullWallMm(form);

/** The same blank taken for another form: a cup keeps its figures, anything else starts afresh. */
export function convertForm(form: BlankForm, kind: FormKind): BlankForm {
  if (form.kind === kind) return form;
  const { start } = MEASURES[kind];
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

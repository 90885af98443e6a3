import * as z from 'zod/mini';
import { keysOf } from '../../keys';
import type { FormTraits } from '../../traits';
import { FLAT_MEASURES } from './flat';
import { GARMENT } from './garment';
import { SOCKS } from './socks';
import { STRAIGHT_WRAP } from './straightWrap';
import { TAPERED_WRAP } from './taperedWrap';

/** What a print goes round. */
const CUP_MEASURES = { 'straight-wrap': STRAIGHT_WRAP, 'tapered-wrap': TAPERED_WRAP };

/** Every form of blank, by what is measured of it. */
export const MEASURES = { ...CUP_MEASURES, ...FLAT_MEASURES, garment: GARMENT, socks: SOCKS };

/** A kind of form. */
export type FormKind = keyof typeof MEASURES;
/** A kind of form that a print goes round. */
export type CupKind = keyof typeof CUP_MEASURES;
/** A kind of flat thing. */
export type FlatKind = keyof typeof FLAT_MEASURES;
/** The form of one kind, with its measures, mm. */
export type FormOf<K extends FormKind> = z.output<(typeof MEASURES)[K]['schema']>;
/** The form of a blank with its measures, mm. */
export type BlankForm = FormOf<FormKind>;
/** Anything whose wall is wrapped. */
export type CupForm = FormOf<CupKind>;

type FormSchema = (typeof MEASURES)[FormKind]['schema'];
const schemas = keysOf(MEASURES).map((kind): FormSchema => MEASURES[kind].schema);

/** A form of blank as it is kept. */
export const blankFormSchema = z.discriminatedUnion(
  'kind',
  // never empty
  schemas as [FormSchema, ...FormSchema[]],
);

/** What every blank of such a form has in common. */
export const traitsOf = ({ kind }: BlankForm): FormTraits => MEASURES[kind].traits;

/** Whether the print goes round it. */
export const isCup = (form: BlankForm): form is CupForm => Object.hasOwn(CUP_MEASURES, form.kind);

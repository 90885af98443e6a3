import type { Blank, TransferKind } from '../model';
import { type CupForm, fullWallMm, isCup, traitsOf } from '../form';
import { isCloth, MATERIAL_TRAITS, type CareCode } from '../traits';
import { TRANSFERS } from '../transfer';
import { inches } from '../units';

/** A sleeve is cut this much longer than the wall at rim and at base, so that it grips both (from memory). */
export const SLEEVE_OVER_MM = inches(1 / 2);

/** How long a shrink sleeve is cut: the cup's whole wall, humps and all, and a little over at both ends. */
export const sleeveLengthMm = (form: CupForm): number => fullWallMm(form) + 2 * SLEEVE_OVER_MM;
/** Long edges from here up are slit and folded over (own choice: longer than a hand is wide). */
const LONG_EDGE_MM = 200;

/** How a print is held, a thing at a time; `lengthMm` where it goes by one. */
export type Taping =
  | { readonly code: 'pull-tight' | 'ink-to-overlap' | 'shrink-seams-first' }
  | { readonly code: 'edges-in-order'; readonly handle: boolean }
  | { readonly code: 'slit-long-edges'; readonly lengthMm: number }
  | { readonly code: 'cut-sleeve'; readonly lengthMm: number; readonly handle: boolean }
  | { readonly code: 'two-edges-of-cloth' | 'outside-the-picture' | 'thin-tape' };

/** How a print is held on this blank, in order. Common practice unless said. */
export function tapingFor(
  blank: Blank,
  paper: { readonly widthMm: number; readonly heightMm: number } | null,
  sleeved: boolean,
): readonly Taping[] {
  const lengthMm = paper ? Math.max(paper.widthMm, paper.heightMm) : 0;
  const slit: Taping[] = lengthMm > LONG_EDGE_MM ? [{ code: 'slit-long-edges', lengthMm }] : [];
  const { form } = blank;
  if (isCup(form)) {
    const handle = form.handleGapMm > 0;
    const sleeve: Taping[] = [
      { code: 'cut-sleeve', lengthMm: sleeveLengthMm(form), handle },
      { code: 'shrink-seams-first' },
    ];
    return [
      { code: 'pull-tight' },
      { code: 'edges-in-order', handle },
      { code: 'ink-to-overlap' },
      ...slit,
      ...(sleeved ? sleeve : []),
    ];
  }
  if (isCloth(blank.substrate)) return [{ code: 'two-edges-of-cloth' }, ...slit];
  return [{ code: 'outside-the-picture' }, { code: 'thin-tape' }, ...slit];
}

/** How the thing is looked after. Common practice; the blank's own label comes first. */
export const careFor = ({ form, substrate }: Blank, transfer: TransferKind): readonly CareCode[] =>
  traitsOf(form).care ?? MATERIAL_TRAITS[substrate.material].care ?? TRANSFERS[transfer].care;

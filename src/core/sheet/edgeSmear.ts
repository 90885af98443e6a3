import type { Cutter } from '../model';

/**
 * Whether a cutting program's bleed, which smears the colours at the edge outwards, is wanted:
 * only when a machine cuts the piece. Pressed with its margin, a smeared edge comes out fuzzy, with
 * grey shades (common practice).
 */
export function edgeSmear(cutter: Cutter | null): { wanted: boolean; says: string } {
  return cutter
    ? {
        wanted: true,
        says: `Bleed that smears the edge colours: on, since ${cutter.name} cuts the pieces and may be a hair off.`,
      }
    : {
        wanted: false,
        says: 'Bleed that smears the edge colours: off. Cut by hand, it is pressed as a fuzzy edge.',
      };
}

import type { OwnColours, Substrate } from '../model';
import { isCloth, FINISH_TRAITS } from '../traits';
import type { Transfer } from '../transfer';
import { letsOf, type Lets } from './measured';
import { linearOf, type Rgb } from './srgb';

/** What a print meets: the ground it lies on and how it takes. */
export interface Ground {
  /** The blank's own colour, in linear light. */
  readonly colour: Rgb;
  /** Whether the print lets the ground shine through; else it hides it. */
  readonly transparent: boolean;
  /** Share of the surface that takes the dye, 0–1: the polyester of cloth. */
  readonly takes: number;
  /** How far the surface itself varies from place to place, CIEDE2000; 0 where it is even. */
  readonly spread: number;
  /** What the print really comes out as, where the person measured it; null takes the file for it. */
  readonly own: OwnColours | null;
}

/**
 * What every surface sends back before the light meets dye, as a share of it: no print is darker (from memory). A
 * blank's own colour is as it is seen, so it has its own already.
 */
export const VEIL = 0.015;

/**
 * The ground that a transfer meets on a blank of a colour.
 * @param own what was measured of the paper, printer and surface, if anything.
 */
export function groundOf(
  { transparent, needsPolyester }: Pick<Transfer, 'transparent' | 'needsPolyester'>,
  substrate: Substrate,
  own: OwnColours | null = null,
): Ground {
  const share = isCloth(substrate) ? (substrate.polyesterShare ?? 1) : 1;
  return {
    ...{ colour: linearOf(substrate.colour), transparent, own },
    // what the cloth does not take is in what was measured
    takes: needsPolyester && !own ? share : 1,
    spread: FINISH_TRAITS[substrate.finish].spread,
  };
}

/** What was measured of a paper and printer on such a surface, the latest; null where nothing was. */
export const ownColoursFor = (
  colours: readonly OwnColours[],
  tools: { readonly paperId: string; readonly printerId: string },
  { material, finish }: Pick<Substrate, 'material' | 'finish'>,
): OwnColours | null =>
  colours.findLast(
    (each) =>
      each.paperId === tools.paperId &&
      each.printerId === tools.printerId &&
      each.material === material &&
      each.finish === finish,
  ) ?? null;

const AS_FILE: Lets = (file) => file;
const tables = new WeakMap<OwnColours, Lets>();

/** What a print lets through of a colour of the file, by what was measured; else as the file has it. */
export function letsOn({ own }: Pick<Ground, 'own'>): Lets {
  if (!own) return AS_FILE;
  const table = tables.get(own) ?? letsOf(own.patches);
  tables.set(own, table);
  return table;
}

/** A colour of the file as it is once pressed on a ground, in linear light; null stands for bare blank. */
export function pressed(file: Rgb | null, ground: Ground): Rgb {
  const { colour, transparent, takes } = ground;
  const through = file && letsOn(ground)(file);
  const at = (c: 0 | 1 | 2): number => {
    if (!through) return colour[c];
    if (!transparent) return VEIL + (1 - VEIL) * through[c];
    const veil = Math.min(VEIL, colour[c]);
    return veil + (colour[c] - veil) * (1 - takes + takes * through[c]);
  };
  return [at(0), at(1), at(2)];
}

/** How flat dye is on its paper before heat: the light that the darkest still sends back, and how grey colours are (from memory). */
const PAPER_DARKEST = 0.1;
const PAPER_GREY = 0.45;

/** How a colour of the file looks on its paper before it is pressed, in linear light: dull, whatever was printed right. */
export function onPaper(file: Rgb): Rgb {
  const grey = 0.2126 * file[0] + 0.7152 * file[1] + 0.0722 * file[2];
  const at = (c: 0 | 1 | 2) =>
    PAPER_DARKEST + (1 - PAPER_DARKEST) * (file[c] + PAPER_GREY * (grey - file[c]));
  return [at(0), at(1), at(2)];
}

import type { Substrate } from '../model';
import { isCloth, FINISH_TRAITS } from '../traits';
import type { Transfer } from '../transfer';
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
}

/**
 * What every surface sends back before the light meets dye, as a share of it: no print is darker (from memory). A
 * blank's own colour is as it is seen, so it has its own already.
 */
export const VEIL = 0.015;

/** The ground that a transfer meets on a blank of a colour. */
export function groundOf(
  { transparent, needsPolyester }: Pick<Transfer, 'transparent' | 'needsPolyester'>,
  substrate: Substrate,
  colour: string = substrate.colour,
): Ground {
  const share = isCloth(substrate) ? (substrate.polyesterShare ?? 1) : 1;
  return {
    ...{ colour: linearOf(colour), transparent },
    takes: needsPolyester ? share : 1,
    spread: FINISH_TRAITS[substrate.finish].spread,
  };
}

/** What a print of a file's colour lets through of the ground's light, channel by channel; all in linear light. */
export type Lets = (file: Rgb) => Rgb;

/** As the file has it: what a screen shows is what the dye lets through on white. */
export const AS_FILE: Lets = (file) => file;

/** A colour of the file as it is once pressed on a ground, in linear light; null stands for bare blank. */
export function pressed(file: Rgb | null, ground: Ground, lets: Lets = AS_FILE): Rgb {
  const { colour, transparent, takes } = ground;
  const through = file && lets(file);
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

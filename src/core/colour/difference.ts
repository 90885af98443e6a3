import {
  converter,
  differenceCiede2000,
  modeLab,
  modeLab65,
  modeLrgb,
  modeRgb,
  modeXyz50,
  modeXyz65,
  useMode as addMode,
  type Lab65,
} from 'culori/fn';
import { linearOf, type Rgb } from './srgb';

addMode(modeRgb);
addMode(modeLrgb);
addMode(modeXyz65);
addMode(modeLab65);
addMode(modeXyz50);
addMode(modeLab);

const toLab65 = converter('lab65');
const ciede2000 = differenceCiede2000();

/** A colour by its lightness L* (0–100) and its opponent figures a*, b*, under daylight (CIE L*a*b*, D65). */
export interface Lab {
  readonly l: number;
  readonly a: number;
  readonly b: number;
}

/** Linear sRGB light as L*a*b*. */
export function labOf([r, g, b]: Rgb): Lab {
  const { l, a, b: yellow } = toLab65({ mode: 'lrgb', r, g, b });
  return { l, a, b: yellow };
}

const asLab65 = (lab: Lab): Lab65 => ({ mode: 'lab65', ...lab });

const toLight = converter('lrgb');

/** What a colour reader says, L*a*b* under D50, as linear sRGB light; what no screen shows lies outside 0–1. */
export function lightOfReader({ l, a, b }: Lab): Rgb {
  const { r, g, b: blue } = toLight({ mode: 'lab', l, a, b });
  return [r, g, blue];
}

/** How far two colours are apart for the eye: CIEDE2000, about 1 is just seen, 10 at a glance (ISO/CIE 11664-6). */
export const labDifference = (one: Lab, other: Lab): number =>
  ciede2000(asLab65(one), asLab65(other));

/** How far two colours in linear light are apart for the eye, CIEDE2000. */
export const difference = (one: Rgb, other: Rgb): number => labDifference(labOf(one), labOf(other));

/** How far two colours like `#1f2a44` are apart for the eye, CIEDE2000. */
export const hexDifference = (one: string, other: string): number =>
  difference(linearOf(one), linearOf(other));

/** Signs that only look like a degree sign. */
const LIKE_DEGREES = /[º˚]/g;
const VULGAR_FRACTIONS = /[¼½¾⅐-⅞]/gu;

/**
 * What a person typed or pasted, in the plain signs that figures and units are read by: phones make quotes of inch marks and dashes
 * of hyphens, other programs write fractions, degrees and figures as one sign (`9⅜″`, `204 ℃`, `４００`).
 */
export const plainlyTyped = (text: string): string =>
  text
    .replace(LIKE_DEGREES, '°')
    .replace(VULGAR_FRACTIONS, (sign) => ` ${sign}`)
    .normalize('NFKC')
    .toLowerCase()
    .replace(/\u2044/g, '/')
    .replace(/[‘’′`]/g, "'")
    .replace(/[“”„]|''/g, '"')
    .replace(/[‐-―−]/g, '-')
    .trim();

/** A figure with a decimal point or comma. */
export const typedFigure = (text: string): number => Number(text.replace(',', '.'));

import type { TextSpec } from '@/core/model';

/** How the shipped fonts are called in style sheets. */
const FAMILIES: Readonly<Record<TextSpec['font'], string>> = {
  'Bricolage Grotesque': 'Bricolage Grotesque Variable',
  'Atkinson Hyperlegible': 'Atkinson Hyperlegible',
  'DM Mono': 'DM Mono',
};

/** The letters of a line as style sheets call them, those of the computer in reserve. */
export const familyOf = (font: TextSpec['font']): string => `"${FAMILIES[font]}", sans-serif`;

/**
 * Whether a sign is in one of the ranges of a font face.
 * @param ranges as CSS writes them: `U+0-FF, U+131, U+4??` (CSS Fonts 4, §4.5).
 */
export const isInRanges = (ranges: string, sign: string): boolean =>
  ranges.split(',').some((range) => {
    const [from = '', to = from] = range.trim().replace(/^U\+/i, '').split('-');
    const code = sign.codePointAt(0) ?? 0;
    return (
      code >= parseInt(from.replaceAll('?', '0'), 16) &&
      code <= parseInt(to.replaceAll('?', 'F'), 16)
    );
  });

/** What is not seen: gaps, joiners, choices between forms of a sign. */
const UNSEEN = /[\s\p{Cf}\uFE0F]/u;

/**
 * Signs that letters do not have, as far as their style sheets tell, each once: another font stands in
 * for them, or an empty box.
 */
export function foreignSigns(font: TextSpec['font'], text: string): readonly string[] {
  const ranges = [...document.fonts]
    .filter(({ family }) => family.replaceAll(/["']/g, '') === FAMILIES[font])
    .map(({ unicodeRange }) => unicodeRange);
  const signs = new Set(Array.from(text).filter((sign) => !UNSEEN.test(sign)));
  return [...signs].filter((sign) => !ranges.some((range) => isInRanges(range, sign)));
}

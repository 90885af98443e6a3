import postcss, { type Declaration, type Rule } from 'postcss';
import { takeApart } from './stretches';

/** Signs of a drawing’s style sheets, selectors in them, and signs they write on its elements, at most. */
const MOST_SIGNS = 2_000_000;
const MOST_SELECTORS = 2000;
const MOST_WRITTEN = 16_000_000;

/** What marks a text that XML takes as it is (XML 1.0, §2.7). */
const AS_IT_IS = /<!\[CDATA\[|\]\]>/g;
/** What XML writes with an entity of its own (XML 1.0, §4.6). */
const SIGNS: Readonly<Record<string, string>> = {
  ...{ '&lt;': '<', '&gt;': '>', '&quot;': '"', '&apos;': "'", '&amp;': '&' },
};

/** A drawing's markup without its style sheets, and they as one. */
export function takeStyles(markup: string): { readonly markup: string; readonly css: string } {
  const { outside, inside } = takeApart(markup.replace(/<style\s*\/>/g, ''), '<style', '</style>');
  const sheets = inside.map((sheet) => {
    const plain = sheet.slice(sheet.indexOf('>') + 1).replace(AS_IT_IS, '');
    return plain.replace(/&(?:lt|gt|quot|apos|amp);/g, (sign) => SIGNS[sign] ?? sign);
  });
  return { markup: outside.join(''), css: sheets.join('\n') };
}

/** What an element's own style says of a property, the last word of it; null where nothing. */
export function ownStyle(element: Element, property: string): string | null {
  const said = (element.getAttribute('style') ?? '').split(';').flatMap((declared) => {
    const [name = '', ...value] = declared.split(':');
    return name.trim() === property ? [value.join(':').trim()] : [];
  });
  const word = said.findLast((value) => value.endsWith('!important')) ?? said.at(-1);
  return word?.replace('!important', '').trim() ?? null;
}

/** Whether a declaration stays in the drawing: it points to nothing else, and hides no sign. */
export const staysInside = (value: string): boolean =>
  !/\\|src\s*\(|image-set|url\((?!\s*['"]?\s*#)/i.test(value);

/** How much a selector says of what it chooses: ids, then classes, then names of elements (Selectors 4, §15). */
function weightOf(selector: string): number {
  const count = (sign: RegExp) => selector.match(sign)?.length ?? 0;
  const classes = count(/\.[\w-]|\[|:(?!:)[\w-]/g);
  return 1e6 * count(/#[\w-]/g) + 1e3 * classes + count(/(?:^|[\s>+~])[a-z]/gi);
}

interface Chosen {
  readonly selector: string;
  readonly weight: number;
  readonly declared: string;
}

/** The rules of a style sheet, the weakest first; what holds for some media or times only is left out. */
function rulesOf(css: string): Chosen[] {
  let sheet: ReturnType<typeof postcss.parse>;
  try {
    sheet = postcss.parse(css);
  } catch {
    return [];
  }
  const rules = sheet.nodes.filter((node): node is Rule => node.type === 'rule');
  return rules
    .flatMap(({ selectors, nodes }) => {
      const kept = nodes.filter(
        (node): node is Declaration => node.type === 'decl' && staysInside(node.value),
      );
      const declared = kept
        .map(({ prop, value, important }) => `${prop}:${value}${important ? '!important' : ''}`)
        .join(';');
      return selectors.map((selector) => ({ selector, weight: weightOf(selector), declared }));
    })
    .sort((a, b) => a.weight - b.weight);
}

/** The elements that a selector chooses; none of one that this browser does not know. */
function chosenBy(root: Element, selector: string): Element[] {
  try {
    const within = [...root.querySelectorAll(selector)];
    return root.matches(selector) ? [root, ...within] : within;
  } catch {
    return [];
  }
}

/**
 * Writes what style sheets say of each element on the element itself, where its own style outranks it: then a part can be taken out
 * or drawn by a pen without them.
 * @returns false where they say more than any honest drawing's do.
 */
export function writeStyles(root: Element, css: string): boolean {
  const rules = css.length > MOST_SIGNS ? null : rulesOf(css);
  if (!rules || rules.length > MOST_SELECTORS) return false;
  const said = new Map<Element, string[]>();
  let written = 0;
  for (const { selector, declared } of rules)
    for (const element of declared === '' ? [] : chosenBy(root, selector)) {
      written += declared.length;
      if (written > MOST_WRITTEN) return false;
      const already = said.get(element);
      if (already) already.push(declared);
      else said.set(element, [declared]);
    }
  for (const [element, declared] of said) {
    const own = element.getAttribute('style');
    element.setAttribute('style', [...declared, ...(own ? [own] : [])].join(';'));
  }
  return true;
}

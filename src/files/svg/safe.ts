import DOMPurify from 'dompurify';
import { failure, success, type Result } from '@/core/result';
import type { DrawingLoss } from '@/core/model';
import { isOwnPicture } from './pictures';
import { withNamespaces, withoutProlog } from './prolog';
import { staysInside, takeStyles, writeStyles } from './styles';
import { writeOutUses } from './uses';

/** Largest SVG taken in, characters, and most elements: far above any honest drawing. */
const MAX_CHARACTERS = 8_000_000;
const MAX_ELEMENTS = 20_000;
/** Elements that are drawn through effects, at most: each is a picture of its own in between. */
const MAX_EFFECTS = 60;

/** What SVG 2 writes in camel case: read as XML, names keep their case, and the sanitiser lists only lower case. */
const CAMEL_TAGS = ['linearGradient', 'radialGradient', 'clipPath', 'textPath'];
const CAMEL_ATTRIBUTES = [
  ...['viewBox', 'preserveAspectRatio', 'pathLength', 'textLength', 'lengthAdjust', 'startOffset'],
  ...['gradientUnits', 'gradientTransform', 'spreadMethod', 'clipPathUnits'],
  ...['patternUnits', 'patternContentUnits', 'patternTransform'],
  ...['maskUnits', 'maskContentUnits', 'markerUnits', 'markerWidth', 'markerHeight'],
  ...['refX', 'refY', 'filterUnits', 'primitiveUnits', 'stdDeviation', 'tableValues'],
];

/** Effects whose work does not grow with what they are told (Filter Effects 1, §9). */
const EFFECTS = [
  ...['feBlend', 'feColorMatrix', 'feComponentTransfer', 'feComposite', 'feDropShadow', 'feFlood'],
  ...['feFuncA', 'feFuncB', 'feFuncG', 'feFuncR', 'feGaussianBlur', 'feMerge', 'feMergeNode'],
  'feOffset',
];

const MOVEMENT = /^(?:animate|set$)/i;

/** A drawing that neither acts nor calls out. */
export interface SafeSvg {
  readonly root: Element;
  /** What it shows no more. */
  readonly lost: readonly DrawingLoss[];
}

/** Attributes may point into the drawing itself and nowhere else; pictures may be written into it. */
function dropOutsideLinks(element: Element, lose: (what: DrawingLoss) => void): void {
  const isPicture = element.nodeName === 'image';
  for (const { name, value } of [...element.attributes]) {
    if (!/href$/i.test(name)) {
      if (!staysInside(value)) element.removeAttribute(name);
    } else if (isPicture ? !isOwnPicture(value) : !value.trim().startsWith('#')) {
      element.removeAttribute(name);
      if (isPicture) lose('elsewhere');
    }
  }
}

/** Takes the effects out of a drawing: half of one would hide what is drawn through it. */
function dropEffects(root: Element): void {
  for (const filter of [...root.getElementsByTagName('filter')]) filter.remove();
  for (const element of root.querySelectorAll('[filter]')) element.removeAttribute('filter');
  for (const element of root.querySelectorAll('[style*="filter"]'))
    element.setAttribute('style', `${element.getAttribute('style') ?? ''};filter:none!important`);
}

/** What the sanitiser took out that would have shown. */
function lostBy(removed: readonly Element[]): DrawingLoss[] {
  const any = (name: RegExp, but = '') =>
    removed.some((each) => name.test(each.nodeName) && !(but && each.hasAttribute(but)));
  const lost = [
    any(MOVEMENT) && 'movement',
    // what asks for a program's own extension is for that program alone, with something else to be shown in its place
    any(/^foreignobject$/i, 'requiredExtensions') && 'page',
    any(/^fe[A-Z]/) && 'effects',
  ] as const;
  return lost.filter((what) => what !== false);
}

/**
 * Makes an SVG from a stranger harmless: scripts, event handlers, links to elsewhere and foreign markup are taken out, style sheets
 * and uses written out where they hold, so that what is left says by itself how it looks. Needs a DOM.
 */
export function makeSafe(text: string): Result<SafeSvg> {
  if (text.length > MAX_CHARACTERS) {
    return failure(
      `The drawing has ${Math.round(text.length / 1e6)} MB; up to ${MAX_CHARACTERS / 1e6} MB can be taken in. Simplify it first.`,
    );
  }
  const tooMany = failure(`The drawing has more than ${MAX_ELEMENTS} parts. Simplify it first.`);
  const { markup, css } = takeStyles(withNamespaces(withoutProlog(text)));
  const clean = DOMPurify.sanitize(markup, {
    PARSER_MEDIA_TYPE: 'application/xhtml+xml',
    ADD_TAGS: [...CAMEL_TAGS, ...EFFECTS, 'use'],
    ADD_ATTR: CAMEL_ATTRIBUTES,
    USE_PROFILES: { svg: true },
    FORBID_TAGS: ['style', 'a'],
  });
  const removed = DOMPurify.removed.flatMap((each) => ('element' in each ? [each.element] : []));
  const root = new DOMParser().parseFromString(clean, 'image/svg+xml').documentElement;
  if (root.nodeName.toLowerCase() !== 'svg')
    return failure('This is not an SVG drawing, whatever its name says.');
  if (root.getElementsByTagName('*').length > MAX_ELEMENTS) return tooMany;
  const lost = new Set(lostBy(removed as Element[]));
  const lose = (what: DrawingLoss) => lost.add(what);
  if (!writeStyles(root, css))
    return failure('The style sheet of this drawing is too long. Save it with plain attributes.');
  for (const element of [root, ...root.getElementsByTagName('*')]) dropOutsideLinks(element, lose);
  if (!writeOutUses(root, MAX_ELEMENTS)) return tooMany;
  if (root.querySelectorAll('[filter], [style*="filter"]').length > MAX_EFFECTS) lose('effects');
  if (lost.has('effects')) dropEffects(root);
  return success({ root, lost: [...lost] });
}

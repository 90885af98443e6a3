const SVG = 'http://www.w3.org/2000/svg';

/** What places a copy; the rest of what it says holds for what is in it. */
const PLACING = ['x', 'y', 'width', 'height', 'href', 'xlink:href', 'transform', 'id'] as const;

const idOf = (use: Element): string =>
  (use.getAttribute('href') ?? use.getAttribute('xlink:href') ?? '').trim().replace(/^#/, '');

const within = (element: Element): number => element.getElementsByTagName('*').length;

/** A copy of what a symbol holds: a drawing of its own, as large as is said where it is used (SVG 2, §5.5). */
function ofSymbol(symbol: Element, use: Element): Element {
  const inner = symbol.ownerDocument.createElementNS(SVG, 'svg');
  for (const { name, value } of [...symbol.attributes])
    if (name !== 'id' && !name.startsWith('xmlns')) inner.setAttribute(name, value);
  for (const side of ['width', 'height'] as const)
    inner.setAttribute(side, use.getAttribute(side) ?? symbol.getAttribute(side) ?? '100%');
  inner.append(...[...symbol.childNodes].map((node) => node.cloneNode(true)));
  return inner;
}

/** Where a use lies, as transforms. */
function placeOf(use: Element): string {
  const [x, y] = [use.getAttribute('x') ?? '0', use.getAttribute('y') ?? '0'];
  const moved = `translate(${Number.parseFloat(x) || 0} ${Number.parseFloat(y) || 0})`;
  return `${use.getAttribute('transform') ?? ''} ${moved}`.trim();
}

/** What stands for a use: its target in a group that lies where it is used (SVG 2, §5.6). */
function copyFor(use: Element, target: Element): Element {
  const copy =
    target.nodeName === 'symbol' ? ofSymbol(target, use) : (target.cloneNode(true) as Element);
  for (const each of [copy, ...copy.getElementsByTagName('*')]) each.removeAttribute('id');
  if (use.parentElement?.nodeName === 'clipPath') {
    // what clips is a shape itself: no group may hold it (CSS Masking 1, §5.1)
    copy.setAttribute(
      'transform',
      `${placeOf(use)} ${copy.getAttribute('transform') ?? ''}`.trim(),
    );
    return copy;
  }
  const group = use.ownerDocument.createElementNS(SVG, 'g');
  for (const { name, value } of [...use.attributes])
    if (!PLACING.some((each) => each === name) && !name.startsWith('xmlns'))
      group.setAttribute(name, value);
  group.setAttribute('transform', placeOf(use));
  group.append(copy);
  return group;
}

/**
 * Puts copies where a drawing uses parts of itself, so that whoever follows its lines finds them all. A part that would hold itself
 * is left out.
 * @returns false where there would be more than so many parts.
 */
export function writeOutUses(root: Element, mostParts: number): boolean {
  const byId = new Map(
    [root, ...root.getElementsByTagName('*')].map((each) => [each.getAttribute('id') ?? '', each]),
  );
  let parts = within(root);
  for (;;) {
    const [use] = root.getElementsByTagName('use');
    if (!use) return true;
    const target = byId.get(idOf(use));
    if (!target || target.contains(use)) {
      use.remove();
      continue;
    }
    parts += within(target) + 2;
    if (parts > mostParts) return false;
    use.replaceWith(copyFor(use, target));
  }
}

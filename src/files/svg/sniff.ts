/** What may stand before the drawing itself, and how each ends. */
const BEFORE = [
  ['<?', '?>'],
  ['<!--', '-->'],
  ['<!doctype', '>'],
] as const;

/** A byte order mark, and one that was read by eight bits: where a text is cut off within a sign. */
const MARKS = ['\uFEFF', 'ï»¿'];

/**
 * Whether a text begins as an SVG drawing: past a byte order mark, an XML declaration, comments and a
 * document type comes `<svg`. Each letter is looked at once, however many comments there are.
 */
export function beginsAsSvg(text: string): boolean {
  const low = text.toLowerCase();
  let at = MARKS.find((mark) => low.startsWith(mark))?.length ?? 0;
  for (;;) {
    while (/\s/.test(low[at] ?? '')) at++;
    const prolog = BEFORE.find(([opens]) => low.startsWith(opens, at));
    if (!prolog) return /^<svg[\s>/]/.test(low.slice(at, at + 5));
    const end = low.indexOf(prolog[1], at + prolog[0].length);
    if (end < 0) return false;
    // a document type may say in brackets what its entities stand for
    const inner = low.indexOf('[', at);
    const outer = inner >= 0 && inner < end ? low.indexOf(']', inner) : end;
    const closing = outer === end ? end : low.indexOf(prolog[1], outer);
    if (outer < 0 || closing < 0) return false;
    at = closing + prolog[1].length;
  }
}

import { takeApart } from './stretches';

/** Entities a drawing may name, and signs each may stand for, at most. */
const MOST_ENTITIES = 200;
const MOST_SIGNS = 2000;

const DECLARED = /<!ENTITY\s+([\w.-]+)\s+(?:"([^"]*)"|'([^']*)')\s*>/g;

/** What a document type says its entities stand for (XML 1.0, §4.2.1); those that stand for others, or for marks, are left out. */
function entitiesOf(prolog: string): Map<string, string> {
  const found = new Map<string, string>();
  for (const [, name = '', doubly, singly] of prolog.matchAll(DECLARED)) {
    const value = doubly ?? singly ?? '';
    if (found.size < MOST_ENTITIES && value.length <= MOST_SIGNS && !/[&<]/.test(value))
      found.set(name, value);
  }
  return found;
}

/** Names that drawings use, and what they must say to use them (Namespaces in XML 1.0, §3). */
const NAMESPACES = [
  { used: '<svg', said: 'xmlns', space: 'http://www.w3.org/2000/svg' },
  { used: 'xlink:', said: 'xmlns:xlink', space: 'http://www.w3.org/1999/xlink' },
] as const;

/** A drawing that says what its names are of: copied out of a web page it need not. */
export function withNamespaces(markup: string): string {
  const head = markup.slice(0, markup.indexOf('>'));
  const missing = NAMESPACES.filter(
    ({ used, said }) => markup.includes(used) && !head.includes(`${said}=`),
  );
  const added = missing.map(({ said, space }) => ` ${said}="${space}"`).join('');
  return markup.replace(/^<svg/, `<svg${added}`);
}

/**
 * A drawing without what stands before it: declaration, comments and document type are gone, and what entities of its own stand
 * for is written out, once, so that none can grow.
 */
export function withoutProlog(text: string): string {
  const from = text.search(/<svg[\s>]/i);
  if (from < 0) return text;
  const known = entitiesOf(text.slice(0, from));
  const body = text.slice(from);
  if (known.size === 0) return body;
  // what XML takes as it is names none (XML 1.0, §2.7)
  const { outside, inside } = takeApart(body, '<![CDATA[', ']]>');
  const written = outside.map((part) =>
    part.replace(/&([\w.-]+);/g, (whole, name: string) => known.get(name) ?? whole),
  );
  return written.reduce((all, part, i) => `${all}<![CDATA[${inside[i - 1] ?? ''}]]>${part}`);
}

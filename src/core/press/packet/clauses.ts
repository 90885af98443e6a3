import type { Place, TimeOf } from './says';

/** No further is looked for what a clause says of a place, signs: no text is slow to read (own choice). */
const NEAR = 160;

const ENDS = /[.;\n!]/;

/** What stands before a place in its clause: back to the last full stop, semicolon or line end. */
export const before = (text: string, { from }: Place): string =>
  (
    text
      .slice(Math.max(0, from - NEAR), from)
      .split(ENDS)
      .at(-1) ?? ''
  ).toLowerCase();

/** What stands behind a place in its clause. */
const behind = (text: string, { to }: Place): string =>
  (text.slice(to, to + NEAR).split(ENDS)[0] ?? '').toLowerCase();

const NOT =
  /(?:(?:\b(?:not|never|cannot|do\s+not|does\s+not)|\w+n['’]t)(?:\s+(?!(?:and|then|but|so)\b)\w+){0,4}|\bno(?:\s+need\b(?:\s+\w+){0,3})?)\s*$/;
const LEFT_OUT = /\b(?:without|forget|fail|skip|omit|avoid)(?:\s+\w+){0,3}\s*$/;
const NOT_AFTER =
  /^\w*\s*(?:\w+\s+){0,3}?(?:(?:not|n['’]t)\s+(?:be\s+)?|un)(?:needed|required|necessary)|^(?:\s+\w+)?\s*[:=?–-]\s*(?:off|no)\b|^\s*(?:off|no)\b/;

/**
 * Where the text says that something is not so, or not to be done: “never”, “without”, “is not needed”; but “do not forget”.
 * @returns its place with the words that deny it; null where it is asked for.
 */
export function deniedAt(text: string, place: Place): Place | null {
  const [ahead, after] = [before(text, place), behind(text, place)];
  const denials = [NOT.exec(ahead), LEFT_OUT.exec(ahead), NOT_AFTER.exec(after)].flatMap((match) =>
    match ? [match] : [],
  );
  const [denial] = denials;
  if (!denial || denials.length % 2 === 0) return null;
  return denial.input === ahead
    ? { ...place, from: place.from - ahead.length + denial.index }
    : { ...place, to: place.to + denial[0].length };
}

const ABOUT: readonly (readonly [RegExp, TimeOf])[] = [
  [/pre-?\s?(?:press|heat)/, 'pre-press'],
  [/cool|wait|peel|\blet\b|\brest\b|warm up|soak|before/, 'wait'],
  [/^(?!.*\bprint\b).*\bfilm\b/, 'film'],
  [/\b(?:press|apply|heat|transfer|iron|time)/, 'press'],
];
const aboutOf = (part: string): TimeOf | undefined =>
  ABOUT.find(([pattern]) => pattern.test(part))?.[1];

/** What parts one thing to do from the next within a clause. */
const PARTS = /,|\bthen\b|\band\b/;

/** What a time is for: what is said last before it, else right behind it, in its clause. */
export function aboutTime(text: string, place: Place): TimeOf {
  const parts = before(text, place).split(PARTS);
  const [next = ''] = behind(text, place).split(PARTS);
  const own = parts.pop() ?? '';
  return (
    aboutOf(own) ??
    aboutOf(next) ??
    parts
      .toReversed()
      .map(aboutOf)
      .find((about) => about !== undefined) ??
    'press'
  );
}

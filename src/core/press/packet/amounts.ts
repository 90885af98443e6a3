const FRACTIONS: Readonly<Record<string, number>> = {
  ...{ '¼': 1 / 4, '½': 1 / 2, '¾': 3 / 4, '⅓': 1 / 3, '⅔': 2 / 3 },
};

const WORDS: Readonly<Record<string, number>> = {
  ...{
    'half a': 0.5,
    a: 1,
    one: 1,
    two: 2,
    three: 3,
    four: 4,
    five: 5,
    six: 6,
    seven: 7,
    eight: 8,
  },
  ...{ nine: 9, ten: 10, twelve: 12, fifteen: 15, twenty: 20, thirty: 30, forty: 40 },
  ...{ 'forty-five': 45, fifty: 50, sixty: 60, ninety: 90 },
};

const SIGN = `[${Object.keys(FRACTIONS).join('')}]`;
// longest first, so that “forty-five” is not “forty”; apart from what follows, so that “as” is not “a s”; “a second” is mostly the next
const WORD = `(?:${Object.keys(WORDS)
  .sort((one, other) => other.length - one.length)
  .map((word) => (/\ba$/.test(word) ? `${word}(?=\\s+min)` : word))
  .join('|')})(?=[\\s-]+\\w\\w)`;

/** A pattern of a figure, as digits, with a fraction or in words; figures have few digits, so that no text is slow to read. */
export const AMOUNT = String.raw`(?<![\d.,/\w])(?:\d{1,4}(?:[.,]\d{1,3})?(?:\s?${SIGN}|[\s-]\d\/\d)?|${SIGN}|\d\/\d|${WORD})`;

/** What an `AMOUNT` says: `1,5`, `2 1/2`, `3½`, `1,000` or `sixty`. */
export function amountOf(text: string): number {
  const plain = text.toLowerCase().trim();
  const word = WORDS[plain];
  if (word !== undefined) return word;
  const [, whole = '0', over = '0', under = '1', sign = ''] =
    /^(\d+(?:[.,]\d+)?(?!\/))?[\s-]*(?:(\d)\/(\d)|(\D))?$/.exec(plain) ?? [];
  const figure = /^\d,\d{3}$/.test(whole) ? whole.replace(',', '') : whole.replace(',', '.');
  return Number(figure) + Number(over) / Number(under) + (FRACTIONS[sign] ?? 0);
}

/** A pattern of words for seconds. */
export const SECONDS = 'seconds?|secs?|s';
/** A pattern of words for minutes. */
export const MINUTES = 'minutes?|mins?';

/** Seconds in what such a word stands for. */
export const secondsIn = (word: string): number => (/^m/i.test(word) ? 60 : 1);

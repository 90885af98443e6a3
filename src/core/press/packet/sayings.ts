import type { Pressure } from '../../model';
import { before, deniedAt } from './clauses';
import { placeOf, type PacketFact } from './says';

/** Longest the maker's own words are kept, signs. */
const MOST_WORDS = 200;

/** Sentences that are kept as they stand: which side is printed, how it is washed. */
export function sentencesIn(text: string): PacketFact[] {
  return [...text.matchAll(/[^.;\n]+/g)].flatMap((match): PacketFact[] => {
    const words = match[0].trim().slice(0, MOST_WORDS);
    const start = match.index + match[0].indexOf(match[0].trim());
    const place = { from: start, to: start + words.length };
    if (/\b(?:wash|laundr|tumble[\s-]dry|softener)/i.test(words))
      return [{ kind: 'wash', words, ...place }];
    return /\bprint\b[^.]*\bside\b|\bside\b[^.]*\b(?:up|down|print)/i.test(words)
      ? [{ kind: 'side', words, ...place }]
      : [];
  });
}

const PRESSURES: Readonly<Record<string, Pressure>> = {
  ...{ light: 'light', low: 'light', gentle: 'light', soft: 'light' },
  ...{ medium: 'medium', moderate: 'medium', normal: 'medium' },
  ...{ firm: 'firm', heavy: 'firm', high: 'firm', strong: 'firm', hard: 'firm' },
};
const PRESSURE =
  /\b(light|low|gentle|soft|medium|moderate|normal|firm|heavy|high|strong|hard)\s+(?:to\s+\w+\s+)?pressure\b|\bpressure\s*[:=]?\s*(light|low|medium|moderate|firm|heavy|high)\b/gi;

function pressuresIn(text: string): PacketFact[] {
  return [...text.matchAll(PRESSURE)].flatMap((match): PacketFact[] => {
    const pressure = PRESSURES[(match[1] ?? match[2] ?? '').toLowerCase()];
    const place = placeOf(match);
    return pressure && !deniedAt(text, place) ? [{ kind: 'pressure', pressure, ...place }] : [];
  });
}

/** What is turned over is the picture: a shirt is flipped too, and a panel has a mirror finish. */
const PICTURE = String.raw`(?:image|picture|design|artwork|art|graphic|print|text|lettering|words)`;
const MIRROR = new RegExp(
  [
    String.raw`\b(?:un|non)[\s-]?mirrored\b`,
    String.raw`\bmirror(?:ed|ing)?\b(?![\s-]*(?:finish|acrylic|like|surface|effect|gloss|coat))`,
    String.raw`\b(?:revers|flip)(?:e|ed|ing|ped|ping)?\s+(?:(?:the|your|each|any)\s+)?(?:${PICTURE}|horizontally)\b`,
    String.raw`\b(?:print(?:ed)?|cut|output)\s+in\s+reverse\b`,
    String.raw`(?<=\b${PICTURE}\b[^.;\n]{0,20})\b(?:reversed|flipped)\b`,
  ].join('|'),
  'gi',
);

function mirrorsIn(text: string): PacketFact[] {
  return [...text.matchAll(MIRROR)].flatMap((match): PacketFact[] => {
    const place = placeOf(match);
    const denied = /^(?:un|non)/i.test(match[0]) ? place : deniedAt(text, place);
    // “if it is not mirrored” says what goes wrong
    if (denied && /\bif\b/.test(before(text, place))) return [];
    return [{ kind: 'mirror', mirrored: !denied, ...(denied ?? place) }];
  });
}

const PEEL =
  /\b(hot|warm|cold|cool)[\s-]+peel\b|\bpeel(?:ing)?\b[^.;\n]{0,40}?\b(hot|warm|cold|cool(?:ed)?)\b/gi;

function peelsIn(text: string): PacketFact[] {
  return [...text.matchAll(PEEL)].flatMap((match): PacketFact[] => {
    const word = (match[1] ?? match[2] ?? '').toLowerCase();
    const peel = word === 'hot' || word === 'warm' ? word : 'cold';
    const place = placeOf(match);
    // “do not peel until cold” asks for a cold peel
    const denied = deniedAt(text, place) && !/\b(?:until|before)\b/i.test(match[0]);
    return denied ? [] : [{ kind: 'peel', peel, ...place }];
  });
}

/** Pressure, mirroring and peel, as the text asks for them. */
export const sayingsIn = (text: string): PacketFact[] => [
  ...pressuresIn(text),
  ...mirrorsIn(text),
  ...peelsIn(text),
];

import type { Pressure } from '../model';
import { fahrenheitToC, MM_PER_INCH } from '../units';

/** One thing a maker's text, or a plan, says; in words: `words/packet`. */
export type PacketSays =
  | { readonly kind: 'temperature'; readonly temperatureC: number }
  | {
      readonly kind: 'time';
      readonly dwellS: number;
      readonly about: 'press' | 'pre-press' | 'film' | 'wait';
    }
  /** A line of a table: up to such a size, so long. mm, s. */
  | {
      readonly kind: 'size-time';
      readonly widthMm: number;
      readonly heightMm: number;
      readonly dwellS: number;
    }
  /** Which side is printed, and how it is washed, in the maker's own words. */
  | { readonly kind: 'side' | 'wash'; readonly words: string }
  | { readonly kind: 'pressure'; readonly pressure: Pressure }
  | { readonly kind: 'mirror'; readonly mirrored: boolean }
  | { readonly kind: 'peel'; readonly peel: 'hot' | 'warm' | 'cold' };

/** What a maker's text says, with where it says so. */
export type PacketFact = { readonly from: number; readonly to: number } & PacketSays;

/** Longest text read; packets are short, and files are untrusted. */
export const MAX_PACKET_CHARS = 20_000;

const WORD_PRESSURES: Readonly<Record<string, Pressure>> = {
  ...{ light: 'light', low: 'light', gentle: 'light', soft: 'light' },
  ...{ medium: 'medium', moderate: 'medium', normal: 'medium' },
  ...{ firm: 'firm', heavy: 'firm', high: 'firm', strong: 'firm', hard: 'firm' },
};

const numberOf = (text: string | undefined): number => Number((text ?? '').replace(',', '.'));

/** The clause a figure stands in: back to the last full stop, semicolon or line end. */
const clauseAt = (text: string, at: number): string => {
  const start = Math.max(...['.', ';', '\n'].map((stop) => text.lastIndexOf(stop, at - 1)));
  const ends = ['.', ';', '\n'].map((stop) => text.indexOf(stop, at)).filter((end) => end >= 0);
  return text.slice(start + 1, Math.min(text.length, ...ends)).toLowerCase();
};

/** A figure this near another, in letters and in °C, is the same in the other unit. */
const [BESIDE, SAME_C] = [6, 1.5];

function temperaturesIn(text: string): PacketFact[] {
  const pattern = /(\d{2,3}(?:[.,]\d)?)\s*(?:°\s*|deg(?:rees)?\.?\s*)?(fahrenheit|celsius|f|c)\b/gi;
  let before = { temperatureC: Number.NaN, to: -Infinity };
  return [...text.matchAll(pattern)].flatMap((match): PacketFact[] => {
    const figure = numberOf(match[1]);
    const temperatureC = /^f/i.test(match[2] ?? '') ? fahrenheitToC(figure) : figure;
    // washing and storing are not pressing
    if (temperatureC < 100 || temperatureC > 260) return [];
    const place = { from: match.index, to: match.index + match[0].length };
    // “400 °F (204 °C)” is one figure told twice
    const again =
      place.from - before.to < BESIDE && Math.abs(temperatureC - before.temperatureC) < SAME_C;
    before = { temperatureC, to: place.to };
    return again ? [] : [{ kind: 'temperature', temperatureC, ...place }];
  });
}

/** What a time in a clause is for. */
function aboutTime(clause: string): 'press' | 'pre-press' | 'film' | 'wait' {
  if (/pre-?\s?(?:press|heat)/.test(clause)) return 'pre-press';
  if (/cool|wait|peel|let|rest|warm up|soak/.test(clause)) return 'wait';
  return /\bfilm\b/.test(clause) && !/\bprint\b/.test(clause) ? 'film' : 'press';
}

function timesIn(text: string): PacketFact[] {
  const pattern =
    /(\d+(?:[.,]\d+)?)(?:\s*(?:-|–|to)\s*(\d+(?:[.,]\d+)?))?\s*(seconds?|secs?|s|minutes?|mins?)\b/gi;
  return [...text.matchAll(pattern)].flatMap((match): PacketFact[] => {
    // of a range the longer: under-pressed dye is pale, and the range allows it
    const figure = numberOf(match[2] ?? match[1]);
    const dwellS = /^m/i.test(match[3] ?? '') ? figure * 60 : figure;
    if (!(dwellS > 0) || dwellS > 7200) return [];
    const clause = clauseAt(text, match.index);
    const about = aboutTime(clause);
    return [{ kind: 'time', dwellS, about, from: match.index, to: match.index + match[0].length }];
  });
}

const MM: Readonly<Record<string, number>> = { mm: 1, cm: 10, in: MM_PER_INCH };
const unitOf = (word: string | undefined): number =>
  MM[/^(?:"|″|in)/i.test(word ?? '') ? 'in' : (word ?? 'in').toLowerCase()] ?? MM_PER_INCH;

/** Lines of a table of times: “up to 4 × 4 in: 60 seconds”. */
function sizeTimesIn(text: string): PacketFact[] {
  const pattern =
    /(\d{1,4}(?:[.,]\d{1,3})?)\s*(?:[x×]|by)\s*(\d{1,4}(?:[.,]\d{1,3})?)\s*(mm|cm|in(?:ch(?:es)?)?\.?|"|″)?[^.;\n\d]{0,24}?(\d+(?:[.,]\d+)?)\s*(seconds?|secs?|s|minutes?|mins?)\b/gi;
  return [...text.matchAll(pattern)].flatMap((match): PacketFact[] => {
    const unit = unitOf(match[3]);
    const [widthMm, heightMm] = [numberOf(match[1]) * unit, numberOf(match[2]) * unit];
    const dwellS = numberOf(match[4]) * (/^m/i.test(match[5] ?? '') ? 60 : 1);
    const possible = Math.min(widthMm, heightMm) >= 5 && Math.max(widthMm, heightMm) <= 2000;
    if (!possible || !(dwellS > 0) || dwellS > 7200) return [];
    const place = { from: match.index, to: match.index + match[0].length };
    return [{ kind: 'size-time', widthMm, heightMm, dwellS, ...place }];
  });
}

/** Longest the maker's own words are kept, signs. */
const MOST_WORDS = 200;

/** Sentences that are kept as they stand: which side is printed, how it is washed. */
function sentencesIn(text: string): PacketFact[] {
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

function wordsIn(text: string): PacketFact[] {
  const found: PacketFact[] = [];
  const each = (pattern: RegExp, make: (match: RegExpMatchArray) => PacketFact | null) => {
    for (const match of text.matchAll(pattern)) {
      const fact = make(match);
      if (fact) found.push(fact);
    }
  };
  const place = (match: RegExpMatchArray) => ({
    from: match.index ?? 0,
    to: (match.index ?? 0) + match[0].length,
  });
  each(
    /\b(light|low|gentle|soft|medium|moderate|normal|firm|heavy|high|strong|hard)\s+(?:to\s+\w+\s+)?pressure\b|\bpressure\s*[:=]?\s*(light|low|medium|moderate|firm|heavy|high)\b/gi,
    (match) => {
      const pressure = WORD_PRESSURES[(match[1] ?? match[2] ?? '').toLowerCase()];
      return pressure ? { kind: 'pressure', pressure, ...place(match) } : null;
    },
  );
  each(
    /\b(?:(do\s+not|don['’]t|never|not|no\s+need\s+to|without)\s+)?(?:be\s+)?(mirror(?:ed|ing)?|revers(?:e|ed)|flip(?:ped)?)\b/gi,
    (match) => ({ kind: 'mirror', mirrored: match[1] === undefined, ...place(match) }),
  );
  each(
    /\b(hot|warm|cold|cool)[\s-]+peel\b|\bpeel\b[^.;\n]{0,40}?\b(hot|warm|cold|cool(?:ed)?)\b/gi,
    (match) => {
      const word = (match[1] ?? match[2] ?? '').toLowerCase();
      const peel = word === 'hot' ? 'hot' : word === 'warm' ? 'warm' : 'cold';
      return { kind: 'peel', peel, ...place(match) };
    },
  );
  return found;
}

/**
 * Reads temperatures, times, pressure, mirroring and peel out of a maker's instructions in plain
 * English. It proposes; the person confirms each beside its words.
 * @returns facts in the order of the text.
 */
export function readPacket(text: string): readonly PacketFact[] {
  const bounded = text.slice(0, MAX_PACKET_CHARS);
  const table = sizeTimesIn(bounded);
  const inTable = ({ from }: PacketFact) =>
    table.some((each) => from >= each.from && from < each.to);
  return [
    ...temperaturesIn(bounded),
    ...table,
    ...timesIn(bounded).filter((fact) => !inTable(fact)),
    ...wordsIn(bounded),
    ...sentencesIn(bounded),
  ].sort((a, b) => a.from - b.from);
}

/** What a plan does, as far as a packet speaks of it. */
export interface PlanSays {
  readonly temperatureC: number | null;
  readonly dwellS: number;
  readonly pressure: Pressure | null;
  readonly mirrored: boolean;
  readonly peel: 'hot' | 'warm' | 'cold';
}

/** What the plan says where a fact contradicts it, as a fact of the same kind; null where it does not. */
export function planAgainst(fact: PacketFact, plan: PlanSays): PacketSays | null {
  switch (fact.kind) {
    case 'temperature': {
      const { temperatureC } = plan;
      return temperatureC === null || Math.abs(temperatureC - fact.temperatureC) < 1.5
        ? null
        : { kind: 'temperature', temperatureC };
    }
    case 'time':
      return fact.about !== 'press' || Math.abs(plan.dwellS - fact.dwellS) < 0.5
        ? null
        : { kind: 'time', dwellS: plan.dwellS, about: 'press' };
    case 'pressure': {
      const { pressure } = plan;
      return pressure === null || pressure === fact.pressure
        ? null
        : { kind: 'pressure', pressure };
    }
    case 'mirror':
      return plan.mirrored === fact.mirrored ? null : { kind: 'mirror', mirrored: plan.mirrored };
    case 'size-time':
    case 'side':
    case 'wash':
      return null;
    case 'peel':
      return plan.peel === fact.peel ? null : { kind: 'peel', peel: plan.peel };
  }
}

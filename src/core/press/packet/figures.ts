import { fahrenheitToC, MM_PER_INCH } from '../../units';
import { AMOUNT, amountOf, MINUTES, SECONDS, secondsIn } from './amounts';
import { aboutTime, before } from './clauses';
import { placeOf, type PacketFact } from './says';

/** What is pressed at, °C; above the highest a figure without a unit can only be °F. */
const [COOLEST, HOTTEST] = [100, 260];
/** Longest a time may be, s. */
const MOST_S = 7200;
/** A figure this near another, in letters and in °C, is the same in the other unit. */
const [BESIDE, SAME_C] = [6, 1.5];

const DEGREES = String.raw`(?:[°º˚]|deg(?:rees?)?\.?)`;
const UNIT = String.raw`(?:fahrenheit|celsius|℉|℃|f|c)(?![a-z])`;
/** The lower end of a range. */
const FROM = String.raw`(?:(?<![\d.,])\d{2,3}\s*${DEGREES}?\s*(?:${UNIT})?\s*(?:-|–|—|to)\s*)?`;
const TEMPERATURES = new RegExp(
  [
    String.raw`${FROM}(?<![\d.,])(\d{2,3}(?:[.,]\d)?)\s*${DEGREES}?\s*(${UNIT})`,
    String.raw`\btemp(?:erature|\.)?\s*[([]\s*${DEGREES}?\s*(${UNIT})\s*[)\]]\s*[:=]?\s*(\d{2,3})(?!\d)`,
    String.raw`(?<![\d.,])(\d{3})[\s-]*${DEGREES}(?![a-z]|\s*(?:wrap|print|design|view|turn|rotation))`,
    String.raw`\btemp(?:erature|\.)?\s*[:=]?\s*(\d{3})(?!\d|\s*(?:${DEGREES}|${UNIT}))`,
  ].join('|'),
  'gi',
);
/** What a thing bears is not what it is pressed at. */
const BEARS = /exceed|\bmax|resist|withstand|\bno (?:more|hotter|higher)\b|(?:above|over|than)\s*$/;

/** What is turned by so many degrees is not heated to them; a press may be turned up to them. */
const TURNED = /\b(?:rotat|spin|turn)\w*(?!.*\b(?:to|at)\s*$)/;

/** Temperatures to press at. */
export function temperaturesIn(text: string): PacketFact[] {
  let last = { temperatureC: Number.NaN, to: -Infinity };
  return [...text.matchAll(TEMPERATURES)].flatMap((match): PacketFact[] => {
    const [, one, unitOfOne, unitOfOther, other, bare, afterName] = match;
    const figure = amountOf(one ?? other ?? bare ?? afterName ?? '');
    const unit = unitOfOne ?? unitOfOther;
    const place = placeOf(match);
    const ahead = before(text, place);
    if (BEARS.test(ahead)) return [];
    if (unit === undefined && (figure <= HOTTEST || TURNED.test(ahead))) return [];
    const inC = unit !== undefined && /^[c℃]/i.test(unit);
    const temperatureC = inC ? figure : fahrenheitToC(figure);
    // washing and storing are not pressing
    if (temperatureC < COOLEST || temperatureC > HOTTEST) return [];
    // “400 °F (204 °C)” is one figure told twice
    const again =
      place.from - last.to < BESIDE && Math.abs(temperatureC - last.temperatureC) < SAME_C;
    last = { temperatureC, to: place.to };
    return again ? [] : [{ kind: 'temperature', temperatureC, ...place }];
  });
}

const EITHER = `${SECONDS}|${MINUTES}`;
const RANGE = String.raw`(?:\s*(?:${EITHER})?\s*(?:-|–|—|to|or)\s*(${AMOUNT}))?`;
const TIMES = new RegExp(
  [
    String.raw`(${AMOUNT})${RANGE}[\s-]*(?:(${SECONDS})|(?:${MINUTES})\b\.?(?:,?\s*(?:and\s+)?(${AMOUNT})\s*(?:${SECONDS}))?)\b`,
    String.raw`\btime\s*[([]\s*(${EITHER})\.?\s*[)\]]\s*[:=]?\s*(${AMOUNT})`,
    String.raw`(?<=\b(?:for|time|press)\b:?\s*)(\d{1,2}):([0-5]\d)\b|(\d{1,2}):([0-5]\d)\s*(?:${MINUTES})\b`,
  ].join('|'),
  'gi',
);

/** Times, and what they are for. */
export function timesIn(text: string): PacketFact[] {
  return [...text.matchAll(TIMES)].flatMap((match): PacketFact[] => {
    const [, least, most, inSeconds, more, headed, underHead, ...clocks] = match;
    const [minutes, s] = clocks.filter((part) => part !== undefined);
    // of a range the longer: under-pressed dye is pale, and the range allows it
    const figure = amountOf(most ?? least ?? underHead ?? minutes ?? '');
    const unit = headed === undefined ? (inSeconds ? 1 : 60) : secondsIn(headed);
    const dwellS = figure * unit + amountOf(more ?? s ?? '0');
    if (!(dwellS > 0) || dwellS > MOST_S) return [];
    const place = placeOf(match);
    return [{ kind: 'time', dwellS, about: aboutTime(text, place), ...place }];
  });
}

const MM: Readonly<Record<string, number>> = { mm: 1, cm: 10 };
const SIDE = String.raw`(\d{1,4}(?:[.,]\d{1,3})?)`;
const SIZE_TIMES = new RegExp(
  String.raw`${SIDE}\s*(?:[x×]|by)\s*${SIDE}\s*(mm|cm|in(?:ch(?:es)?)?\.?|["″”])?[^.;\n\d]{0,24}?(${AMOUNT})[\s-]*(${EITHER})\b`,
  'gi',
);

/** Lines of a table of times: “up to 4 × 4 in: 60 seconds”. */
export function sizeTimesIn(text: string): PacketFact[] {
  return [...text.matchAll(SIZE_TIMES)].flatMap((match): PacketFact[] => {
    const [, width = '', height = '', unit = '', time = '', word = ''] = match;
    const mm = MM[unit.toLowerCase()] ?? MM_PER_INCH;
    const [widthMm, heightMm] = [amountOf(width) * mm, amountOf(height) * mm];
    const dwellS = amountOf(time) * secondsIn(word);
    const possible = Math.min(widthMm, heightMm) >= 5 && Math.max(widthMm, heightMm) <= 2000;
    if (!possible || !(dwellS > 0) || dwellS > MOST_S) return [];
    return [{ kind: 'size-time', widthMm, heightMm, dwellS, ...placeOf(match) }];
  });
}

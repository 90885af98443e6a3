import type { CostOf, Costs, Shortage, Spent } from '@/core/stock';
import type { Pattern } from './drawings/pattern';
import { heading, paragraph, textPage } from './drawings/textPage';
import { MATERIAL_WORDS } from './press/layers';

/** What something that is used up is called. */
export const spentName = ({ of, name }: Pick<Spent, 'of' | 'name'>): string =>
  of.kind === 'supply' ? MATERIAL_WORDS[of.is] : name;

const money = (amount: number): string => amount.toFixed(2);

/** What runs short, and what to buy. */
export function shortWords(short: Shortage): string {
  const { count, left, packs, price } = short;
  const buy =
    packs === null
      ? `${short.missing} to buy`
      : `buy ${packs === 1 ? 'a pack' : `${packs} packs`}${price === null ? '' : `, ${money(price)}`}`;
  return `${spentName(short)}: ${count} needed, ${left} left: ${buy}.`;
}

/** The head and rows of a shopping list. */
export const shoppingRows = (shortages: readonly Shortage[]): (string | number)[][] => [
  ['What', 'Needed', 'Left', 'To buy', 'Packs', 'Price'],
  ...shortages.map((short) => [
    ...[spentName(short), short.count, short.left, short.missing],
    ...[short.packs ?? '', short.price === null ? '' : money(short.price)],
  ]),
];

/** The shopping list on paper. */
export function shoppingPage(shortages: readonly Shortage[]): Pattern {
  const sum = shortages.reduce((total, { price }) => total + (price ?? 0), 0);
  return textPage(
    { id: 'shopping-list', name: 'Shopping list', use: 'What runs short, to take along.' },
    [
      heading('Shopping list'),
      ...shortages.flatMap((short) => paragraph(`[  ]  ${shortWords(short)}`)),
      ...(sum > 0 ? paragraph(`About ${money(sum)} in all, as far as prices are known.`) : []),
    ],
  );
}

/** What a cost is for. */
export const COST_WORDS: Readonly<Record<CostOf, string>> = {
  blank: 'Blanks',
  sheets: 'Sheets',
  supplies: 'Covers, sleeves and the like',
  ink: 'Ink',
  power: 'Electricity, at most',
  spoiled: 'Spoiled ones made again',
};

/** An amount of the person's own money; what is missing where it is not known. */
export const amountWords = (amount: number | null): string =>
  amount === null ? 'not known' : money(amount);

/** What one thing of a job costs, as far as it is known. */
export function costWords({ things, lines, sum }: Costs): string {
  const missing = lines.filter(({ amount }) => amount === null).map(({ of }) => COST_WORDS[of]);
  const each = things > 1 ? `${money(sum / things)} each, ${money(sum)} in all` : money(sum);
  return missing.length === 0
    ? each
    : `${each}, without ${missing.map((word) => word.toLowerCase()).join('; ')}`;
}

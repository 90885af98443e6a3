'use client';

import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { pieceOf } from '@/core/evening';
import { isSameThing, MOST_BEFORE, type EveningWish, type Job, type ThingId } from '@/core/model';
import { beforeWords, priceWords } from '@/words';
import type { EveningShown } from '@/workers';
import { numbersOf, thingOf, thingWords } from './things';

type Before = EveningWish['before'];

/** One thing goes in before another; what was wished the other way round is not wished any more. */
const goesBefore = (before: Before, one: ThingId, other: ThingId): Before =>
  [
    ...before.filter(
      ([first, then]) =>
        !(isSameThing(first, other) && isSameThing(then, one)) &&
        !(isSameThing(first, one) && isSameThing(then, other)),
    ),
    [one, other] satisfies Before[number],
  ].slice(-MOST_BEFORE);

/** The numbers of what is pressed, in the order it goes into its first machine. */
function pressedInOrder({ made, plan }: EveningShown): number[] {
  const numbers = numbersOf(made.assembled);
  const pressed = plan.schedule.placed
    .filter(({ piece, block }) => made.assembled.evening.pieces[piece]?.blocks[block]?.use)
    .sort((a, b) => a.startS - b.startS)
    .flatMap(({ piece }) => numbers[piece] ?? []);
  return [...new Set(pressed)];
}

/** Moves a piece by hand: first of all, or before or behind the one it is next to. */
export function Moves({
  shown,
  wish,
  onWish,
  piece,
}: {
  shown: EveningShown;
  wish: EveningWish;
  onWish: (wish: EveningWish) => void;
  /** Its number. */
  piece: number;
}) {
  const { assembled } = shown.made;
  const order = pressedInOrder(shown);
  const at = order.indexOf(piece);
  const own = thingOf(assembled, piece);
  const next = (step: 1 | -1) => thingOf(assembled, order[at + step] ?? 0);
  const [sooner, later] = [at > 0 ? next(-1) : null, at >= 0 ? next(1) : null];
  const first = wish.first && own && isSameThing(wish.first, own);
  const move = (one: ThingId, other: ThingId) =>
    onWish({ ...wish, first: null, before: goesBefore(wish.before, one, other) });
  const moves = [
    ['This one first', first ? null : () => onWish({ ...wish, first: own })],
    ['Press it sooner', own && sooner && (() => move(own, sooner))],
    ['Press it later', own && later && (() => move(later, own))],
  ] as const;
  return moves.map(([label, run]) => (
    <Button key={label} variant="outlined" disabled={!run} onClick={run ?? undefined}>
      {label}
    </Button>
  ));
}

/** What was moved by hand, and what that costs. */
export function Wished({
  shown,
  jobs,
  wish,
  onWish,
}: {
  shown: EveningShown;
  jobs: readonly Job[];
  wish: EveningWish;
  onWish: (wish: EveningWish) => void;
}) {
  const { plan, made } = shown;
  const nameOf = (thing: ThingId | null) => {
    const at = pieceOf(made.assembled, thing);
    return at === null ? null : thingWords(made.assembled.loads[at], jobs);
  };
  const first = nameOf(wish.first);
  const moved = wish.before.flatMap(([one, other]) => {
    const [sooner, later] = [nameOf(one), nameOf(other)];
    return sooner !== null && later !== null ? [beforeWords(sooner, later)] : [];
  });
  const told = [...(first === null ? [] : [`“${first}” comes first, as you wished.`]), ...moved];
  if (plan.priceS === null || told.length === 0) return null;
  return (
    <Alert
      severity="info"
      action={
        <Button
          sx={{ whiteSpace: 'nowrap' }}
          onClick={() => onWish({ ...wish, first: null, before: [] })}
        >
          As planned
        </Button>
      }
    >
      {told.join(' ')} {priceWords(plan.priceS)}
    </Alert>
  );
}

import { bookingOf, type Booking } from './booking';
import { calendarOf, type Calendar } from './calendar';
import {
  LEAST_PART_S,
  PICK_UP_S,
  type Block,
  type ChangeTo,
  type Evening,
  type Placed,
  type PlacedChange,
  type Span,
} from './problem';

/** What of an evening is planned so far: who and what is taken up, and, where it is kept, by what. */
export interface Floor {
  readonly people: readonly Calendar[];
  readonly bookings: readonly Booking[];
  /** How many machines were set otherwise. */
  changed: number;
  /** When what was placed last begins, s. */
  lastS: number;
  /** What hands do first of all, and when: a piece, or below 0 a machine that is set. */
  first: { is: number; atS: number };
  /** What was planned; null where only the end is asked for. */
  kept: { readonly placed: Placed[]; readonly changes: PlacedChange[] } | null;
}

/** An evening of which nothing is planned. */
export const emptyFloor = ({ people, machines }: Evening): Floor => ({
  people: people.map(calendarOf),
  bookings: machines.map(bookingOf),
  changed: 0,
  lastS: -Infinity,
  first: { is: -1, atS: Infinity },
  kept: null,
});

/** Begins anew. */
export function clear(floor: Floor, kept: Floor['kept']): void {
  for (const person of floor.people) person.clear();
  for (const booking of floor.bookings) booking.clear();
  floor.changed = 0;
  floor.lastS = -Infinity;
  floor.first.atS = Infinity;
  floor.kept = kept;
}

function begins({ first }: Floor, is: number, atS: number): void {
  if (atS >= first.atS) return;
  first.is = is;
  first.atS = atS;
}

/** Who is free the soonest; of several, the one who has the least time before the next thing. */
function soonestPerson({ people }: Floor, fromS: number, lastsS: number): number {
  if (people.length === 1) return 0;
  let who = 0;
  let at = Infinity;
  let until = Infinity;
  for (let i = 0; i < people.length; i++) {
    const person = people[i] as Calendar;
    const free = person.free(fromS, lastsS);
    if (free > at) continue;
    const next = person.nextAfter(free);
    if (free < at || next < until) {
      who = i;
      at = free;
      until = next;
    }
  }
  return who;
}

/** How long until every span of a block has a free person, if it begins at a moment; 0 when all have. */
function handsDelay(people: readonly Calendar[], { hands }: Block, startS: number): number {
  for (const { fromS, toS } of hands) {
    const at = startS + fromS;
    let soonest = Infinity;
    for (const person of people) {
      const free = person.free(at, toS - fromS);
      if (free < soonest) soonest = free;
    }
    if (soonest > at) return soonest - at;
  }
  return 0;
}

const bookingFor = ({ bookings }: Floor, { use }: Block): Booking | null =>
  (use && bookings[use.machine]) ?? null;

/** The earliest moment from one on at which a block has its hands and its place on the machine, as that is set. */
function earliest(floor: Floor, block: Block, fromS: number): number {
  const booking = bookingFor(floor, block);
  let at = fromS;
  for (;;) {
    const later = at + handsDelay(floor.people, block, at);
    const open = block.use && booking ? booking.free(block.use, later) : later;
    if (open === at) return at;
    at = open;
  }
}

/** When a block could begin as things stand. */
export function opens(floor: Floor, block: Block, readyS: number): number {
  if (block.mayPause)
    return Math.min(...floor.people.map((person) => person.free(readyS, LEAST_PART_S)));
  const booking = bookingFor(floor, block);
  const way = block.use && booking ? booking.wayTo(block.use.setting) : [];
  let from = way.length > 0 && booking ? booking.doneS() : 0;
  for (const { handsS, thenS } of way) from += handsS + thenS;
  return earliest(floor, block, Math.max(readyS, from));
}

/** Sets a machine otherwise, as soon as it and hands are free; nothing where it is set so. */
export function setMachine(floor: Floor, machine: number, setting: number): void {
  const booking = floor.bookings[machine];
  if (!booking) return;
  for (const change of booking.wayTo(setting)) changeMachine(floor, booking, machine, change);
}

function changeMachine(floor: Floor, booking: Booking, machine: number, change: ChangeTo): void {
  const { setting } = change;
  const doneS = booking.doneS();
  const person = soonestPerson(floor, doneS, change.handsS);
  const fromS = floor.people[person]?.free(doneS, change.handsS) ?? doneS;
  const toS = fromS + change.handsS;
  floor.people[person]?.take(fromS, toS);
  const readyS = toS + change.thenS;
  const from = booking.setTo();
  booking.set(setting, readyS);
  begins(floor, -1 - machine, fromS);
  floor.changed++;
  floor.kept?.changes.push({ machine, setting, person, from, fromS, toS, readyS });
}

/**
 * The last seam at which work can be laid aside within so many seconds, where that wastes less than picking it up; 0
 * where there is none.
 * @param doneS how much of it is done, less what picking it up will take.
 */
function seamWithin({ seams }: Block, doneS: number, roomS: number): number {
  for (let i = seams.length - 1; i >= 0; i--) {
    const at = (seams[i] as number) - doneS;
    if (at <= roomS) return at > 0 && roomS - at < PICK_UP_S ? at : 0;
  }
  return 0;
}

/** Hand work in the gaps of one person: begun when there is time, laid aside at what comes, taken up again. */
function inParts(person: Calendar, fromS: number, block: Block): Span[] {
  const parts: Span[] = [];
  let doneS = 0;
  let at = fromS;
  while (doneS < block.lastsS) {
    const left = block.lastsS - doneS;
    at = person.free(at, Math.min(left, LEAST_PART_S));
    const room = person.nextAfter(at) - at;
    const seam = room < left ? seamWithin(block, doneS, room) : 0;
    const worked = seam > 0 ? seam : Math.min(room, left);
    parts.push({ fromS: at, toS: at + worked });
    at += worked;
    doneS += worked;
    if (doneS < block.lastsS && seam === 0) doneS -= PICK_UP_S;
  }
  return parts;
}

/** Hand work that may be laid aside, by whoever is done with it first. @returns when it ends. */
function placeByHand(floor: Floor, at: At, block: Block, readyS: number): number {
  const { people } = floor;
  let who = 0;
  let endS = Infinity;
  let parts: readonly Span[] = [];
  for (let person = 0; person < people.length; person++) {
    const own = inParts(people[person] as Calendar, readyS, block);
    const end = own[own.length - 1]?.toS ?? readyS;
    if (end >= endS) continue;
    who = person;
    endS = end;
    parts = own;
  }
  for (const { fromS, toS } of parts) people[who]?.take(fromS, toS);
  const begunS = parts[0]?.fromS;
  begins(floor, at.piece, begunS ?? Infinity);
  const startS = begunS ?? readyS;
  floor.lastS = startS;
  if (floor.kept) {
    const hands = parts.map((part) => ({ ...part, person: who }));
    floor.kept.placed.push({ ...at, startS, endS, hands });
  }
  return endS;
}

/** A piece, and the number of one of its blocks there. */
interface At {
  readonly piece: number;
  readonly block: number;
}

/**
 * Plans a block at the earliest moment that is left for it.
 * @returns when it ends.
 */
export function place(floor: Floor, at: At, block: Block, readyS: number): number {
  if (block.mayPause) return placeByHand(floor, at, block, readyS);
  const { use } = block;
  if (use) setMachine(floor, use.machine, use.setting);
  const startS = earliest(floor, block, readyS);
  const hands: Placed['hands'][number][] | null = floor.kept && [];
  const begun = block.hands[0];
  if (begun) begins(floor, at.piece, startS + begun.fromS);
  for (const { fromS, toS } of block.hands) {
    const from = startS + fromS;
    const to = startS + toS;
    const person = soonestPerson(floor, from, to - from);
    floor.people[person]?.take(from, to);
    hands?.push({ person, fromS: from, toS: to });
  }
  if (use) floor.bookings[use.machine]?.take(use, startS);
  floor.lastS = startS;
  const endS = startS + block.lastsS;
  if (hands) floor.kept?.placed.push({ ...at, startS, endS, hands });
  return endS;
}

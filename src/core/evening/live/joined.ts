import { canonical, same, type EveningRun, type KeptEvening } from '../../model';

/** Entries of a list with what one side took away and put in; what both have stands once. */
function joinedList<T>(base: readonly T[], mine: readonly T[], theirs: readonly T[]): T[] {
  const [from, own, other] = [base, mine, theirs].map((list) => new Set(list.map(canonical)));
  const kept = theirs.filter((one) => !from?.has(canonical(one)) || own?.has(canonical(one)));
  const added = mine.filter((one) => !from?.has(canonical(one)) && !other?.has(canonical(one)));
  return [...kept, ...added];
}

/** How things came out, thing by thing: what was told last by whom it was not known to. */
function joinedTold(base: EveningRun, mine: EveningRun, theirs: EveningRun): EveningRun['told'] {
  const changed = mine.told.filter((one) => !base.told.some((each) => same(each, one)));
  const known = new Set(changed.map(({ thing }) => thing));
  return [...theirs.told.filter(({ thing }) => !known.has(thing)), ...changed];
}

/**
 * What two tabs made of the same evening at the same time: the other tab's, with this one's touches told into it. A
 * touch both tell counts once. Null where they are not the same evening any more, or things were put in or wishes made
 * in this one: then the other tab's stands.
 * @param base what both began from.
 */
export function joined(
  base: KeptEvening | null,
  mine: KeptEvening | null,
  theirs: KeptEvening | null,
): KeptEvening | null {
  const [from, own, other] = [base?.run, mine?.run, theirs?.run];
  if (!from || !own || !other || !theirs) return null;
  const isSame = from.startedAt === own.startedAt && own.startedAt === other.startedAt;
  if (!isSame || !same(from.things, own.things)) return null;
  const events = joinedList(from.events, own.events, other.events).sort(
    (a, b) => Date.parse(a.at) - Date.parse(b.at),
  );
  const simulated = same(from.simulated, own.simulated) ? other.simulated : own.simulated;
  return { ...theirs, run: { ...other, events, simulated, told: joinedTold(from, own, other) } };
}

import { area, bottom, contains, intersection, right, type Box } from '../../geometry';

/** Finer than anything cut, mm. */
const HAIR = 1e-6;

/** Free rooms after a box is taken out of them: all largest rectangles, overlapping (Jylänki 2010, MAXRECTS). */
export function withoutOverlapping(free: readonly Box[], taken: Box): Box[] {
  const [kept, cut]: [Box[], Box[]] = [[], []];
  for (const room of free) {
    if (area(intersection(room, taken)) <= HAIR) {
      kept.push(room);
      continue;
    }
    if (taken.x > room.x + HAIR) cut.push({ ...room, width: taken.x - room.x });
    if (right(taken) < right(room) - HAIR)
      cut.push({ ...room, x: right(taken), width: right(room) - right(taken) });
    if (taken.y > room.y + HAIR) cut.push({ ...room, height: taken.y - room.y });
    if (bottom(taken) < bottom(room) - HAIR)
      cut.push({ ...room, y: bottom(taken), height: bottom(room) - bottom(taken) });
  }
  const fresh = cut.filter(
    (one, i) =>
      !kept.some((room) => contains(room, one)) &&
      !cut.some((other, j) => i !== j && contains(other, one) && (j < i || !contains(one, other))),
  );
  return [...kept, ...fresh];
}

/** The largest rectangles of a sheet in which nothing is gone; they overlap. */
export const freeRooms = (whole: Box, gone: readonly Box[]): readonly Box[] =>
  gone.reduce<readonly Box[]>(withoutOverlapping, [whole]);

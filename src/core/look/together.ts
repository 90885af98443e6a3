import { bottom, rectRing, regionBox, right, type Box } from '../geometry';

/** Things that lie near each other, and the box round them all, mm. */
export interface Group<T> {
  readonly all: readonly T[];
  readonly box: Box;
}

/** Whether two boxes share more than an edge. */
export const meets = (a: Box, b: Box): boolean =>
  a.x < right(b) && b.x < right(a) && a.y < bottom(b) && b.y < bottom(a);

const near = (a: Box, b: Box, mm: number): boolean =>
  a.x <= right(b) + mm && b.x <= right(a) + mm && a.y <= bottom(b) + mm && b.y <= bottom(a) + mm;

/** The box round several, mm; at least one. */
export const boxRound = (boxes: readonly Box[]): Box => regionBox(boxes.map(rectRing));

/** Things whose boxes, or the boxes round those found together, come within `mm` of each other are one group. */
export function inGroups<T extends { readonly box: Box }>(
  things: readonly T[],
  mm: number,
): Group<T>[] {
  let groups: Group<T>[] = [];
  for (const thing of things) {
    let own: Group<T> = { all: [thing], box: thing.box };
    for (;;) {
      const close = groups.filter(({ box }) => near(box, own.box, mm));
      if (close.length === 0) break;
      groups = groups.filter((each) => !close.includes(each));
      own = {
        all: [...close.flatMap(({ all }) => all), ...own.all],
        box: boxRound([...close.map(({ box }) => box), own.box]),
      };
    }
    groups.push(own);
  }
  return groups;
}

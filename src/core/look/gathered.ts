import { area, contains, outset } from '../geometry';
import type { LookFinding } from './findings';
import { boxRound, inGroups } from './together';

/** So many places of one tile are told one by one; with more of them it is the tile that is not as it must be. */
const MOST_PLACES = 3;

type Ink = Extract<LookFinding, { code: 'bare' | 'covered' }>;

const isInk = (finding: LookFinding): finding is Ink =>
  finding.code === 'bare' || finding.code === 'covered';

/** Two tiles each in the place of the other, told as one finding, by whichever comes first. */
function exchanged(findings: readonly LookFinding[]): LookFinding[] {
  const swaps = findings.flatMap((each) => (each.code === 'tile-swapped' ? [each] : []));
  return findings.flatMap((finding): LookFinding[] => {
    if (finding.code !== 'tile-swapped') return [finding];
    const other = swaps.find(({ tile, shows }) => tile === finding.shows && shows === finding.tile);
    if (!other) return [finding];
    return swaps.indexOf(finding) < swaps.indexOf(other)
      ? [{ ...finding, exchanged: other.box }]
      : [];
  });
}

/** A place that stands out less than this beyond a flap is the flap's, mm (own choice, by trials). */
const BESIDE_MM = 2;

/** Without what the flap of a sheet that lies elsewhere, or turned, hides of its neighbours: it goes where that sheet goes. */
function withoutFlaps(findings: readonly LookFinding[], flapMm: number): LookFinding[] {
  const reached = findings.flatMap((each) =>
    each.code === 'tile-swapped' || each.code === 'tile-turned'
      ? [outset(each.box, flapMm + BESIDE_MM)]
      : [],
  );
  return findings.filter(
    (each) => !isInk(each) || !reached.some((reach) => contains(reach, each.box)),
  );
}

/** Places of one tile this near each other are one: what lies there, or is lost, comes apart in the photo, mm (own choice, by trials). */
const NEAR_MM = 4;

/** Places that lie beside each other, told as one: as what the largest of them is. */
function besideEachOther(findings: readonly LookFinding[]): LookFinding[] {
  const groups = [...new Set(findings.filter(isInk).map(({ tile }) => tile))].flatMap((tile) =>
    inGroups(
      findings.filter(isInk).filter((each) => each.tile === tile),
      NEAR_MM,
    ),
  );
  return findings.flatMap((finding): LookFinding[] => {
    const group = groups.find(({ all }) => all.some((each) => each === finding));
    if (!group || group.all.length === 1) return [finding];
    const largest = group.all.reduce((most, each) =>
      area(each.box) > area(most.box) ? each : most,
    );
    if (finding !== largest) return [];
    return [{ ...largest, mm: Math.max(group.box.width, group.box.height), box: group.box }];
  });
}

/**
 * Findings that are one, told as one: an exchange of two tiles, places beside each other, and many
 * places of one tile, where another sheet may lie.
 * @param flapMm how far sheets go on under or over each other.
 */
export const gathered = (findings: readonly LookFinding[], flapMm: number): LookFinding[] =>
  placesTogether(besideEachOther(exchanged(withoutFlaps(findings, flapMm))));

function placesTogether(findings: readonly LookFinding[]): LookFinding[] {
  const placesOf = (tile: string | null): Ink[] =>
    tile === null ? [] : findings.filter(isInk).filter((each) => each.tile === tile);
  return findings.flatMap((finding): LookFinding[] => {
    const places = isInk(finding) ? placesOf(finding.tile) : [];
    if (!isInk(finding) || places.length <= MOST_PLACES) return [finding];
    if (places[0] !== finding) return [];
    const box = boxRound(places.map((place) => place.box));
    const code = places.some((place) => place.code === 'covered') ? 'covered' : 'bare';
    return [{ code, tile: finding.tile, mm: Math.max(box.width, box.height), box }];
  });
}

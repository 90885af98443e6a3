import type { Zone, ZoneId } from '../form';
import { usualBleedMm } from '../blank';
import { pixelsPerInch, uprightPixels, WARN_BELOW_PPI } from '../art';
import { area, contains, intersection, mapRegion, regionArea, subtract } from '../geometry';
import { canFold, USUAL_FOLD_GAP_MM } from '../layout';
import {
  blankColours,
  itemLabels,
  namedPlaces,
  pictureOn,
  unlettered,
  type ArtFacts,
  isPrintedOn,
} from '../model';
import { luminance } from '../colour';
import { at, finder, type RuleOf } from './finding';
import { fix, foldGapFor } from './fixes';
import {
  BARE_MM2,
  isHard,
  lostShare,
  NOTE_SHARE,
  safeOnStrip,
  shrunkToFit,
  zoneTrouble,
} from './harm';
import { everyPlacement, perArt } from './placed';

/** Does it lie where it survives the cut and the edge? */
export const PLACE_KINDS = {
  /** Detail where dye takes badly or is lost. */
  'keep-out': at<{ art: string; share: number; zones: readonly ZoneId[]; kind: Zone['kind'] }>(
    'art',
  ),
  /** A share of a line of lettering stands in the edge zone, so wide. */
  lettering: at<{ words: string; outShare: number; safeMm: number }>('art'),
  /** Rows on which a line of names shows another name than theirs, and what it shows. */
  'not-lettered': at<{ rows: number; first: string; shows: string }>('art'),
  /** Paper cut along its art ends on a hard face. */
  'cut-edge-prints': at('art'),
  /** Paper that ends at a hard blank's edge. */
  'paper-short': at<{ bleedMm: number; usualMm: number }>('art'),
  /** Too little bleed where the art covers. */
  'bleed-missing': at<{ bleedMm: number; usualMm: number }>('art'),
  /** Almost the same upside down: mean difference as a share. */
  'upside-down': at<{ art: string; mismatch: number }>('art'),
  /** A share of it is white, which a transparent transfer has no ink for. */
  white: at<{ art: string; share: number; colourName: string }>('art'),
  /** Front and back of a hard blank, pressed one after the other. */
  'two-pressings': at<{ pieces: number; gapMm: number }>('art'),
  /** Bleed on both sides of a fold fills the gap between them. */
  'fold-gap': at<{ bleedMm: number; gapMm: number }>('art'),
};
const found = finder(PLACE_KINDS);
type PlaceRule = RuleOf<typeof PLACE_KINDS>;

/** Above this art has a clear top (from memory). */
const TOPLESS_BELOW = 0.02;
/** White parts are worth a word from this share on (own choice). */
const WHITE_FROM = 0.05;
const WHITE_BLANK_LUMINANCE = 0.93;

/** Detail in keep-outs, over holes, at a pocket or beyond a collar. */
const inZones: PlaceRule = (findings) =>
  perArt((one) => {
    const { placed, art, placement, of } = one;
    if (placement.repeat || placed.cutOffShare > 0.999) return null;
    const trouble = zoneTrouble(one);
    if (!trouble) return null;
    const { worst, alike, share, serious } = trouble;
    return found(
      'keep-out',
      serious ? 'warn' : 'note',
      { art: art.name, share, zones: alike.map(({ zone }) => zone.id), kind: worst.kind },
      { of },
    );
  })(findings);

/** Lettering too near an edge is cut, rolled or blurred first. */
const lettering = perArt((one, { job }) => {
  const { art, placed, slot, face, of } = one;
  if (!art.text) return null;
  const safe = safeOnStrip(one);
  if (slot.toStrip[0] < 0 || contains(safe, placed.box)) return null;
  const outShare = 1 - area(intersection(safe, placed.box)) / area(placed.box);
  return found(
    'lettering',
    'warn',
    { words: art.text.words, outShare, safeMm: face.safe.y },
    { of, fixes: [shrunkToFit(one, job, (box) => contains(safe, box))] },
  );
});

/** A row renamed and not lettered anew, or without a name, would carry another's. */
const notLettered: PlaceRule = ({ job }) =>
  namedPlaces({ ...job, further: [] }).flatMap((place) => {
    const rows = job.items.length > 1 ? unlettered(job, place) : [];
    const [first] = rows;
    const shown = job.arts.find(({ sha256 }) => sha256 === pictureOn(first, place));
    if (!first || !shown) return [];
    const label = itemLabels(job)[job.items.indexOf(first)] ?? '';
    const facts = { rows: rows.length, first: label, shows: shown.name };
    return [found('not-lettered', 'stop', facts, { of: place.id })];
  });

/** Printed paper cut round its motif ends on the hard face: its edge prints as a line there. */
const cutEdgePrints: PlaceRule = (findings) => {
  const { job, pieces, faces, paper } = findings;
  if (!isHard(job) || job.cut.line !== 'contour' || !isPrintedOn(paper)) return [];
  const bare = pieces.some(({ slots }) =>
    slots.some((slot) => {
      const face = faces.find(({ id }) => id === slot.faceId);
      const whole = face && mapRegion(slot.toStrip, face.region.slice(0, 1));
      return whole && regionArea(subtract(whole, slot.ink)) > BARE_MM2;
    }),
  );
  if (!bare) return [];
  const within = everyPlacement(findings).every((one) => lostShare(one, job) <= NOTE_SHARE);
  // a straight cut would cut off what hangs over the face
  return [found('cut-edge-prints', 'warn', {}, { fixes: within ? [fix('cut-straight', {})] : [] })];
};

const bleedMissing: PlaceRule = (findings) => {
  const { job, pieces, faces } = findings;
  const usual = usualBleedMm(job.blank);
  const covers = job.placements.some(
    ({ sizing, repeat }) => sizing.mode === 'cover' || repeat !== null,
  );
  const hard = isHard(job);
  if (pieces.length === 0 || faces[0]?.paper === 'art' || job.bleedMm >= usual * 0.5) return [];
  if (!covers && !hard) return [];
  // what covers grows with the bleed; a picture that is only just sharp would be no longer
  const grows = everyPlacement(findings).some(({ art, placed, placement }) => {
    const { width, height } = placed.box;
    const { widthPx } = uprightPixels(art);
    const ppi = pixelsPerInch(widthPx, placement.turns % 2 === 0 ? width : height);
    const by = 1 + (2 * (usual - job.bleedMm)) / Math.min(width, height);
    return placement.sizing.mode === 'cover' && ppi >= WARN_BELOW_PPI && ppi / by < WARN_BELOW_PPI;
  });
  return [
    found(
      hard ? 'paper-short' : 'bleed-missing',
      'warn',
      { bleedMm: job.bleedMm, usualMm: usual },
      { fixes: grows ? [] : [fix('usual-bleed', { bleedMm: usual })] },
    ),
  ];
};

/** Whether a picture is so pale all over that what was measured of it against white tells nothing. */
const pale = (palette: ArtFacts['palette']): boolean =>
  palette.length > 0 && palette.every(({ colour }) => luminance(colour) >= WHITE_BLANK_LUMINANCE);

const upsideDown = perArt(({ art, placement, of }) => {
  const mismatch = art.facts?.turnedMismatch ?? 1;
  if (mismatch >= TOPLESS_BELOW || pale(art.facts?.palette ?? []) || placement.repeat) return null;
  return found('upside-down', 'note', { art: art.name, mismatch }, { of });
});

const whiteInArt = perArt(({ art, of }, { job, transfer }) => {
  const share = art.facts?.whiteShare ?? 0;
  const tinted = blankColours(job).find(({ colour }) => luminance(colour) < WHITE_BLANK_LUMINANCE);
  if (!transfer.transparent || share < WHITE_FROM || !tinted) return null;
  return found('white', 'warn', { art: art.name, share, colourName: tinted.colourName }, { of });
});

/** Pressed one after the other, the first side of a hard blank fades. */
const twoSides: PlaceRule = ({ job: { blank, placements, fold, bleedMm }, pieces }) => {
  const faces = new Set(placements.map(({ faceId }) => faceId));
  if (!canFold(blank) || faces.size < 2) return [];
  if (!fold) {
    const facts = { pieces: pieces.length, gapMm: USUAL_FOLD_GAP_MM };
    return [found('two-pressings', 'warn', facts, { fixes: [fix('fold-strip', {})] })];
  }
  if (2 * bleedMm < fold.gapMm) return [];
  const fixes = [fix('fold-gap', { gapMm: foldGapFor(bleedMm) })];
  return [found('fold-gap', 'stop', { bleedMm, gapMm: fold.gapMm }, { fixes })];
};

/** Does it lie where it survives the cut and the edge? */
export const PLACE_RULES: readonly PlaceRule[] = [
  inZones,
  lettering,
  notLettered,
  cutEdgePrints,
  bleedMissing,
  upsideDown,
  whiteInArt,
  twoSides,
];

import type { DrawingLoss, TransferKind } from '../model';
import type { Size } from './vocabulary';
import type { EdgeName } from '../form';
import { judgeResolution, leavesBox, pixelsPerInch, uprightPixels } from '../art';
import { boxAround, centreOf } from '../geometry';
import { placedProportion, stretch } from '../layout';
import { isCloth } from '../traits';
import { at, finder, type RuleOf } from './finding';
import { fix } from './fixes';
import { lostShare, NOTE_SHARE, noWorseIn, shortEdges, shrunkToFit } from './harm';
import { inBox, perArt } from './placed';

/** Is the picture there, good enough and whole? */
export const ART_KINDS = {
  'no-art': at('art'),
  /** Few pixels per inch; `soft` where it only may look soft. */
  resolution: at<{ art: string; ppi: number; soft: boolean }>('art'),
  /** In inks that its file does not name. */
  'colours-untold': at<{ art: string }>('art'),
  /** A drawing or page that came in without some of what it shows elsewhere. */
  'came-otherwise': at<{ art: string; lost: readonly DrawingLoss[] }>('art'),
  /** Out of proportion: wider by this share of what its height asks for, or narrower. */
  stretch: at<Size & { share: number }>('art'),
  /** A share of its detail is cut off by the edge; `covers` where it was meant to cover. */
  'cut-off': at<{ art: string; lostShare: number; covers: boolean; all: boolean }>('art'),
  /** Reaches these edges of the face but not through the bleed beyond them. */
  'bleed-short': at<{ edges: readonly EdgeName[]; bleedMm: number }>('art'),
  /** Cut straight, opaque paper or film shows as a white box round its picture. */
  'white-box': at<{ art: string; transfer: TransferKind }>('art'),
  /** Film or paper that is cut as large as its print, cut with room. */
  'cut-too-wide': at<{ marginMm: number }>('art'),
  /** A further transfer has no picture of its own here. */
  'pass-empty': at<{ transfer: TransferKind }>('art'),
};
const found = finder(ART_KINDS);
type ArtRule = RuleOf<typeof ART_KINDS>;

/** Unlocked proportions are warned about above this share (own choice). */
const STRETCH_WARN = 0.03;

const noArt: ArtRule = ({ job }) =>
  job.placements.length > 0 ? [] : [found('no-art', 'stop', {})];

const resolution = perArt(({ placed, art, placement, of }, { transfer }) => {
  // a blade follows the outline: no pixel of it is printed
  if (transfer.made === 'cut from one colour') return null;
  const { widthPx, heightPx } = uprightPixels(art);
  const { width, height } = placed.box;
  const [across, up] = placement.turns % 2 === 0 ? [width, height] : [height, width];
  const ppi = Math.min(pixelsPerInch(widthPx, across), pixelsPerInch(heightPx, up));
  const verdict = judgeResolution(ppi);
  if (verdict === 'sharp') return null;
  return found('resolution', 'warn', { art: art.name, ppi, soft: verdict === 'soft' }, { of });
});

const coloursUntold = perArt(({ art, of }, { transfer }) =>
  art.coloursTold || transfer.made === 'cut from one colour'
    ? null
    : found('colours-untold', 'warn', { art: art.name }, { of }),
);

/** Lost without the still picture being another for certain. */
const SLIGHT: readonly DrawingLoss[] = ['movement', 'fonts'];

const cameOtherwise = perArt(({ art: { name, lost }, of }) =>
  lost.length === 0
    ? null
    : found(
        'came-otherwise',
        lost.every((what) => SLIGHT.includes(what)) ? 'note' : 'warn',
        { art: name, lost },
        { of },
      ),
);

const stretched = perArt((one, { job }) => {
  const { placed, art, placement, slot, of } = one;
  const ratio = placedProportion(art, placement.turns);
  const share = stretch(ratio, placed.box);
  if (Math.abs(share) <= STRETCH_WARN) return null;
  const { width, height } = placed.box;
  // within its box, or else round it: whichever brings no other trouble
  const sizes = [
    { width: Math.min(width, height * ratio), height: Math.min(height, width / ratio) },
    { width: Math.max(width, height * ratio), height: Math.max(height, width / ratio) },
  ];
  const own = sizes.find(
    (size) =>
      one.own &&
      slot.toStrip[0] > 0 &&
      noWorseIn(one, boxAround(centreOf(placed.box), size.width, size.height), job),
  );
  const kept = own && {
    placementId: placement.id,
    ...{ widthMm: own.width, heightMm: own.height },
  };
  return found(
    'stretch',
    'warn',
    { widthMm: width, heightMm: height, share },
    { of, fixes: kept ? [fix('keep-proportions', kept)] : [] },
  );
});

const cutOff = perArt((one, { job }) => {
  const { placed, art, placement, of } = one;
  if (placed.cutOffShare <= NOTE_SHARE || placement.repeat) return null;
  // a contour, a ground or a half cuts on purpose
  if (job.cut.line !== 'edge' || job.wrap.parts === 'halves') return null;
  const covers = placement.sizing.mode === 'cover';
  const all = placed.cutOffShare > 0.999;
  const lost = all ? 1 : lostShare(one, job);
  if (lost <= NOTE_SHARE) return null;
  const fit = covers
    ? null
    : shrunkToFit(one, job, (box) => lostShare(inBox(one, box), job) <= NOTE_SHARE / 2);
  return found(
    'cut-off',
    all ? 'stop' : covers ? 'note' : 'warn',
    { art: art.name, lostShare: lost, covers, all },
    { of, fixes: [fit] },
  );
});

const bleedShort = perArt((one, { job }) => {
  const { piece, placement, face, of } = one;
  if (placement.repeat || face.paper === 'art') return null;
  const edges = shortEdges(one, job);
  const { bleedMm } = piece;
  return edges.length > 0 ? found('bleed-short', 'warn', { edges, bleedMm }, { of }) : null;
});

/** What stays on the blank is white wherever it was cut, whatever is printed there. */
const whiteBox = perArt((one, { job, transfer }) => {
  const { art, placement, of } = one;
  const straight = job.cut.line === 'edge' && isCloth(job.blank.substrate) && !placement.repeat;
  if (!transfer.carrierShows || !straight || !leavesBox(art)) return null;
  return found(
    'white-box',
    'warn',
    { art: art.name, transfer: job.transfer },
    { of, fixes: [fix('cut-along-art', {})] },
  );
});

/** A film or paper that is cut exactly as large as its print, cut with room instead. */
const cutTooWide: ArtRule = ({ job, transfer }) => {
  const wanted = transfer.cutMarginMm;
  const loose = job.cut.line === 'contour' || isCloth(job.blank.substrate);
  const { marginMm } = job.cut;
  if (wanted === null || !loose || marginMm <= wanted + 0.25) return [];
  const fixes = [fix('cut-close', { marginMm: wanted })];
  return [found('cut-too-wide', 'note', { marginMm }, { fixes })];
};

/** A further pass on which nothing was put. */
export const passEmpty: ArtRule = ({ job }) => [
  found('pass-empty', 'note', { transfer: job.transfer }),
];

/** Is the picture there, good enough and whole? */
export const ART_RULES: readonly ArtRule[] = [
  noArt,
  cutTooWide,
  whiteBox,
  resolution,
  coloursUntold,
  cameOtherwise,
  stretched,
  cutOff,
  bleedShort,
];

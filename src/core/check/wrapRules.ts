import { isCup, type CupForm } from '../form';
import { rectRing } from '../geometry';
import { at, finder, type RuleOf } from './finding';
import type { Behind } from './vocabulary';
import { fix } from './fixes';
import { NOTE_SHARE, seamShare, WARN_SHARE } from './harm';
import { detailShareIn, everyPlacement, perArt, type Placed } from './placed';

/** Do the ends of a wrap meet? */
export const WRAP_KINDS = {
  /** A full wrap whose edges differ where they meet. */
  'joining-seam': at<{ art: string; mismatch: number }>('art'),
  /** Detail where two halves of a wrap meet, opposite the handle or seam. */
  'seam-detail': at<{ art: string; share: number; opposite: Behind }>('art'),
  halves: at<{ pieces: number; back: Behind }>('art'),
};
const found = finder(WRAP_KINDS);
type WrapRule = RuleOf<typeof WRAP_KINDS>;

/** Above this a seam shows (from memory). */
const SEAM_SHOWS_FROM = 0.06;
/** A gap left on purpose where a wrap closes, mm (own choice: a quarter inch). */
const SEAM_GAP_MM = 6.35;

/** A full wrap has to meet itself at the seam. */
const joiningSeam = perArt((one, findings) => {
  const { job } = findings;
  const { art, placed, face, placement } = one;
  const { form } = job.blank;
  const mismatch = art.facts?.edgeMismatch ?? 0;
  if (!isCup(form) || form.handleGapMm > 0 || mismatch < SEAM_SHOWS_FROM) return null;
  if (job.wrap.seam.kind === 'gap') return null;
  if (placed.box.width < face.widthMm * 0.98 || placement.repeat) return null;
  const half = SEAM_GAP_MM / 2;
  const gapped = [
    rectRing({ x: half, y: 0, width: face.widthMm - SEAM_GAP_MM, height: face.heightMm }),
  ];
  const all = everyPlacement(findings);
  const keepsAll = (each: Placed) =>
    each.placement.sizing.mode === 'cover' || 1 - detailShareIn(each, gapped) <= NOTE_SHARE;
  // a gap cuts as much off the picture
  const helps = job.wrap.parts !== 'halves' && all.every(keepsAll);
  return found(
    'joining-seam',
    'warn',
    { art: art.name, mismatch },
    { of: one.of, fixes: helps ? [fix('seam-gap', { byMm: SEAM_GAP_MM })] : [] },
  );
});

/** Share of its detail beyond the face's own edge, whatever piece shows it. */
const lostOfWrap = (one: Placed): number => 1 - detailShareIn(one, one.face.region);

/** What is at the back of a wrap. */
const behind = ({ handleGapMm }: CupForm): Behind => (handleGapMm > 0 ? 'handle' : 'seam');

/** In halves the cut runs opposite the handle: what is drawn there is cut through. */
const seamThroughDetail = perArt((one, { job }) => {
  const { form } = job.blank;
  if (!isCup(form) || job.wrap.parts !== 'halves') return null;
  const share = seamShare(one);
  if (share <= NOTE_SHARE) return null;
  // in one strip what the wrap's edge cuts off would be found, which halves cut on purpose
  const helps = one.placed.cutOffShare <= 0.5 && lostOfWrap(one) <= NOTE_SHARE;
  return found(
    'seam-detail',
    share > WARN_SHARE ? 'warn' : 'note',
    { art: one.art.name, share, opposite: behind(form) },
    { of: one.of, fixes: helps ? [fix('one-strip', {})] : [] },
  );
});

const halves: WrapRule = ({ job: { blank, wrap }, pieces }) =>
  isCup(blank.form) && wrap.parts === 'halves' && pieces.length > 1
    ? [found('halves', 'note', { pieces: pieces.length, back: behind(blank.form) })]
    : [];

/** Where a wrap closes, and where its halves meet. */
export const WRAP_RULES: readonly WrapRule[] = [joiningSeam, seamThroughDetail, halves];

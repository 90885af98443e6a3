import { rectRing } from '../geometry';
import { isCup } from '../traits';
import type { Rule } from './check';
import { NOTE_SHARE, seamShare, WARN_SHARE } from './harm';
import { detailShareIn, everyPlacement, percent, perArt, type Placed } from './placed';

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
  return {
    id: `joining-seam-${placed.placementId}`,
    level: 'warn',
    station: 'art',
    text: `“${art.name}” does not meet itself at the joining seam: its left and right edges differ by ${percent(mismatch)}. Turn the seam to the back, or leave a gap on purpose.`,
    figure: percent(mismatch),
    // a gap cuts as much off the picture
    ...(job.wrap.parts !== 'halves' && all.every(keepsAll)
      ? {
          fixes: [
            {
              label: 'Leave a gap at the seam',
              patch: { wrap: { ...job.wrap, seam: { kind: 'gap', byMm: SEAM_GAP_MM } } },
            },
          ],
        }
      : {}),
  };
});

/** Share of its detail beyond the face's own edge, whatever piece shows it. */
const lostOfWrap = (one: Placed): number => 1 - detailShareIn(one, one.face.region);

/** In halves the cut runs opposite the handle: what is drawn there is cut through. */
const seamThroughDetail = perArt((one, { job }) => {
  if (!isCup(job.blank.form) || job.wrap.parts !== 'halves') return null;
  const share = seamShare(one);
  if (share <= NOTE_SHARE) return null;
  return {
    id: `seam-detail-${one.placed.placementId}`,
    level: share > WARN_SHARE ? 'warn' : 'note',
    station: 'art',
    text: `${percent(share)} of the detail of “${one.art.name}” lies where the two halves meet, opposite the ${job.blank.form.handleGapMm > 0 ? 'handle' : 'seam'}.`,
    figure: percent(share),
    // in one strip what the wrap's edge cuts off would be found, which halves cut on purpose
    ...(one.placed.cutOffShare <= 0.5 && lostOfWrap(one) <= NOTE_SHARE
      ? {
          fixes: [
            {
              label: 'One strip instead of two',
              patch: { wrap: { ...job.wrap, parts: 'strip' } },
            },
          ],
        }
      : {}),
  };
});

const halves: Rule = ({ job, pieces }) =>
  isCup(job.blank.form) && job.wrap.parts === 'halves' && pieces.length > 1
    ? [
        {
          id: 'halves',
          level: 'note',
          station: 'art',
          text: `Each half is mirrored as part of the whole wrap. Seen from outside with the ${job.blank.form.handleGapMm > 0 ? 'handle' : 'seam'} at the back, “left half” goes on the left; swapped, front and back trade places.`,
          figure: `${pieces.length} pieces`,
        },
      ]
    : [];

/** Where a wrap closes, and where its halves meet. */
export const WRAP_RULES: readonly Rule[] = [joiningSeam, seamThroughDetail, halves];

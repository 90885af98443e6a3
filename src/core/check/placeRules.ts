import { usualBleedMm } from '../blank';
import {
  area,
  contains,
  intersection,
  inverse,
  mapBox,
  mapRegion,
  rectRing,
  regionArea,
  regionBox,
  subtract,
  type Region,
} from '../geometry';
import { canFold, USUAL_FOLD_GAP_MM } from '../layout';
import { isCup, type ArtFacts } from '../model';
import { formatLength } from '../units';
import { luminance } from '../colour';
import type { Check, Findings, Rule } from './check';
import {
  isHard,
  isLost,
  NOTE_SHARE,
  safeOnStrip,
  seamShare,
  shrunkToFit,
  WARN_SHARE,
} from './harm';
import { changed, detailShareIn, percent, perArt, type Placed } from './placed';

/** Paper left between the bleeds of a folded pair, at least, mm (own choice). */
const FOLD_ROOM_MM = 4;
/** Above these a seam shows, or art has a clear top (from memory). */
const SEAM_SHOWS_FROM = 0.06;
const TOPLESS_BELOW = 0.02;
/** White parts are worth a word from this share on (own choice). */
const WHITE_FROM = 0.05;
const WHITE_BLANK_LUMINANCE = 0.93;

const REASONS = {
  'keep-out': 'where dye takes unevenly or a seam is in the way',
  roll: 'that rolls round the insert',
  hole: 'that is cut out',
  'cut-away': 'where there is no blank',
  handle: 'at the handle',
} as const;

/** Detail in keep-outs, over holes, at a pocket or beyond a collar. */
const inZones: Rule = (findings) =>
  perArt((one) => {
    const { face, placed, art, placement } = one;
    if (placement.repeat || placed.cutOffShare > 0.999) return null;
    const onFace = mapBox(inverse(one.slot.toStrip), placed.box);
    const meets = (region: Region) => area(intersection(onFace, regionBox(region))) > 0;
    const hits = face.zones
      .filter(({ kind, region }) => kind !== 'roll' && meets(region))
      .map((zone) => ({ zone, share: detailShareIn(one, zone.region) }))
      .filter(({ share }) => share > NOTE_SHARE)
      .sort((a, b) => b.share - a.share);
    const [worst] = hits;
    if (!worst) return null;
    const alike = hits.filter(({ zone }) => zone.kind === worst.zone.kind);
    const share = alike.reduce((sum, hit) => sum + hit.share, 0);
    const names = alike.map(({ zone }) => zone.label.replace(/:.*/, '').toLowerCase());
    const { kind } = worst.zone;
    const serious = isLost(worst.zone) && share > WARN_SHARE;
    return {
      id: `keep-out-${placed.placementId}`,
      level: serious ? 'warn' : 'note',
      station: 'art',
      text: `${percent(share)} of the detail of “${art.name}” lies on the ${[...new Set(names)].join(' and ')}, ${REASONS[kind]}. Keep faces and lettering off it.`,
      figure: percent(share),
    };
  })(findings);

/** Lettering too near an edge is cut, rolled or blurred first. */
const lettering = perArt((one, { job, units }) => {
  const { art, placed, slot, face, placement } = one;
  if (!art.text) return null;
  const safe = safeOnStrip(one);
  if (slot.toStrip[0] < 0 || contains(safe, placed.box)) return null;
  const out = 1 - area(intersection(safe, placed.box)) / area(placed.box);
  const figure = formatLength(face.safe.y, units.length);
  const fit = shrunkToFit(one, job, (box) => contains(safe, box));
  return {
    id: `lettering-${placed.placementId}`,
    level: 'warn',
    station: 'art',
    text: `${percent(out)} of the line “${art.text.words}” stands in the edge zone. Keep lettering inside it.`,
    figure,
    ...(fit ? { fixes: [{ label: 'Make it fit', patch: changed(job, placement, fit) }] } : {}),
  };
});

/** How far the paper of a hard blank may lie off its edge before its own edge prints on it, mm². */
const BARE_MM2 = 1;

/** Printed paper cut round its motif ends on the hard face: its edge prints as a line there. */
const cutEdgePrints: Rule = ({ job, pieces, faces, paper }) => {
  if (!isHard(job) || job.cut.line !== 'contour' || paper.preprinted) return [];
  const bare = pieces.some(({ slots }) =>
    slots.some((slot) => {
      const face = faces.find(({ id }) => id === slot.faceId);
      const whole = face && mapRegion(slot.toStrip, face.region.slice(0, 1));
      return whole && regionArea(subtract(whole, slot.ink)) > BARE_MM2;
    }),
  );
  if (!bare) return [];
  const within = pieces.every(({ arts, slots }) =>
    arts.every(({ slot, box }) => contains(slots[slot]?.face ?? box, box)),
  );
  return [
    {
      id: 'cut-edge-prints',
      level: 'warn',
      station: 'art',
      text: 'Cut along the art, the paper ends on the hard face, and its cut edge prints as a line. Let the paper cover the whole face.',
      figure: 'paper ends on the face',
      // a straight cut would cut off what hangs over the face
      ...(within
        ? {
            fixes: [
              { label: 'Cut straight round it', patch: { cut: { ...job.cut, line: 'edge' } } },
            ],
          }
        : {}),
    },
  ];
};

const bleedMissing: Rule = ({ job, pieces, faces, units }) => {
  const usual = usualBleedMm(job.blank);
  const covers = job.placements.some(
    ({ sizing, repeat }) => sizing.mode === 'cover' || repeat !== null,
  );
  const hard = isHard(job);
  if (pieces.length === 0 || faces[0]?.paper === 'art' || job.bleedMm >= usual * 0.5) return [];
  if (!covers && !hard) return [];
  const figure = formatLength(job.bleedMm, units.length);
  return [
    {
      id: hard ? 'paper-short' : 'bleed-missing',
      level: 'warn',
      station: 'art',
      text: hard
        ? `With ${figure} of bleed the paper ends at the hard edge, and its cut edge prints as a line. Usual here: ${formatLength(usual, units.length)} a side (common practice).`
        : `With ${figure} of bleed a white line shows where the paper lies a little off. Usual here: ${formatLength(usual, units.length)} a side (common practice).`,
      figure,
      fixes: [{ label: `Bleed ${formatLength(usual, units.length)}`, patch: { bleedMm: usual } }],
    },
  ];
};

/** A gap left on purpose where a wrap closes, mm (own choice: a quarter inch). */
const SEAM_GAP_MM = 6.35;

/** A full wrap has to meet itself at the seam. */
const joiningSeam = perArt((one, { job }) => {
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
  return {
    id: `joining-seam-${placed.placementId}`,
    level: 'warn',
    station: 'art',
    text: `“${art.name}” does not meet itself at the joining seam: its left and right edges differ by ${percent(mismatch)}. Turn the seam to the back, or leave a gap on purpose.`,
    figure: percent(mismatch),
    // a gap cuts as much off the picture
    ...(placement.sizing.mode === 'cover' || 1 - detailShareIn(one, gapped) <= NOTE_SHARE
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
    text: `${percent(share)} of the detail of “${one.art.name}” lies where the two halves meet, opposite the handle.`,
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
          text: 'Each half is mirrored as part of the whole wrap. Seen from outside with the handle at the back, “left half” goes on the left; swapped, front and back trade places.',
          figure: `${pieces.length} pieces`,
        },
      ]
    : [];

/** Whether a picture is so pale all over that what was measured of it against white tells nothing. */
const pale = (palette: ArtFacts['palette']): boolean =>
  palette.length > 0 && palette.every(({ colour }) => luminance(colour) >= WHITE_BLANK_LUMINANCE);

const upsideDown = perArt(({ art, placed, placement }) =>
  art.facts &&
  art.facts.turnedMismatch < TOPLESS_BELOW &&
  !pale(art.facts.palette) &&
  !placement.repeat
    ? {
        id: `upside-down-${placed.placementId}`,
        level: 'note',
        station: 'art',
        text: `“${art.name}” looks almost the same upside down. The sheet has an arrow that points up, outside the face.`,
        figure: percent(art.facts.turnedMismatch),
      }
    : null,
);

const whiteInArt = perArt(({ art, placed }, { job, transfer }) => {
  const white = art.facts?.whiteShare ?? 0;
  const { colour, colourName } = job.blank.substrate;
  if (!transfer.transparent || white < WHITE_FROM || luminance(colour) >= WHITE_BLANK_LUMINANCE)
    return null;
  return {
    id: `white-${placed.placementId}`,
    level: 'warn',
    station: 'art',
    text: `${percent(white)} of “${art.name}” is white. There is no white ink in this transfer: those parts show ${colourName}.`,
    figure: percent(white),
  };
});

/** Pressed one after the other, the first side of a hard blank fades. */
const twoSides: Rule = ({ job, pieces, units }: Findings): Check[] => {
  if (!canFold(job.blank)) return [];
  const faces = new Set(job.placements.map(({ faceId }) => faceId));
  const gap = formatLength(USUAL_FOLD_GAP_MM, units.length);
  if (!job.fold && faces.size > 1) {
    return [
      {
        id: 'two-pressings',
        level: 'warn',
        station: 'art',
        text: `Front and back are printed apart: pressed one after the other, the first side fades. Print both on one strip, ${gap} apart, and fold it over.`,
        figure: `${pieces.length} pieces`,
        fixes: [{ label: 'One strip to fold', patch: { fold: { gapMm: USUAL_FOLD_GAP_MM } } }],
      },
    ];
  }
  if (!job.fold || faces.size < 2 || 2 * job.bleedMm < job.fold.gapMm) return [];
  const figure = formatLength(job.fold.gapMm, units.length);
  const wide = Math.max(USUAL_FOLD_GAP_MM, 2 * job.bleedMm + FOLD_ROOM_MM);
  return [
    {
      id: 'fold-gap',
      level: 'stop',
      station: 'art',
      text: `A bleed of ${formatLength(job.bleedMm, units.length)} on both faces fills the ${figure} between them. Widen the gap.`,
      figure,
      fixes: [
        { label: `Gap ${formatLength(wide, units.length)}`, patch: { fold: { gapMm: wide } } },
      ],
    },
  ];
};

/** Does it lie where it survives the cut, the seam and the edge? */
export const PLACE_RULES: readonly Rule[] = [
  inZones,
  lettering,
  cutEdgePrints,
  bleedMissing,
  joiningSeam,
  seamThroughDetail,
  halves,
  upsideDown,
  whiteInArt,
  twoSides,
];

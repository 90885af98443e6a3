import { usualBleedMm } from '../blank';
import {
  area,
  contains,
  intersection,
  inverse,
  mapBox,
  rectRing,
  regionBox,
  type Region,
} from '../geometry';
import { canFold, USUAL_FOLD_GAP_MM } from '../layout';
import { isCloth, isCup } from '../model';
import { formatLength } from '../units';
import { luminance } from '../colour';
import type { Check, Findings, Rule } from './check';
import { changed, detailShareIn, percent, perArt } from './placed';

/** Less than this share of its detail in a bad place is a hair's breadth, not a loss. */
const NOTE_SHARE = 0.001;
const WARN_SHARE = 0.05;
/** How far off a seam detail still suffers, mm (own choice). */
const SEAM_HALF_MM = 3;
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
    const { kind, id } = worst.zone;
    const serious = (kind === 'hole' || id === 'pocket') && share > WARN_SHARE;
    return {
      id: `keep-out-${placed.placementId}`,
      level: serious ? 'warn' : 'note',
      station: 'art',
      text: `${percent(share)} of the detail of “${art.name}” lies on the ${[...new Set(names)].join(' and ')}, ${REASONS[kind]}. Keep faces and lettering off it.`,
      figure: percent(share),
    };
  })(findings);

/** Lettering too near an edge is cut, rolled or blurred first. */
const lettering = perArt(({ art, placed, slot, face, placement }, { job, units }) => {
  if (!art.text) return null;
  const safe = { ...face.safe, x: face.safe.x + slot.face.x, y: face.safe.y + slot.face.y };
  if (slot.toStrip[0] < 0 || contains(safe, placed.box)) return null;
  const out = 1 - area(intersection(safe, placed.box)) / area(placed.box);
  const figure = formatLength(face.safe.y, units.length);
  return {
    id: `lettering-${placed.placementId}`,
    level: 'warn',
    station: 'art',
    text: `${percent(out)} of the line “${art.text.words}” stands in the edge zone. Keep lettering inside it.`,
    figure,
    fixes: [
      {
        label: 'Fit it in the safe area',
        patch: changed(job, placement, {
          sizing: { mode: 'fit' },
          at: { datum: face.home, dxMm: 0, dyMm: 0 },
        }),
      },
    ],
  };
});

const bleedMissing: Rule = ({ job, pieces, faces, units }) => {
  const usual = usualBleedMm(job.blank);
  const covers = job.placements.some(
    ({ sizing, repeat }) => sizing.mode === 'cover' || repeat !== null,
  );
  const hard = !isCup(job.blank.form) && !isCloth(job.blank.substrate);
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

/** A full wrap has to meet itself at the seam. */
const joiningSeam = perArt(({ art, placed, face, placement }, { job }) => {
  const { form } = job.blank;
  const mismatch = art.facts?.edgeMismatch ?? 0;
  if (!isCup(form) || form.handleGapMm > 0 || mismatch < SEAM_SHOWS_FROM) return null;
  if (job.wrap.seam.kind === 'gap') return null;
  if (placed.box.width < face.widthMm * 0.98 || placement.repeat) return null;
  return {
    id: `joining-seam-${placed.placementId}`,
    level: 'warn',
    station: 'art',
    text: `“${art.name}” does not meet itself at the joining seam: its left and right edges differ by ${percent(mismatch)}. Turn the seam to the back, or leave a gap on purpose.`,
    figure: percent(mismatch),
    fixes: [
      {
        label: 'Leave a gap at the seam',
        patch: { wrap: { ...job.wrap, seam: { kind: 'gap', byMm: 6.35 } } },
      },
    ],
  };
});

/** In halves the cut runs opposite the handle: what is drawn there is cut through. */
const seamThroughDetail = perArt((one, { job }) => {
  if (!isCup(job.blank.form) || job.wrap.parts !== 'halves') return null;
  // at least as wide as a cell of the map of detail
  const half = Math.max(SEAM_HALF_MM, one.placed.box.width / 40);
  const x = one.face.widthMm / 2 - half;
  const strip = [rectRing({ x, y: 0, width: 2 * half, height: one.face.heightMm })];
  const share = detailShareIn(one, strip);
  if (share <= NOTE_SHARE) return null;
  return {
    id: `seam-detail-${one.placed.placementId}`,
    level: share > WARN_SHARE ? 'warn' : 'note',
    station: 'art',
    text: `${percent(share)} of the detail of “${one.art.name}” lies where the two halves meet, opposite the handle.`,
    figure: percent(share),
    fixes: [
      {
        label: 'One strip instead of two',
        patch: { wrap: { ...job.wrap, parts: 'strip' } },
      },
    ],
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

const upsideDown = perArt(({ art, placed, placement }) =>
  art.facts && art.facts.turnedMismatch < TOPLESS_BELOW && !placement.repeat
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
  bleedMissing,
  joiningSeam,
  seamThroughDetail,
  halves,
  upsideDown,
  whiteInArt,
  twoSides,
];

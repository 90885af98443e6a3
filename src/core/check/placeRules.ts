import { usualBleedMm } from '../traits';
import { pixelsPerInch, uprightPixels, WARN_BELOW_PPI } from '../art';

import { area, contains, intersection, mapRegion, regionArea, subtract } from '../geometry';
import { canFold, USUAL_FOLD_GAP_MM } from '../layout';
import type { ArtFacts, Job } from '../model';
import { formatLength } from '../units';
import { luminance } from '../colour';
import type { Check, Findings, Rule } from './check';
import { isHard, lostShare, NOTE_SHARE, safeOnStrip, shrunkToFit, zoneTrouble } from './harm';
import { changed, everyPlacement, percent, perArt } from './placed';
import { repeats } from './repeatRules';
import { WRAP_RULES } from './wrapRules';

/** Paper left between the bleeds of a folded pair, at least, mm (own choice). */
const FOLD_ROOM_MM = 4;
/** Above this art has a clear top (from memory). */
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
    const { placed, art, placement } = one;
    if (placement.repeat || placed.cutOffShare > 0.999) return null;
    const trouble = zoneTrouble(one);
    if (!trouble) return null;
    const { worst, alike, share, serious } = trouble;
    const names = alike.map(({ zone }) => zone.label.replace(/:.*/, '').toLowerCase());
    return {
      id: `keep-out-${placed.placementId}`,
      level: serious ? 'warn' : 'note',
      station: 'art',
      text: `${percent(share)} of the detail of “${art.name}” lies on the ${[...new Set(names)].join(' and ')}, ${REASONS[worst.kind]}. Keep faces and lettering off it.`,
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
const cutEdgePrints: Rule = (findings) => {
  const { job, pieces, faces, paper } = findings;
  if (!isHard(job) || job.cut.line !== 'contour' || paper.preprinted) return [];
  const bare = pieces.some(({ slots }) =>
    slots.some((slot) => {
      const face = faces.find(({ id }) => id === slot.faceId);
      const whole = face && mapRegion(slot.toStrip, face.region.slice(0, 1));
      return whole && regionArea(subtract(whole, slot.ink)) > BARE_MM2;
    }),
  );
  if (!bare) return [];
  const within = everyPlacement(findings).every((one) => lostShare(one, job) <= NOTE_SHARE);
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

/** The fold gap that goes with a bleed, where the one there is would be filled by it. */
const foldFor = (job: Job, bleedMm: number): Partial<Job> =>
  job.fold && 2 * bleedMm >= job.fold.gapMm
    ? { fold: { gapMm: Math.max(USUAL_FOLD_GAP_MM, 2 * bleedMm + FOLD_ROOM_MM) } }
    : {};

const bleedMissing: Rule = (findings) => {
  const { job, pieces, faces, units } = findings;
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
      ...(grows
        ? {}
        : {
            fixes: [
              {
                label: `Bleed ${formatLength(usual, units.length)}`,
                patch: { bleedMm: usual, ...foldFor(job, usual) },
              },
            ],
          }),
    },
  ];
};

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
  repeats,
  inZones,
  lettering,
  cutEdgePrints,
  bleedMissing,
  ...WRAP_RULES,
  upsideDown,
  whiteInArt,
  twoSides,
];

import {
  judgeResolution,
  pixelsPerInch,
  uprightPixels,
  VISIBLE_BELOW_PPI,
  WARN_BELOW_PPI,
} from '../art';
import { boxAround, centreOf } from '../geometry';
import { placedProportion, stretch } from '../layout';
import { formatLength, formatSize } from '../units';
import type { Rule } from './check';
import { lostShare, NOTE_SHARE, noWorseIn, shortEdges, shrunkToFit } from './harm';
import { changed, inBox, percent, perArt } from './placed';

/** Unlocked proportions are warned about above this share (own choice). */
const STRETCH_WARN = 0.03;

const noArt: Rule = ({ job }) =>
  job.placements.length > 0
    ? []
    : [
        {
          id: 'no-art',
          level: 'stop',
          station: 'art',
          text: 'There is no picture yet. Drop one on the Art station.',
          figure: '',
        },
      ];

const resolution = perArt(({ placed, art, placement }) => {
  const { widthPx, heightPx } = uprightPixels(art);
  const { width, height } = placed.box;
  const [across, up] = placement.turns % 2 === 0 ? [width, height] : [height, width];
  const ppi = Math.min(pixelsPerInch(widthPx, across), pixelsPerInch(heightPx, up));
  const verdict = judgeResolution(ppi);
  if (verdict === 'sharp') return null;
  const figure = `${Math.round(ppi)} pixels per inch`;
  return {
    id: `resolution-${placed.placementId}`,
    level: 'warn',
    station: 'art',
    text:
      verdict === 'soft'
        ? `“${art.name}” has ${figure} at this size; under ${WARN_BELOW_PPI} it may look soft. Make it smaller or use a larger file.`
        : `“${art.name}” has only ${figure} at this size; under ${VISIBLE_BELOW_PPI} the pixels show. Make it smaller or use a larger file.`,
    figure,
  };
});

const stretched = perArt((one, { job, units }) => {
  const { placed, art, placement, slot } = one;
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
      slot.toStrip[0] > 0 &&
      noWorseIn(one, boxAround(centreOf(placed.box), size.width, size.height), job),
  );
  return {
    id: `stretch-${placed.placementId}`,
    level: 'warn',
    station: 'art',
    text:
      `At ${formatSize(width, height, units.length)} the picture is ${percent(share)} ` +
      `${share > 0 ? 'wider' : 'narrower'} than it should be for its height.`,
    figure: percent(share),
    ...(own
      ? {
          fixes: [
            {
              label: `Keep proportions: ${formatSize(own.width, own.height, units.length)}`,
              patch: changed(job, placement, {
                sizing: { mode: 'exact', widthMm: own.width, heightMm: own.height, locked: true },
              }),
            },
          ],
        }
      : {}),
  };
});

const cutOff = perArt((one, { job }) => {
  const { placed, art, placement } = one;
  if (placed.cutOffShare <= NOTE_SHARE || placement.repeat) return null;
  // a contour or a half cuts on purpose
  if (job.cut.line === 'contour' || job.wrap.parts === 'halves') return null;
  const meant = placement.sizing.mode === 'cover';
  const all = placed.cutOffShare > 0.999;
  const lost = all ? 1 : lostShare(one, job);
  if (lost <= NOTE_SHARE) return null;
  const fit = meant
    ? null
    : shrunkToFit(one, job, (box) => lostShare(inBox(one, box), job) <= NOTE_SHARE / 2);
  return {
    id: `cut-off-${placed.placementId}`,
    level: all ? 'stop' : meant ? 'note' : 'warn',
    station: 'art',
    text: all
      ? `“${art.name}” lies wholly off the blank: nothing of it prints.`
      : `The edge of the piece cuts off ${percent(lost)} of the detail of “${art.name}”${meant ? ', since it covers the face' : ''}.`,
    figure: percent(lost),
    ...(fit ? { fixes: [{ label: 'Make it fit', patch: changed(job, placement, fit) }] } : {}),
  };
});

const bleedShort = perArt((one, { units, job }) => {
  const { placed, piece, placement, face } = one;
  if (placement.repeat || face.paper === 'art') return null;
  const edges = shortEdges(one, job);
  if (edges.length === 0) return null;
  const figure = formatLength(piece.bleedMm, units.length);
  return {
    id: `bleed-short-${placed.placementId}`,
    level: 'warn',
    station: 'art',
    text: `The art reaches the face’s edge (${edges.join(', ')}) but not its ${figure} bleed: a white line may show. Make it a little larger.`,
    figure,
  };
});

/** A film or paper that is cut exactly as large as its print, cut with room instead. */
const cutTooWide: Rule = ({ job, transfer, faces, units }) => {
  const wanted = transfer.cutMarginMm;
  const loose = job.cut.line === 'contour' || faces[0]?.paper === 'art';
  if (wanted === null || !loose || job.cut.marginMm <= wanted + 0.25) return [];
  const figure = formatLength(job.cut.marginMm, units.length);
  return [
    {
      id: 'cut-too-wide',
      level: 'note',
      station: 'art',
      text: `With ${figure} of room it is cut wider than its picture: the rim shows as a film. Cut it close.`,
      figure,
      fixes: [{ label: 'Cut it close', patch: { cut: { ...job.cut, marginMm: wanted } } }],
    },
  ];
};

/** Is the picture there, good enough and whole? */
export const ART_RULES: readonly Rule[] = [
  noArt,
  cutTooWide,
  resolution,
  stretched,
  cutOff,
  bleedShort,
];

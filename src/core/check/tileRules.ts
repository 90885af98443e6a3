import type { Paper } from '../model';
import { isCup } from '../traits';
import { paperHolds, THROUGH_WHOLE, type Tiling } from '../sheet';
import { formatLength, formatSize, inches } from '../units';
import type { Check, Findings, Fix, Rule } from './check';

/** Usual overlap of two sheets at a seam: common practice. */
const USUAL_OVERLAP_MM = inches(1 / 4);
/** A taped seam nearer than this to where a wrap closes makes one thick place (own choice). */
const SEAMS_APART_MM = 20;

/** What a seam may be nearer to even spacing and still be told as chosen for its detail, share. */
const WORTH_TELLING = 0.01;

const nameOf = ({ pieces }: Findings, { pieceId }: Tiling): string =>
  pieces.find(({ id }) => id === pieceId)?.name ?? pieceId;

const perTiling =
  (rule: (tiling: Tiling, findings: Findings) => Check | null): Rule =>
  (findings) =>
    findings.sheets.tilings.flatMap((tiling) => rule(tiling, findings) ?? []);

/** Papers the printer takes that hold the piece whole, the smallest first. */
function papersHolding({ pieces, shelf, printer, paper }: Findings, tiling: Tiling): Paper[] {
  const piece = pieces.find(({ id }) => id === tiling.pieceId);
  if (!piece) return [];
  return shelf.papers
    .filter((each) => each.id !== paper.id && !each.preprinted && !each.used)
    .filter((each) => paperHolds(each, printer, piece))
    .sort((a, b) => a.widthMm * a.heightMm - b.widthMm * b.heightMm);
}

/** A piece that takes several sheets, how, and whether longer paper would spare it. */
const tiled = perTiling((tiling, findings) => {
  const { pieces, units, paper, job } = findings;
  const piece = pieces.find(({ id }) => id === tiling.pieceId);
  if (!piece) return null;
  const { rows, columns, tiles, cost, evenCost } = tiling;
  const spared = evenCost > 0 ? 1 - cost / evenCost : 0;
  const longer = papersHolding(findings, tiling).slice(0, 2);
  const size = formatSize(piece.widthMm, piece.heightMm, units.length);
  const figure = `${tiles.length} sheets`;
  const advice = longer[0] ? ` ${longer[0].name} in the same printer would spare the seams.` : '';
  const chosen =
    spared > WORTH_TELLING && spared <= 1
      ? ` Its seams cut through ${Math.round(100 * spared)} % less detail than evenly spaced ones.`
      : '';
  return {
    id: `tiled-${tiling.pieceId}`,
    level: 'note',
    station: 'sheets',
    text: `“${piece.name}” is ${size} with its bleed: ${figure} of ${paper.name}, ${rows} × ${columns}, taped together.${chosen}${advice}`,
    figure,
    fixes: longer.map((each): Fix => ({
      label: `Print on ${each.name}`,
      patch: { sheet: { ...job.sheet, paperId: each.id } },
    })),
  };
});

const noOverlap: Rule = ({ sheets, job, units }) =>
  sheets.tilings.length > 0 && job.sheet.tile.overlapMm < 1
    ? [
        {
          id: 'no-overlap',
          level: 'warn',
          station: 'sheets',
          text: `The sheets overlap by ${formatLength(job.sheet.tile.overlapMm, units.length)}: the smallest slip in trimming loses picture or shows white.`,
          figure: formatLength(job.sheet.tile.overlapMm, units.length),
          fixes: [
            {
              label: `Overlap by ${formatLength(USUAL_OVERLAP_MM, units.length)}`,
              patch: {
                sheet: {
                  ...job.sheet,
                  tile: { ...job.sheet.tile, overlapMm: USUAL_OVERLAP_MM },
                },
              },
            },
          ],
        },
      ]
    : [];

const throughWhole = perTiling((tiling, findings) =>
  tiling.cost < THROUGH_WHOLE
    ? null
    : {
        id: `seam-through-${tiling.pieceId}`,
        level: 'warn',
        station: 'sheets',
        text: `A seam of “${nameOf(findings, tiling)}” crosses a part that was to stay whole: no sheet is large enough to go round it. Make that part smaller, or choose larger paper.`,
        figure: '',
      },
);

const handSeams: Rule = (findings) =>
  findings.job.sheet.seams.flatMap(({ pieceId }): Check[] => {
    const tiling = findings.sheets.tilings.find((each) => each.pieceId === pieceId);
    if (!tiling || tiling.byHand) return [];
    const { job } = findings;
    return [
      {
        id: `seams-moved-${pieceId}`,
        level: 'note',
        station: 'sheets',
        text: `The seams set by hand on “${nameOf(findings, tiling)}” leave a sheet more than it can print; the best places are used instead.`,
        figure: '',
        fixes: [
          {
            label: 'Keep the best places',
            patch: {
              sheet: {
                ...job.sheet,
                seams: job.sheet.seams.filter((each) => each.pieceId !== pieceId),
              },
            },
          },
        ],
      },
    ];
  });

/** On a wrap that goes all round, the taped seam and the closing seam must not lie on each other. */
const seamsOnWrap = perTiling((tiling, findings) => {
  const { job, pieces, units } = findings;
  const { form } = job.blank;
  const piece = pieces.find(({ id }) => id === tiling.pieceId);
  if (!isCup(form) || !piece || tiling.downAtMm.length === 0) return null;
  const nearest = Math.min(
    ...tiling.downAtMm.flatMap((at) => [at, Math.max(0, piece.widthMm - at)]),
  );
  const figure = formatLength(nearest, units.length);
  const closing = form.handleGapMm > 0 ? 'the handle' : 'the closing seam';
  return {
    id: `taped-seam-${tiling.pieceId}`,
    level: nearest < SEAMS_APART_MM ? 'warn' : 'note',
    station: 'sheets',
    text: `The taped seam of “${piece.name}” lies ${figure} from ${closing}${
      nearest < SEAMS_APART_MM ? ': two seams in one place press thick and pale. Move it.' : '.'
    }`,
    figure,
  };
});

/** Will what is taped together be one picture? */
export const TILE_RULES: readonly Rule[] = [tiled, noOverlap, throughWhole, handSeams, seamsOnWrap];

import { translation, mapRegion, type Box, type Region } from '../geometry';
import type { CutChoice, Job } from '../model';
import { TRANSFERS } from '../transfer';
import type { FilledFace } from './piece';
import { artMatrix } from './place';
import { contourOf } from './silhouette';

/** How the paper of a pass is cut: what was chosen, or straight where its sheet is printed and has no ground to keep. */
export function cutLineOf({ cut, transfer }: Pick<Job, 'cut' | 'transfer'>): CutChoice['line'] {
  return cut.line === 'ground' && !TRANSFERS[transfer].preprinted ? 'edge' : cut.line;
}

/** The line round each picture; that of a repeated one is found once and moved along. */
export function contoursOf(arts: FilledFace['arts'], cut: CutChoice): Region[] {
  const first = new Map<string, { box: Box; line: Region }>();
  return arts.map(({ placementId, art, box, turns }) => {
    const known = first.get(placementId);
    if (known) return mapRegion(translation(box.x - known.box.x, box.y - known.box.y), known.line);
    const line = contourOf(art, artMatrix(box, turns), cut);
    first.set(placementId, { box, line });
    return line;
  });
}

/** Whether a pass's paper is cut out of a ready-made sheet along its art. */
export const isCutOut = ({ transfer, cut }: Pick<Job, 'transfer' | 'cut'>): boolean =>
  TRANSFERS[transfer].preprinted && cut.line === 'contour';

/** The passes whose pieces a ground is laid round: those cut along their art; empty where it is cut round its own. */
export const fittedInto = (job: Job): readonly Job['further'][number][] =>
  cutLineOf(job) === 'ground' ? job.further.filter(isCutOut) : [];

/**
 * What is cut out of a ground, an outline each: the pieces of other passes laid into it, else its own art, which
 * another row takes.
 * @param fill puts the pictures of a pass on the face.
 */
export function cutOutOf(
  job: Job,
  own: FilledFace['arts'],
  fill: (placements: Job['placements']) => FilledFace['arts'],
): { readonly lines: Region[]; readonly fill: string | null } {
  const others = fittedInto(job);
  if (others.length > 0)
    return {
      lines: others.flatMap((pass) => contoursOf(fill(pass.placements), pass.cut)),
      fill: null,
    };
  return { lines: contoursOf(own, job.cut), fill: mainColour(own) };
}

/** The colour most of the pictures is of: that of the sheet they stand for. */
function mainColour(arts: FilledFace['arts']): string | null {
  const [most] = arts
    .flatMap(({ art }) => art.facts?.palette ?? [])
    .sort((a, b) => b.share - a.share);
  return most?.colour ?? null;
}

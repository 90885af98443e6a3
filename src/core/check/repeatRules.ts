import { regionBox, type Box } from '../geometry';
import { inkRegion, MAX_MOTIFS, placedBox, repeatBoxes } from '../layout';
import type { Artwork, Job, Placement, Repeat } from '../model';
import { formatSize, type UnitStyle } from '../units';
import type { Check, Rule } from './check';
import { changed } from './placed';

/** A repeated placement where it lies: the motif as placed, and the box of what is printed. */
interface Repeated {
  readonly placement: Placement;
  readonly repeat: Repeat;
  readonly art: Artwork;
  readonly motif: Box;
  readonly trim: Box;
}

/** Kept whole at the edges, none may be left. */
function noMotif({ placement, repeat, art, motif, trim }: Repeated, job: Job, units: UnitStyle) {
  const figure = formatSize(motif.width, motif.height, units.length);
  const cut = { ...repeat, atEdge: 'cut' as const };
  const helps = repeat.atEdge !== 'cut' && repeatBoxes(motif, cut, trim).length > 0;
  const check: Check = {
    id: `no-motif-${placement.id}`,
    level: 'stop',
    station: 'art',
    text:
      `Of “${art.name}”, ${figure} and repeated, no motif shows on the ` +
      `${formatSize(trim.width, trim.height, units.length)} that are printed. ` +
      `Make it smaller${helps ? ', or let the edge cut it' : ' or place it on the face'}.`,
    figure,
    ...(helps
      ? {
          fixes: [
            { label: 'Let the edge cut it', patch: changed(job, placement, { repeat: cut }) },
          ],
        }
      : {}),
  };
  return check;
}

/** Past so many motifs no further one is laid, and the rest of the face would stay bare. */
const tooManyMotifs = ({ placement, art }: Repeated): Check => ({
  id: `too-many-motifs-${placement.id}`,
  level: 'stop',
  station: 'art',
  text:
    `“${art.name}” is repeated so closely that it comes to ${MAX_MOTIFS} motifs or more; no more are laid, ` +
    `and the rest of the face stays bare. Set the motifs further apart, or bring in a picture of many of them.`,
  figure: `${MAX_MOTIFS} motifs`,
});

/** Does a repeat show, and does it reach the end of the face? Unknown where laying out took too much. */
export const repeats: Rule = ({ job, faces, units, overwork }) =>
  (overwork.some(({ stage }) => stage === 'pieces' || stage === 'checks')
    ? []
    : job.placements
  ).flatMap((placement) => {
    const { repeat } = placement;
    const art = job.arts.find(({ sha256 }) => sha256 === placement.artSha256);
    const face = faces.find(({ id }) => id === placement.faceId);
    if (!repeat || !art || !face) return [];
    const trim = regionBox(inkRegion(face, job));
    const motif = placedBox(placement, art, face, trim);
    const motifs = repeatBoxes(motif, repeat, trim).length;
    const one = { placement, repeat, art, motif, trim };
    if (motifs === 0) return noMotif(one, job, units);
    return motifs < MAX_MOTIFS ? [] : tooManyMotifs(one);
  });

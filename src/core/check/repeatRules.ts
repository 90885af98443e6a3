import type { Size } from './vocabulary';
import { regionBox, type Box } from '../geometry';
import { inkRegion, MAX_MOTIFS, placedBox, repeatBoxes } from '../layout';
import type { Artwork, Placement, Repeat } from '../model';
import { at, finder, type FoundOf, type RuleOf } from './finding';
import { fix } from './fixes';

/** Does a repeated picture come out whole? */
export const REPEAT_KINDS = {
  /** Kept whole at the edges, no motif of this size shows on what is printed. */
  'no-motif': at<Size & { art: string; trim: Size; cutHelps: boolean }>('art'),
  'too-many-motifs': at<{ art: string; most: number }>('art'),
};
const found = finder(REPEAT_KINDS);
type RepeatRule = RuleOf<typeof REPEAT_KINDS>;
type RepeatFound = FoundOf<typeof REPEAT_KINDS>;

/** A repeated placement where it lies: the motif as placed, and the box of what is printed. */
interface Repeated {
  readonly placement: Placement;
  readonly repeat: Repeat;
  readonly art: Artwork;
  readonly motif: Box;
  readonly trim: Box;
}

/** Kept whole at the edges, none may be left. */
function noMotif({ placement, repeat, art, motif, trim }: Repeated) {
  const cutHelps =
    repeat.atEdge !== 'cut' && repeatBoxes(motif, { ...repeat, atEdge: 'cut' }, trim).length > 0;
  return found(
    'no-motif',
    'stop',
    {
      ...{ art: art.name, widthMm: motif.width, heightMm: motif.height, cutHelps },
      trim: { widthMm: trim.width, heightMm: trim.height },
    },
    {
      of: placement.id,
      fixes: cutHelps ? [fix('cut-at-edge', { placementId: placement.id })] : [],
    },
  );
}

/** Past so many motifs no further one is laid, and the rest of the face would stay bare. */
const tooManyMotifs = ({ placement, art }: Repeated) =>
  found('too-many-motifs', 'stop', { art: art.name, most: MAX_MOTIFS }, { of: placement.id });

/** Does a repeat show, and does it reach the end of the face? Unknown where laying out took too much. */
const repeats: RepeatRule = ({ job, faces, overwork }) =>
  (overwork.some(({ stage }) => stage === 'pieces' || stage === 'checks')
    ? []
    : job.placements
  ).flatMap((placement): RepeatFound[] => {
    const { repeat } = placement;
    const art = job.arts.find(({ sha256 }) => sha256 === placement.artSha256);
    const face = faces.find(({ id }) => id === placement.faceId);
    if (!repeat || !art || !face) return [];
    const trim = regionBox(inkRegion(face, job));
    const motif = placedBox(placement, art, face, trim);
    const motifs = repeatBoxes(motif, repeat, trim).length;
    const one = { placement, repeat, art, motif, trim };
    if (motifs === 0) return [noMotif(one)];
    return motifs < MAX_MOTIFS ? [] : [tooManyMotifs(one)];
  });

/** Does a repeated picture come out whole? */
export const REPEAT_RULES: readonly RepeatRule[] = [repeats];

import { medianOf } from '../median';
import {
  blocksOf,
  driftOf,
  NO_DRIFT,
  pairsOf,
  seenFromAbove,
  type Block,
  type Drift,
  type Drifted,
  type Search,
} from './blocks';
import { placeAt, refinedView, seenAt, type View } from './camera';
import type { Expected } from './expected';
import { shrunk, type Plane } from './plane';

const { hypot, max, min, round } = Math;

/** Steps of looking closer: how large what must lie there is drawn, longest side in pixels, and how its blocks are looked for. */
const STEPS = [
  { longest: 700, search: { side: 26, step: 24, reach: 9 } },
  { longest: 1400, search: { side: 28, step: 32, reach: 5 } },
  { longest: 2800, search: { side: 32, step: 48, reach: 4 } },
] as const;

/** Where fewer blocks than this can tell, the art is soft: larger ones are looked for, a wider peak is enough. */
const FEW_BLOCKS = 40;

/** Where at the step before the last fewer than this share of blocks is found, of so many, it lies elsewhere (own choices). */
const HOPELESS = { share: 0.1, tried: 40 } as const;

/** A photo brought to lie over what must be in it. */
export interface Registered {
  readonly view: View;
  /** Blocks of the last look, as the view has them. */
  readonly blocks: readonly Block[];
  /** How each part lies beside the view of all. */
  readonly drifts: readonly (Drifted | null)[];
  /** For each part laid by itself, or all of it: which share of the blocks that could tell was found, and how many could. */
  readonly shares: readonly number[];
  readonly tried: readonly number[];
  /** The share of all blocks, at the step that found most of those that could tell: faint art is lost at the finest. */
  readonly most: number;
}

/**
 * Brings a photo to lie over what must be in it, ever closer: blocks of it are looked for, and a view through one lens is
 * fitted to what most of them say.
 * @param wanted how light what must lie there is, `pxPerMm` of its picture.
 * @param light how light the photo is, all of its pixels.
 */
export function refined(first: View, expected: Expected, wanted: Plane, light: Plane): Registered {
  const { pxPerMm } = expected.picture;
  const [widthMm, heightMm] = [wanted.width / pxPerMm, wanted.height / pxPerMm];
  const boxes = expected.parts.map(({ box }) => box);
  const single = boxes.length < 2 || expected.kind === 'sheet';
  const areas = single ? [{ x: 0, y: 0, width: widthMm, height: heightMm }] : boxes;
  let view = first;
  let drifts: Drift[] = areas.map(() => NO_DRIFT);
  let own: (Drifted | null)[] = [];
  let last = { found: [] as Block[], tried: areas.map(() => 0) };
  let most = 0;
  for (const { longest, search } of STEPS) {
    const small = shrunk(
      wanted,
      min(wanted.width, round((wanted.width * longest) / max(wanted.width, wanted.height))),
    );
    const scale = small.width / widthMm;
    const seen = seenFromAbove(light, view.widthPx, view, widthMm, heightMm, scale);
    const look = (how: Search) => blocksOf(small, seen, scale, areas, drifts, how);
    const sharp = look(search);
    const few = single && (sharp.tried[0] ?? 0) < FEW_BLOCKS;
    const { found, tried } = few ? look({ ...search, side: 2 * search.side, soft: true }) : sharp;
    const all = tried.reduce((sum, n) => sum + n, 0);
    if (longest > STEPS[0].longest) most = max(most, found.length / max(1, all));
    const usualPx = usualOff(found, view);
    const before = view;
    view = refinedView(view, pairsOf(found, before), max(0.7, 1.5 * usualPx));
    const moved = rebased(found, before, view);
    own = areas.map((_, part) => driftOf(moved.filter((block) => block.part === part)));
    drifts = own.map((each) => (single ? NO_DRIFT : (each?.drift ?? NO_DRIFT)));
    last = { found: moved, tried: [...tried] };
    if (longest > STEPS[0].longest && all >= HOPELESS.tried && most < HOPELESS.share) break;
  }
  return {
    view,
    blocks: last.found,
    // a sheet is one piece of paper: what is on it moves together
    drifts: boxes.map((_, part) => own[single ? 0 : part] ?? null),
    shares: areas.map(
      (_, part) =>
        last.found.filter((block) => block.part === part).length / max(1, last.tried[part] ?? 0),
    ),
    ...{ tried: last.tried, most },
  };
}

/** The blocks of a sheet by another view. */
export function seenBy(registered: Registered, view: View): Registered {
  const blocks = rebased(registered.blocks, registered.view, view);
  const own = driftOf(blocks);
  return { ...registered, view, blocks, drifts: registered.drifts.map(() => own) };
}

function usualOff(blocks: readonly Block[], view: View): number {
  if (blocks.length === 0) return 1;
  return medianOf(
    blocks.map(({ x, y, dx, dy }) => {
      const [here, there] = [seenAt(view, x, y), seenAt(view, x + dx, y + dy)];
      return hypot(there.x - here.x, there.y - here.y);
    }),
  );
}

/** Blocks found by one view, as another has them. */
function rebased(blocks: readonly Block[], from: View, to: View): Block[] {
  return blocks.map((block) => {
    const seen = seenAt(from, block.x + block.dx, block.y + block.dy);
    const { x, y } = placeAt(to, seen.x, seen.y);
    return { ...block, dx: x - block.x, dy: y - block.y };
  });
}

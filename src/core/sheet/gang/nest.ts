import type { Box } from '../../geometry';
import type { Piece } from '../../layout';
import { sizeOf, type Laid, type Load } from '../compose';

/** The way from a ground's corner to that of a piece cut out of it, strip mm; null where it was not. */
function wayInto(ground: Piece, piece: Piece): { x: number; y: number } | null {
  const [[slot], [own]] = [ground.slots, piece.slots];
  if (ground.called.kind !== 'ground' || piece.called.kind === 'ground') return null;
  if (ground.fill === null || ground.bend || piece.bend) return null;
  if (!slot || !own || slot.faceId !== own.faceId) return null;
  const way = { x: slot.toStrip[4] - own.toStrip[4], y: slot.toStrip[5] - own.toStrip[5] };
  const near = (a: number, b: number) => Math.abs(a - b) < 1e-6;
  const cutOut = piece.arts.every(({ artSha256, box }) =>
    ground.arts.some(
      (art) =>
        art.artSha256 === artSha256 &&
        near(art.box.x, box.x + way.x) &&
        near(art.box.y, box.y + way.y) &&
        near(art.box.width, box.width) &&
        near(art.box.height, box.height),
    ),
  );
  return cutOut && piece.arts.length > 0 ? way : null;
}

/**
 * Grounds with what is cut out of them laid back into them: one sheet gives both, by one cut. Each print of a ground
 * takes one print of every piece out of it; what is over stays by itself.
 */
export function nestLoads(loads: readonly Load[]): Load[] {
  const nested = new Set<Load>();
  const hosts = loads.map((load): Load => {
    if (load.piece.called.kind !== 'ground') return load;
    const taken = new Set<string>();
    const inside = loads.filter((each) => {
      if (nested.has(each) || taken.has(each.piece.id) || !wayInto(load.piece, each.piece))
        return false;
      taken.add(each.piece.id);
      return true;
    });
    inside.forEach((each) => nested.add(each));
    return inside.length > 0 ? { ...load, inside } : load;
  });
  return hosts.filter((_, i) => !nested.has(loads[i] as Load));
}

/** Where what lies in a ground comes on the page. */
export function laidInside(host: Laid, mirrored: boolean): Laid[] {
  const { piece, box, turned, inside = [] } = host;
  return inside.flatMap((load): Laid[] => {
    const way = wayInto(piece, load.piece);
    if (!way) return [];
    const { widthMm: width, heightMm: height } = sizeOf(load);
    const x = mirrored ? piece.widthMm - way.x - width : way.x;
    const at: Box = turned
      ? { x: piece.heightMm - way.y - height, y: x, width: height, height: width }
      : { x, y: way.y, width, height };
    return [{ ...load, turned, box: { ...at, x: box.x + at.x, y: box.y + at.y } }];
  });
}

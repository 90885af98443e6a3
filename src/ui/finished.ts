import type { Box } from '@/core/geometry';
import type { JobPlan } from '@/core/plan';

/** The plan's pictures on its first face, for drawing the finished thing from the pieces that will print. */
export function finishedArts(
  plan: JobPlan,
  previews: ReadonlyMap<string, string>,
): { url: string; box: Box }[] {
  const piece = plan.pieces[0];
  if (!piece) return [];
  return piece.arts.flatMap(({ artSha256, box }) => {
    const url = previews.get(artSha256);
    return url ? [{ url, box: { ...box, x: box.x - piece.face.x, y: box.y - piece.face.y } }] : [];
  });
}

/** The place on the face to look at: the art's middle, or the right-handed holder's side for a full wrap. */
export function facingOf(plan: JobPlan): number {
  const face = plan.faces[0];
  const piece = plan.pieces[0];
  const art = piece?.arts[0];
  const holder = face?.datums.find(({ id }) => id === 'right-holder')?.x ?? 0;
  if (!face || !piece || !art || art.box.width > face.widthMm * 0.7) return holder;
  return art.box.x + art.box.width / 2 - piece.face.x;
}

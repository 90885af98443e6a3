'use client';

import { useState } from 'react';
import type { Face } from '@/core/blank';
import { placedBox, rebase } from '@/core/layout';
import type { Artwork, Placement } from '@/core/model';
import type { Box } from '@/core/geometry';
import { useJob } from '@/ui/job/JobProvider';

/** The picture being worked on, with its place on the face. */
export interface Selected {
  readonly placement: Placement;
  readonly art: Artwork;
  readonly face: Face;
  /** Its box on the face, mm. */
  readonly box: Box;
}

/** Which picture is worked on; the last one added unless another was touched. */
export function useSelection() {
  const { job, plan, edit } = useJob();
  const [chosen, setChosen] = useState<string | null>(null);
  const placement = job.placements.find(({ id }) => id === chosen) ?? job.placements.at(-1) ?? null;
  const art = job.arts.find(({ sha256 }) => sha256 === placement?.artSha256);
  const face = plan.faces.find(({ id }) => id === placement?.faceId);
  const selected: Selected | null =
    placement && art && face
      ? { placement, art, face, box: placedBox(placement, art, face, job.bleedMm) }
      : null;

  const change = (id: string, how: (placement: Placement) => Placement, group: string) =>
    edit(
      (old) => ({
        ...old,
        placements: old.placements.map((each) => (each.id === id ? how(each) : each)),
      }),
      group,
    );

  return {
    selected,
    choose: setChosen,
    change,
    /** Moves a picture by mm on the face. */
    move: (id: string, dxMm: number, dyMm: number, group: string) =>
      change(
        id,
        (each) => ({
          ...each,
          at: { ...each.at, dxMm: each.at.dxMm + dxMm, dyMm: each.at.dyMm + dyMm },
        }),
        group,
      ),
    /** Measures a picture's place from another datum and puts it right there, level as it was. */
    alignTo: (id: string, on: Face, datum: string) =>
      change(id, (each) => ({ ...each, at: { ...rebase(each, on, datum), dxMm: 0 } }), ''),
  };
}

export type Selection = ReturnType<typeof useSelection>;

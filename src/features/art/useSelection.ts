'use client';

import { useState } from 'react';
import type { Face } from '@/core/form';
import type { Box } from '@/core/geometry';
import { regionBox } from '@/core/geometry';
import { inkRegion, placedBox, rebase } from '@/core/layout';
import type { Artwork, Job, Placement } from '@/core/model';
import { unlessTooMuch } from '@/core/work';
import type { EditGroup } from '@/store';
import { useJob } from '@/ui/job/jobContext';

/** A picture where it lies. */
export interface OnFace {
  readonly placement: Placement;
  readonly art: Artwork;
  readonly face: Face;
  /** Its box on the face, mm. */
  readonly box: Box;
}

type Change = (placement: Placement) => Placement;

const onPlacement = (id: string, how: Change) => (job: Job) => ({
  ...job,
  placements: job.placements.map((each) => (each.id === id ? how(each) : each)),
});

/** Moves a picture by mm on the face. */
export const shifted =
  (dxMm: number, dyMm: number): Change =>
  ({ at, ...rest }) => ({
    ...rest,
    at: { ...at, dxMm: at.dxMm + dxMm, dyMm: at.dyMm + dyMm },
  });

/** Which face is on the stage, and which of its pictures is worked on. */
export function useSelection() {
  const { job, plan, edit } = useJob();
  const [faceId, setFaceId] = useState<string | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const face =
    plan.faces.find(({ id }) => id === faceId) ??
    plan.faces.find(({ id }) => job.placements.some((each) => each.faceId === id)) ??
    plan.faces[0];
  const trim = face
    ? regionBox(
        unlessTooMuch(
          () => inkRegion(face, job),
          () => face.region,
        ),
      )
    : null;
  const onFace: OnFace[] = job.placements.flatMap((placement) => {
    const art = job.arts.find(({ sha256 }) => sha256 === placement.artSha256);
    if (!art || !face || !trim || placement.faceId !== face.id) return [];
    return [{ placement, art, face, box: placedBox(placement, art, face, trim) }];
  });
  const selected = onFace.find(({ placement }) => placement.id === chosen) ?? onFace.at(-1) ?? null;

  const change = (id: string, how: Change, group: EditGroup) => edit(onPlacement(id, how), group);

  return {
    face,
    trim,
    onFace,
    selected,
    showFace: (id: string) => {
      setFaceId(id);
      setChosen(null);
    },
    choose: setChosen,
    change,
    /** Puts a picture's upper left corner at a place of the face. */
    moveTo: ({ placement, box }: OnFace, xMm: number, yMm: number, group: string) =>
      change(placement.id, shifted(xMm - box.x, yMm - box.y), group),
    /** Measures a picture's place from another datum and puts it right there, level as it was. */
    alignTo: (id: string, on: Face, datum: string) =>
      change(id, (each) => ({ ...each, at: { ...rebase(each, on, datum), dxMm: 0 } }), ''),
  };
}

export type Selection = ReturnType<typeof useSelection>;

'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import type * as THREE from 'three';
import { facesOf } from '@/core/blank';
import { itemOf } from '@/core/job';
import { madeFor } from '@/core/layout';
import type { Blank, Job } from '@/core/model';
import type { JobPlan } from '@/core/plan';
import { inTurn } from '../inTurn';
import { paintFace, type Images } from './faceCanvas';
import { layersOf, loadImages, picturesOf, settled } from './layers';
import type { renderTurned } from './render';
import type { Painted } from './scene';

interface FinishedViewProps {
  job: Job;
  plan: JobPlan;
  /** Preview URLs of the pictures, by SHA-256. */
  previews: ReadonlyMap<string, string>;
  /** How far it is turned, radians; see `startTurn`. */
  turnRad: number;
  /** Which row of what is made is shown; the first where nothing is said. */
  itemId?: string;
  width: number;
  height: number;
  label: string;
  /** Under what the drawn picture is kept, to stand there at once the next time; empty keeps none. */
  keptAs?: string;
}

/** A thing built, and what draws it. */
interface Built {
  readonly group: THREE.Group;
  readonly draw: typeof renderTurned;
  /** The picture it was built for. */
  readonly keptAs: string;
}

/** Pictures drawn before, the latest last. */
const kept = new Map<string, ImageBitmap>();
const MOST_KEPT = 60;

async function keep(name: string, canvas: HTMLCanvasElement): Promise<void> {
  const bitmap = await createImageBitmap(canvas);
  kept.get(name)?.close();
  kept.delete(name);
  kept.set(name, bitmap);
  const [oldest] = kept.keys();
  if (kept.size <= MOST_KEPT || oldest === undefined) return;
  kept.get(oldest)?.close();
  kept.delete(oldest);
}

/** Pixels of a painted face per pixel of the picture: enough to be sharp when seen from the front. */
const TEXTURE_PER_PX = 4;

async function paintedFaces(
  blank: Blank,
  plan: JobPlan,
  images: Images,
  itemId: string,
  longestPx: number,
): Promise<Map<string, Painted>> {
  const layers = layersOf(plan, itemId);
  const painted = new Map<string, Painted>();
  for (const face of facesOf(blank)) {
    if (face.widthMm <= 0 || face.heightMm <= 0) continue;
    const canvas = await paintFace(face, layers, images, blank.substrate, longestPx);
    painted.set(face.id, { face, canvas });
  }
  return painted;
}

/** The finished thing in the round, from the very pieces that will print. */
export function FinishedView(props: FinishedViewProps) {
  const { job, plan, previews, turnRad, width, height, label, keptAs = '' } = props;
  const itemId = itemOf(job, props.itemId ?? '').id;
  const { blank } = useMemo(() => madeFor(job, itemOf(job, itemId)), [job, itemId]);
  const canvas = useRef<HTMLCanvasElement>(null);
  const [thing, setThing] = useState<Built | null>(null);
  const [works, setWorks] = useState(true);
  const [shown, setShown] = useState(false);

  const complete = picturesOf(layersOf(plan, itemId)).every((sha256) => previews.has(sha256));

  useEffect(() => {
    if (!canvas.current) return;
    const observer = new IntersectionObserver(([entry]) =>
      setShown(entry?.isIntersecting ?? false),
    );
    observer.observe(canvas.current);
    return () => observer.disconnect();
  }, []);

  useEffect(() => {
    // pictures are on their way: no bare blank in between; out of sight: nothing to draw
    if (!complete || !shown || kept.has(keptAs)) return;
    let gone = false;
    let letGo: () => void = () => undefined;
    settled()
      .then(() => {
        const images: Images | Promise<Images> = gone ? new Map() : loadImages(previews);
        return Promise.all([import('./inTheRound'), images]);
      })
      .then(([round, images]) =>
        inTurn(async () => {
          if (gone) return;
          const painted = await paintedFaces(blank, plan, images, itemId, width * TEXTURE_PER_PX);
          if (gone || painted.size === 0) return;
          const group = round.buildFinished(blank, painted);
          letGo = () => round.disposeOf(group);
          setThing({ group, draw: round.renderTurned, keptAs });
        }),
      )
      .catch(() => setWorks(false));
    return () => {
      gone = true;
      letGo();
    };
  }, [blank, plan, previews, itemId, complete, shown, width, keptAs]);

  useEffect(() => {
    const target = canvas.current;
    // until the next is built, what is shown stays
    if (!target || thing?.keptAs !== keptAs) return;
    let wanted = true;
    const density = Math.min(2, window.devicePixelRatio);
    const size = { width: Math.round(width * density), height: Math.round(height * density) };
    thing
      .draw(target, thing.group, turnRad, size, () => wanted)
      .then((drawn) => {
        // not kept: drawn anew the next time
        if (drawn && wanted && keptAs) keep(keptAs, target).catch(() => undefined);
      })
      .catch(() => setWorks(false));
    return () => {
      wanted = false;
    };
  }, [thing, turnRad, width, height, keptAs]);

  useEffect(() => {
    const target = canvas.current;
    const picture = kept.get(keptAs);
    if (!target || !picture) return;
    target.width = picture.width;
    target.height = picture.height;
    target.getContext('2d')?.drawImage(picture, 0, 0);
  }, [keptAs]);

  if (!works)
    return <p role="note">This browser shows no 3-D; look at the flat drawing instead.</p>;
  return (
    <canvas
      ref={canvas}
      role="img"
      aria-label={label}
      style={{ width, height, display: 'block' }}
    />
  );
}

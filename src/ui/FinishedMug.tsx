'use client';

import { useEffect, useRef } from 'react';
import { wallOf, type Face } from '@/core/blank';
import type { Box } from '@/core/geometry';
import type { Blank } from '@/core/model';
import { drawMug } from './drawMug';

interface FinishedMugProps {
  blank: Blank;
  face: Face;
  /** Pictures on the face: preview URL and box in face mm. */
  arts: readonly { url: string; box: Box }[];
  /** The place on the face (mm from its left edge) that faces the viewer. */
  facingMm: number;
  width: number;
  height: number;
  label: string;
}

function loadImage(url: string): Promise<HTMLImageElement> {
  const image = new Image();
  image.src = url;
  return image.decode().then(() => image);
}

/** The finished mug as a person would see it: the flat face bent round the cylinder, handle where it is. */
export function FinishedMug({
  blank,
  face,
  arts,
  facingMm,
  width,
  height,
  label,
}: FinishedMugProps) {
  const canvas = useRef<HTMLCanvasElement>(null);

  useEffect(() => {
    let gone = false;
    void Promise.all(arts.map(async ({ url, box }) => ({ box, image: await loadImage(url) })))
      .catch(() => [])
      .then((pictures) => {
        const target = canvas.current;
        if (gone || !target) return;
        const density = Math.min(2, window.devicePixelRatio);
        target.width = width * density;
        target.height = height * density;
        drawMug(target, {
          face,
          pictures,
          facingMm,
          colour: blank.substrate.colour,
          wall: wallOf(blank.form),
        });
      });
    return () => {
      gone = true;
    };
  }, [arts, blank, face, facingMm, width, height]);

  return (
    <canvas
      ref={canvas}
      role="img"
      aria-label={label}
      style={{ width, height, display: 'block' }}
    />
  );
}

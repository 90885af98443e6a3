'use client';

import { useEffect, useId, useState } from 'react';
import type { Face } from '@/core/form';
import { pathData } from '@/core/geometry';
import type { Substrate } from '@/core/model';
import type { LayerOnBlank } from '@/core/plan';
import { useArtPreviews } from '../bench/useArtPreviews';
import { inTurn } from '../inTurn';
import { paintFace, type Images } from './faceCanvas';
import { loadImages, picturesOf, settled } from './layers';
import { letGoUrl } from '../files';

interface FacePictureProps {
  face: Face;
  /** What was pressed on it, in order, of one item; the same list as long as nothing changed, or it is drawn anew. */
  layers: readonly LayerOnBlank[];
  /** What the blank is made of, and its colour. */
  substrate: Substrate;
  /** Pixels along the longer side. */
  longestPx: number;
}

/** A face as its passes leave it, as an address for the page; null until it is drawn. */
function usePaintedFace({ face, layers, substrate, longestPx }: FacePictureProps): string | null {
  const wanted = picturesOf(layers);
  const previews = useArtPreviews(wanted);
  const [url, setUrl] = useState<string | null>(null);
  const complete = wanted.every((sha256) => previews.has(sha256));

  useEffect(() => {
    if (!complete) return;
    let gone = false;
    let made: string | null = null;
    settled()
      .then((): Images | Promise<Images> => (gone ? new Map() : loadImages(previews)))
      .then((images) =>
        inTurn(async () => {
          if (gone) return;
          const canvas = await paintFace(face, layers, images, substrate, longestPx);
          if (gone) return;
          const blob = await canvas.convertToBlob({ type: 'image/png' });
          if (gone) return;
          made = URL.createObjectURL(blob);
          setUrl(made);
        }),
      )
      .catch(() => undefined); // the blank is shown bare
    return () => {
      gone = true;
      if (made) letGoUrl(made);
    };
  }, [complete, previews, face, layers, substrate, longestPx]);
  return url;
}

/** A face of the blank with what is on it, in face mm, for a drawing that stands in mm. */
export function FacePicture(props: FacePictureProps) {
  const { face, substrate } = props;
  const clip = useId();
  const url = usePaintedFace(props);
  const outline = pathData(face.region);
  return (
    <g>
      <path d={outline} fill={substrate.colour} fillRule="evenodd" />
      {url && (
        <>
          <clipPath id={clip}>
            <path d={outline} clipRule="evenodd" />
          </clipPath>
          <image
            href={url}
            width={face.widthMm}
            height={face.heightMm}
            preserveAspectRatio="none"
            clipPath={`url(#${clip})`}
          />
        </>
      )}
    </g>
  );
}

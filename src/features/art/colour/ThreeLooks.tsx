'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useEffect, useRef } from 'react';
import { hexOf, onPaper, pressPixels, recolourPixels, type Ground } from '@/core/colour';
import { inTurn } from '@/ui/inTurn';
import { COLOURS } from '@/ui/theme';

/** How wide each is drawn, px. */
const WIDE_PX = 220;

/** How a picture is looked at: as its file has it, as the paper shows it before heat, and pressed. */
const LOOKS = ['On the screen', 'On paper, before heat', 'Pressed on this blank'] as const;

type Look = (typeof LOOKS)[number];

async function draw(canvas: HTMLCanvasElement, url: string, look: Look, ground: Ground) {
  const image = new Image();
  image.src = url;
  await image.decode();
  canvas.width = WIDE_PX;
  canvas.height = Math.max(1, Math.round((WIDE_PX * image.height) / image.width));
  const brush = canvas.getContext('2d', { willReadFrequently: true });
  if (!brush) return;
  const { width, height } = canvas;
  brush.drawImage(image, 0, 0, width, height);
  const print = brush.getImageData(0, 0, width, height);
  const pressed = look === 'Pressed on this blank';
  if (look === 'On paper, before heat') recolourPixels(print.data, onPaper);
  const seen = brush.createImageData(width, height);
  brush.fillStyle = pressed ? hexOf(ground.colour) : '#ffffff';
  brush.fillRect(0, 0, width, height);
  seen.data.set(brush.getImageData(0, 0, width, height).data);
  // on screen and paper there is nothing but white below
  const below = pressed ? ground : { transparent: false, takes: 1, own: null };
  pressPixels(seen.data, print.data, below);
  brush.putImageData(seen, 0, 0);
}

function Looked({ url, look, ground }: { url: string; look: Look; ground: Ground }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    let gone = false;
    inTurn(async () => {
      if (!gone && canvas.current) await draw(canvas.current, url, look, ground);
    }).catch(() => undefined); // the preview went meanwhile: the next one is on its way
    return () => {
      gone = true;
    };
  }, [url, look, ground]);
  return (
    <Box component="figure" sx={{ m: 0, minWidth: 0 }}>
      <canvas
        ref={canvas}
        role="img"
        aria-label={look}
        style={{
          width: '100%',
          borderRadius: 6,
          border: `1px solid ${COLOURS.hairline}`,
          display: 'block',
        }}
      />
      <Typography component="figcaption" sx={{ fontSize: 13, mt: 0.5, lineHeight: 1.3 }}>
        {look}
      </Typography>
    </Box>
  );
}

/** The picture three times beside each other. */
export function ThreeLooks({ url, ground }: { url: string; ground: Ground }) {
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(3, 1fr)', gap: 1 }}>
      {LOOKS.map((look) => (
        <Looked key={look} url={url} look={look} ground={ground} />
      ))}
    </Box>
  );
}

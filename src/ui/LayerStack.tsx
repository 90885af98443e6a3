'use client';

import Box from '@mui/material/Box';
import type { Layer, Program } from '@/core/model';
import { layerWords, wearWords } from '@/words';
import { COLOURS } from './theme';

const GROUND: Record<Layer['role'], { bg: string; word: string }> = {
  heat: { bg: COLOURS.ember, word: 'heat' },
  protect: { bg: '#EFE6D3', word: 'protects' },
  print: { bg: COLOURS.bluebell, word: 'print' },
  blank: { bg: '#FFFFFF', word: 'blank' },
};

/** Dye caught, drawn as a speckle. */
const SPECKS = [
  [4, 5],
  [9, 9],
  [14, 4],
  [12, 13],
  [5, 13],
  [16, 9],
] as const;

/** A sheet 20 wide: clean, or speckled with dye and crossed out. */
function Sheet({ x, spent }: { x: number; spent: boolean }) {
  return (
    <g transform={`translate(${x} 1)`} stroke={COLOURS.ink} strokeWidth={1.5}>
      <rect width={20} height={17} rx={1.5} fill="#fff" />
      {spent && (
        <>
          {SPECKS.map(([cx, cy]) => (
            <circle key={cx} cx={cx} cy={cy} r={1.6} fill={COLOURS.bluebell} stroke="none" />
          ))}
          <path d="M0 17 20 0" />
        </>
      )}
    </g>
  );
}

/** What goes in clean, and how it comes out: spent, or clean again. */
function Wear({ layer, large }: { layer: Layer; large: boolean }) {
  const words = wearWords(layer);
  if (!words) return null;
  return (
    <Box
      component="span"
      sx={{ ml: 'auto', pl: 1, flexShrink: 0, display: 'flex', alignItems: 'center', gap: 1 }}
    >
      <svg height={large ? 28 : 19} viewBox="-1 0 62 19" role="img" aria-label={words}>
        <Sheet x={0} spent={false} />
        <path d="M24 9.5h10m-4 -4 4 4 -4 4" fill="none" stroke={COLOURS.ink} strokeWidth={1.5} />
        <Sheet x={39} spent={layer.lasts === 'once'} />
      </svg>
      <Box component="span" sx={{ fontSize: large ? 20 : 14, width: large ? 112 : 84 }}>
        {layer.lasts === 'once' ? 'spent after' : 'used again'}
      </Box>
    </Box>
  );
}

/** The lay-up from outside in, drawn as layers round the blank; what goes in clean is marked. */
export function LayerStack({
  layers,
  program,
  large = false,
}: {
  layers: readonly Layer[];
  /** The program they belong to, which names the faces. */
  program: Program;
  large?: boolean;
}) {
  return (
    <Box
      component="ol"
      aria-label="Layers, from outside in"
      sx={{
        listStyle: 'none',
        m: 0,
        p: 0,
        borderRadius: 2,
        overflow: 'hidden',
        border: `1.5px solid ${COLOURS.ink}`,
        color: COLOURS.ink,
      }}
    >
      {layers.map((layer, i) => {
        const { role } = layer;
        const { name, note } = layerWords(layer, program);
        const { bg, word } = GROUND[role];
        const onDark = role === 'heat' || role === 'print';
        return (
          <Box
            component="li"
            key={i}
            sx={{
              bgcolor: bg,
              color: onDark ? '#fff' : COLOURS.ink,
              display: 'flex',
              alignItems: 'center',
              px: 2,
              py: large ? 1.25 : 0.75,
              pl: 2 + i * 1.5,
              fontSize: large ? 22 : 15,
              borderTop: i === 0 ? 'none' : `1.5px solid ${COLOURS.ink}`,
            }}
          >
            <span>
              <strong>{name}</strong>
              {note ? `: ${note}` : ` (${word})`}
            </span>
            <Wear layer={layer} large={large} />
          </Box>
        );
      })}
    </Box>
  );
}

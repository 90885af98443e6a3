'use client';

import Box from '@mui/material/Box';
import type { Layer } from '@/core/press';
import { COLOURS } from './theme';

const GROUND: Record<Layer['role'], { bg: string; word: string }> = {
  heat: { bg: COLOURS.ember, word: 'heat' },
  protect: { bg: '#EFE6D3', word: 'protects' },
  print: { bg: COLOURS.bluebell, word: 'print' },
  blank: { bg: '#FFFFFF', word: 'blank' },
};

/** The lay-up from outside in, drawn as layers round the blank. */
export function LayerStack({
  layers,
  large = false,
}: {
  layers: readonly Layer[];
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
      {layers.map(({ name, role, note }, i) => {
        const { bg, word } = GROUND[role];
        const onDark = role === 'heat' || role === 'print';
        return (
          <Box
            component="li"
            key={name}
            sx={{
              bgcolor: bg,
              color: onDark ? '#fff' : COLOURS.ink,
              px: 2,
              py: large ? 1.25 : 0.75,
              pl: 2 + i * 1.5,
              fontSize: large ? 22 : 15,
              borderTop: i === 0 ? 'none' : `1.5px solid ${COLOURS.ink}`,
            }}
          >
            <strong>{name}</strong>
            {note ? `: ${note}` : ` (${word})`}
          </Box>
        );
      })}
    </Box>
  );
}

'use client';

import Box from '@mui/material/Box';
import { CHART_COLOURS, hexOf, type Rgb } from '@/core/colour';
import { COLOURS } from '@/ui/theme';

/** Every patch as its file has it, upper left, and as it came out, lower right. */
export function Patches({ patches }: { patches: readonly Rgb[] }) {
  return (
    <Box
      role="img"
      aria-label="Patches as in the file, upper left, and as they came out, lower right"
      sx={{ display: 'grid', gridTemplateColumns: 'repeat(15, 1fr)', gap: '3px', mb: 1 }}
    >
      {CHART_COLOURS.map((file, i) => (
        <Box
          key={i}
          sx={{
            aspectRatio: '1',
            borderRadius: '3px',
            border: `1px solid ${COLOURS.hairline}`,
            background: `linear-gradient(135deg, ${file} 0 50%, ${hexOf(patches[i] ?? [1, 1, 1])} 50% 100%)`,
          }}
        />
      ))}
    </Box>
  );
}

'use client';

import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { COLOURS } from '../theme';

/** The strip above a stage: what is shown, and switches. */
export function StageBar({ children }: { children: ReactNode }) {
  return (
    <Box
      sx={{
        display: 'flex',
        alignItems: 'center',
        flexWrap: { xs: 'wrap', md: 'nowrap' },
        gap: { xs: 0.5, md: 2 },
        px: { xs: 1, md: 2 },
        minHeight: 48,
        borderBottom: `1px solid ${COLOURS.hairline}`,
        bgcolor: COLOURS.paper,
      }}
    >
      {children}
    </Box>
  );
}

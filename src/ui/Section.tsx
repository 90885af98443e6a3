'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useId, type ReactNode } from 'react';
import { COLOURS } from './theme';

/** A titled group of a station's card. */
export function Section({ title, children }: { title: string; children: ReactNode }) {
  const id = useId();
  return (
    <Box
      component="section"
      aria-labelledby={id}
      sx={{
        mb: 2.5,
        pb: 2.5,
        '&:not(:last-child)': { borderBottom: `1px solid ${COLOURS.hairline}` },
        // what is folded ends in its own line
        '.MuiAccordion-root + &': { mt: 2.5 },
      }}
    >
      <Typography variant="h3" component="h2" id={id} sx={{ mb: 1.5 }}>
        {title}
      </Typography>
      <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1.5 }}>{children}</Box>
    </Box>
  );
}

/** Two fields side by side. */
export function Pair({ children }: { children: ReactNode }) {
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5, alignItems: 'start' }}>
      {children}
    </Box>
  );
}

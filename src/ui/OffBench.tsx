'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import type { ReactNode } from 'react';
import { useBench } from './bench/BenchProvider';
import { COLOURS } from './theme';
import { TopBar } from './TopBar';

/** A screen beside the bench, with the way back to it. */
export function OffBench({ title, children }: { title: string; children: ReactNode }) {
  const { name } = useBench();
  return (
    <Box sx={{ minHeight: '100dvh', display: 'flex', flexDirection: 'column' }}>
      <TopBar
        title={
          <Typography component="span" sx={{ color: COLOURS.graphite }}>
            {title}
          </Typography>
        }
      >
        <Button component={NextLink} href={`/${name}`} color="inherit">
          Bench
        </Button>
      </TopBar>
      <Box component="main" sx={{ maxWidth: 1240, width: '100%', mx: 'auto', px: 3, py: 2.5 }}>
        {children}
      </Box>
    </Box>
  );
}

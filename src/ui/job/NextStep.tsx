'use client';

import Button from '@mui/material/Button';
import ArrowForwardIcon from '@mui/icons-material/ArrowForward';
import NextLink from 'next/link';
import type { Station } from '@/core/check';
import { useJob } from './jobContext';

/** The way on to the next station, always at the top of the card. */
export function NextStep({ to, label }: { to: Station; label: string }) {
  const { pathTo } = useJob();
  return (
    <Button
      component={NextLink}
      href={pathTo(to)}
      fullWidth
      variant="contained"
      endIcon={<ArrowForwardIcon />}
      sx={{ mb: 2.5 }}
    >
      {label}
    </Button>
  );
}

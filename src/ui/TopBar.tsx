'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import type { ReactNode } from 'react';
import { useBench } from './bench/BenchProvider';
import { Mark } from './Mark';
import { COLOURS, FONTS, TOUCHED } from './theme';
import { toggleUnits, useUnits } from './units';

/** Where one is: mark, title, the bench and the way to the other one; `children` are the screen's tools. */
export function TopBar({ title, children }: { title: ReactNode; children?: ReactNode }) {
  const { name } = useBench();
  const units = useUnits();
  const demo = name === 'demo';
  return (
    <Box
      component="header"
      sx={{
        display: 'flex',
        alignItems: 'center',
        // on a phone the title has a line of its own
        flexWrap: { xs: 'wrap', md: 'nowrap' },
        gap: { xs: 0.5, md: 1.5 },
        px: 2,
        minHeight: 56,
        pb: { xs: 0.75, md: 0 },
        borderBottom: `1px solid ${COLOURS.hairline}`,
        bgcolor: COLOURS.card,
      }}
    >
      <Box
        component={NextLink}
        href={`/${name}`}
        aria-label="Lucky Sheet, to the bench"
        sx={{
          display: 'flex',
          alignItems: 'center',
          gap: 1,
          color: COLOURS.ink,
          textDecoration: 'none',
          whiteSpace: 'nowrap',
          ...TOUCHED,
        }}
      >
        <Mark />
        <Typography
          component="span"
          sx={{
            ...{ fontFamily: FONTS.heading, fontWeight: 700, fontSize: 18 },
            display: { xs: 'none', sm: 'inline' },
          }}
        >
          Lucky Sheet
        </Typography>
      </Box>
      <Box
        sx={{
          ...{ minWidth: 0, pl: { xs: 0, md: 1 }, order: { xs: 1, md: 0 } },
          flex: { xs: '1 1 60%', md: 1 },
        }}
      >
        {title}
      </Box>
      <Box sx={{ flex: 1, display: { xs: 'block', md: 'none' } }} />
      {children}
      <Button
        size="small"
        color="inherit"
        onClick={() => toggleUnits(units)}
        aria-label={`Units: ${units.length} and ${units.temperature}. Switch`}
        sx={{ fontFamily: FONTS.figure, fontWeight: 500, whiteSpace: 'nowrap' }}
      >
        {units.length} · {units.temperature}
      </Button>
      <Button
        size="small"
        variant="outlined"
        component={NextLink}
        href={demo ? '/own' : '/demo'}
        sx={{ whiteSpace: 'nowrap', order: { xs: 2, md: 0 } }}
      >
        {demo ? 'Leave the demo' : 'See the demo'}
      </Button>
    </Box>
  );
}

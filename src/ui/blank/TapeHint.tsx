'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { FormKind } from '@/core/form';
import { COLOURS } from '../theme';
import { FORM_PARTS } from './formParts';

/** A small drawing of where the tape goes. */
export function TapeHint({ kind }: { kind: FormKind }) {
  const { thing, tape, says } = FORM_PARTS[kind];
  return (
    <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
      <svg
        width={120}
        height={76}
        viewBox="0 0 120 76"
        aria-hidden="true"
        style={{ flexShrink: 0 }}
      >
        <path
          d={thing}
          fill={COLOURS.paper}
          stroke={COLOURS.ink}
          strokeWidth={1.5}
          fillRule="evenodd"
        />
        <path d={tape} fill="none" stroke={COLOURS.saffron} strokeWidth={3} strokeDasharray="5 2" />
      </svg>
      <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>{says}</Typography>
    </Box>
  );
}

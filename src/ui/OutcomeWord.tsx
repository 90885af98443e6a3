'use client';

import Box from '@mui/material/Box';
import type { Outcome } from '@/core/model';
import { COLOURS } from './theme';

/** How each outcome is shown: colour, and a sign of its own. */
export const OUTCOMES: Record<Outcome, { word: string; sign: string; colour: string }> = {
  good: { word: 'Good', sign: '●', colour: COLOURS.clover },
  usable: { word: 'Usable', sign: '◆', colour: COLOURS.saffron },
  spoiled: { word: 'Spoiled', sign: '■', colour: COLOURS.ember },
};

export function OutcomeWord({ outcome }: { outcome: Outcome }) {
  const { word, sign, colour } = OUTCOMES[outcome];
  return (
    <Box component="span" sx={{ color: colour, fontWeight: 700, whiteSpace: 'nowrap' }}>
      <span aria-hidden="true">{sign} </span>
      {word}
    </Box>
  );
}

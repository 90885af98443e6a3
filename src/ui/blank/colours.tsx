'use client';

import Box from '@mui/material/Box';
import { sampleOf } from '@/ui/forcedColours';
import { COLOURS } from '../theme';

/** Colours that blanks commonly come in; any other is picked freely. */
export const BLANK_COLOURS: readonly (readonly [string, string])[] = [
  ['#ffffff', 'white'],
  ['#f6efdf', 'cream'],
  ['#f6d5dc', 'pale pink'],
  ['#bcc2c6', 'silver'],
  ['#8d9196', 'grey'],
  ['#7f9fc4', 'sky blue'],
  ['#1f2a44', 'navy'],
  ['#17181b', 'black'],
];

/** A dot of a colour, before its name. */
export const Swatch = ({ colour }: { colour: string }) => (
  <Box
    component="span"
    sx={{
      width: 18,
      height: 18,
      borderRadius: '50%',
      ...sampleOf(colour),
      border: `1px solid ${COLOURS.graphite}`,
      display: 'inline-block',
      mr: 1.25,
      verticalAlign: 'middle',
    }}
  />
);

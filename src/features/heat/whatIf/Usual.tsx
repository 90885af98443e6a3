'use client';

import Box from '@mui/material/Box';
import Chip from '@mui/material/Chip';
import { usualChanges, type Setup, type SetupChange } from '@/core/heat';
import { USUAL_CHANGE_WORDS } from '@/words';

/** What is often otherwise, at one touch. */
export function Usual({
  setup,
  several,
  onChange,
}: {
  setup: Setup;
  /** Whether more than one thing is pressed, one after another. */
  several: boolean;
  onChange: (change: SetupChange) => void;
}) {
  return (
    <Box
      role="group"
      aria-label="What is often otherwise"
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}
    >
      {usualChanges(setup).map(({ code, change }) => (
        <Chip
          key={code}
          clickable
          variant="outlined"
          label={USUAL_CHANGE_WORDS[code](several)}
          onClick={() => onChange(change)}
          sx={{ minHeight: 40, fontSize: 15 }}
        />
      ))}
    </Box>
  );
}

'use client';

import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import ChevronLeftIcon from '@mui/icons-material/ChevronLeft';
import ChevronRightIcon from '@mui/icons-material/ChevronRight';

/** One of several: which, and the ones before and after. */
export function SheetPager({
  at,
  count,
  name,
  onAt,
}: {
  at: number;
  count: number;
  name: string;
  onAt: (at: number) => void;
}) {
  if (count < 2) return null;
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', ml: 'auto', order: 2 }}>
      <IconButton aria-label="Sheet before" disabled={at === 0} onClick={() => onAt(at - 1)}>
        <ChevronLeftIcon />
      </IconButton>
      <Typography sx={{ fontSize: 15 }} role="status">
        Sheet {at + 1} of {count}: {name}
      </Typography>
      <IconButton aria-label="Sheet after" disabled={at === count - 1} onClick={() => onAt(at + 1)}>
        <ChevronRightIcon />
      </IconButton>
    </Box>
  );
}

'use client';

import HistoryIcon from '@mui/icons-material/History';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Station } from '@/core/check';
import { sufferedAt } from '@/core/log';
import { sufferedWords } from '@/words';
import { COLOURS } from '../theme';
import { useAlike } from './useAlike';

/** What went wrong with things alike that this station can prevent; nothing where nothing did. */
export function LastTimeHere({ station }: { station: Station }) {
  const { same, kin } = useAlike();
  const suffered = sufferedAt(station, [...same, ...kin]);
  if (suffered.length === 0) return null;
  return (
    <Box
      role="note"
      aria-label="From your log"
      sx={{
        display: 'flex',
        gap: 1,
        mb: 2,
        p: 1.25,
        borderRadius: 2,
        bgcolor: COLOURS.saffronGround,
        color: COLOURS.ink,
      }}
    >
      <HistoryIcon fontSize="small" sx={{ color: COLOURS.saffron, mt: 0.25 }} />
      <Box>
        {suffered.map((each) => (
          <Typography key={each.fault} sx={{ fontSize: 15 }}>
            {sufferedWords(each)}
          </Typography>
        ))}
      </Box>
    </Box>
  );
}

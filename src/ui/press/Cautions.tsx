import Box from '@mui/material/Box';
import type { CautionCode } from '@/core/model';
import { CAUTION_WORDS } from '@/words';
import { NIGHT } from './night';

/** What to take care of at a step. */
export function Cautions({ cautions }: { cautions: readonly CautionCode[] }) {
  if (cautions.length === 0) return null;
  return (
    <Box component="ul" sx={{ m: 0, pl: 3, color: NIGHT.saffron, fontSize: { xs: 18, sm: 21 } }}>
      {cautions.map((caution) => (
        <li key={caution}>{CAUTION_WORDS[caution]}</li>
      ))}
    </Box>
  );
}

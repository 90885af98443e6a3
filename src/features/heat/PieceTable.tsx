'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useJob } from '@/ui/job/jobContext';
import { COLOURS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { testPieceWords, VERDICT_WORDS } from '@/words';

/** Of test pieces what each is pressed at, and where to tick how it came out. */
export function PieceTable() {
  const { job, plan } = useJob();
  const units = useUnits();
  const pieces = testPieceWords(job, plan.press, units);
  if (pieces.length === 0) return null;
  return (
    <>
      <Typography variant="h3" component="h2" sx={{ mt: 2, mb: 1 }}>
        Test pieces: tick how each came out
      </Typography>
      <Box component="table" sx={{ borderCollapse: 'collapse', mb: 2, '& td, & th': TICKED }}>
        <thead>
          <tr>
            <th />
            <th>Pressed at</th>
            {Object.values(VERDICT_WORDS).map((word) => (
              <th key={word}>{word}</th>
            ))}
          </tr>
        </thead>
        <tbody>
          {pieces.map(({ letter, figures }) => (
            <tr key={letter}>
              <th scope="row">{letter}</th>
              <td>{figures}</td>
              {Object.values(VERDICT_WORDS).map((word) => (
                <td key={word} />
              ))}
            </tr>
          ))}
        </tbody>
      </Box>
    </>
  );
}
const TICKED = {
  ...{ px: 1.5, py: 0.5, fontSize: 15, textAlign: 'left' },
  border: `1px solid ${COLOURS.hairline}`,
};

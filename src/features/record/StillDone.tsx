'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { againstSecondHeat, rescuesFor, type RescueWay } from '@/core/log';
import { TRANSFER_KINDS, type Fault, type PressedAgain } from '@/core/model';
import { canTake } from '@/core/press';
import { withTransfer } from '@/core/shelf';
import { TRANSFERS } from '@/core/transfer';
import { useBench } from '@/ui/bench/BenchProvider';
import { useNewJob } from '@/ui/bench/useNewJob';
import { useJob } from '@/ui/job/jobContext';
import { newId } from '@/store';
import { againstWords, rescueWords } from '@/words';
import { ReprintPart } from './ReprintPart';

/** Makes the same picture by another, opaque transfer a job of its own, and opens it. */
function useCover() {
  const { shelf } = useBench();
  const { whole } = useJob();
  const open = useNewJob();
  const opaque = TRANSFER_KINDS.find(
    (kind) =>
      TRANSFERS[kind].made === 'printed' &&
      !TRANSFERS[kind].transparent &&
      canTake(whole.blank, kind),
  );
  async function make() {
    if (!opaque) return;
    const id = newId();
    const name = `${whole.name}, covered`.slice(0, 120);
    const made = { id, name, createdAt: new Date().toISOString() };
    await open({ ...withTransfer(whole, opaque, shelf), ...made }, 'art');
  }
  return { opaque, make };
}

/** The ways that are a second heat. */
const SECOND_HEAT: Partial<Readonly<Record<RescueWay, PressedAgain>>> = {
  'press-again': 'under-its-paper',
  'press-edges': 'what-lifts',
};

/**
 * What can still be done with a piece that came out badly.
 * @param onAgain writes it down as it is and begins its second heat; null where it had one.
 */
export function StillDone({
  faults,
  onAgain,
}: {
  faults: readonly Fault[];
  onAgain: ((how: PressedAgain) => void) | null;
}) {
  const { job, plan } = useJob();
  const [stillTaped, setStillTaped] = useState(false);
  const { opaque, make } = useCover();
  if (faults.length === 0) return null;
  const spoiled = {
    ...{ transfer: job.transfer, faults, stillTaped },
    takesOpaque: opaque !== undefined && opaque !== job.transfer,
    inParts: plan.tilings.length > 0 || plan.pieces.length > 1,
  };
  const against = againstSecondHeat(spoiled);
  const asks = against !== null || stillTaped;
  const button: Partial<Readonly<Record<RescueWay, React.ReactNode>>> = {
    'cover-over': (
      <Button size="small" variant="outlined" onClick={() => void make()}>
        Plan it as a job
      </Button>
    ),
    'reprint-part': plan.sheets.length > 1 && <ReprintPart />,
  };
  return (
    <Box component="section" aria-label="What can still be done">
      <Typography variant="h2" sx={{ mb: 1 }}>
        What can still be done
      </Typography>
      {asks && (
        <FormControlLabel
          control={
            <Checkbox
              checked={stillTaped}
              onChange={({ target }) => setStillTaped(target.checked)}
            />
          }
          label="Its paper is still taped on, never lifted"
        />
      )}
      <Box component="ul" sx={{ m: 0, pl: 2.5, fontSize: 16, '& li': { mb: 1 } }}>
        {rescuesFor(spoiled).map((rescue) => {
          const heat = SECOND_HEAT[rescue.way];
          if (heat && !onAgain) return null;
          return (
            <li key={rescue.way}>
              {rescueWords(rescue)} {button[rescue.way]}
              {heat && onAgain && (
                <Button size="small" variant="outlined" onClick={() => onAgain(heat)}>
                  Write it down, and press it again
                </Button>
              )}
            </li>
          );
        })}
        {against && <li>{againstWords(against)}</li>}
      </Box>
    </Box>
  );
}

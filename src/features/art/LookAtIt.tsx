'use client';

import Box from '@mui/material/Box';
import Slider from '@mui/material/Slider';
import { useMemo, useState } from 'react';
import { midCircumferenceMm, wallOf } from '@/core/blank';
import { useArtPreviews } from '@/ui/bench/useArtPreviews';
import { facingOf, finishedArts } from '@/ui/finished';
import { FinishedMug } from '@/ui/FinishedMug';
import { useJob } from '@/ui/job/JobProvider';
import { Section } from '@/ui/Section';

/** The finished mug, to be turned by hand. */
export function LookAtIt() {
  const { job, plan } = useJob();
  const [turned, setTurned] = useState<number | null>(null);
  const previews = useArtPreviews(job.arts.map(({ sha256 }) => sha256));
  const arts = useMemo(() => finishedArts(plan, previews), [plan, previews]);
  const face = plan.faces[0];
  if (!face || face.widthMm <= 0) return null;
  const round = midCircumferenceMm(wallOf(job.blank.form));
  const facingMm = turned ?? facingOf(plan);
  return (
    <Section title="Look at it">
      <Box
        sx={{
          bgcolor: '#F1ECE1',
          borderRadius: 2,
          display: 'flex',
          justifyContent: 'center',
          py: 1.5,
        }}
      >
        <FinishedMug
          blank={job.blank}
          face={face}
          arts={arts}
          facingMm={facingMm}
          width={300}
          height={200}
          label="The finished mug"
        />
      </Box>
      <Slider
        aria-label="Turn the mug"
        min={0}
        max={round}
        step={round / 180}
        value={facingMm}
        onChange={(_, value) => setTurned(Number(value))}
        track={false}
      />
    </Section>
  );
}

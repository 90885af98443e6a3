'use client';

import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { lookedAt } from '@/core/evening';
import { printedPasses, type Job } from '@/core/model';
import { planJob } from '@/core/plan';
import { useBench } from '@/ui/bench/BenchProvider';
import type { Looking } from '@/ui/look/what';
import { useNotify } from '@/ui/notify';
import { transferName } from '@/words';
import { Choices } from './Choices';
import type { Live } from './useLive';

const LookDialog = dynamic(() => import('@/ui/look/LookDialog').then((m) => m.LookDialog));

const LABEL = 'Look before heat';

/** Before the next goes in: a photo of a job's print held against its plan, kept with what happened. */
export function LookChoice({ live, jobs }: { live: Live; jobs: readonly Job[] }) {
  const { shelf } = useBench();
  const notify = useNotify();
  const [looking, setLooking] = useState<Looking | null>(null);
  const pressed = jobs.filter(({ id }) => live.run.things.some(({ jobId }) => jobId === id));
  const choices = pressed.flatMap(printedPasses).map((job) => ({
    key: `${job.id} ${job.transfer}`,
    label: job.further.length > 0 ? `${job.name}: ${transferName(job.transfer)}` : job.name,
    run: () => {
      const plan = planJob(job, shelf);
      if (plan.sheets.length > 0) return setLooking({ job, plan });
      notify({ tone: 'warning', text: `“${job.name}” has no sheets to look at.` });
    },
  }));
  const only = choices.length === 1 ? choices[0] : null;
  return (
    <>
      {only ? (
        <Button color="inherit" variant="outlined" onClick={only.run}>
          {LABEL}
        </Button>
      ) : (
        <Choices label={LABEL} choices={choices} />
      )}
      {looking && (
        <LookDialog
          looking={looking}
          first="laid"
          onLooked={(look) => live.change((run, now) => lookedAt(run, looking.job.id, look, now))}
          onClose={() => setLooking(null)}
        />
      )}
    </>
  );
}

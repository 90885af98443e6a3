'use client';

import { useEffect, useMemo, useState } from 'react';
import { windowAsk, type WindowAsk, type WindowSeen } from '@/core/log/window';
import { largestAreaMm2 } from '@/core/press';
import { useBench } from '@/ui/bench/BenchProvider';
import { steadyNow } from '@/ui/clock';
import { useAlike } from '@/ui/job/useAlike';
import { useJob } from '@/ui/job/jobContext';
import { useNotify } from '@/ui/notify';
import { createWindowSeer } from '@/workers';

/** What is asked of the pressing at hand, and what the log says to it; null until it is worked out. */
export function useWindow(): { readonly ask: WindowAsk; readonly seen: WindowSeen | null } {
  const { job, plan } = useJob();
  const { shelf } = useBench();
  const notify = useNotify();
  const { same } = useAlike();
  const [seer] = useState(createWindowSeer);
  const [today] = useState(() => new Date(steadyNow()).toISOString());
  const [found, setFound] = useState<{ ask: WindowAsk; seen: WindowSeen } | null>(null);
  const { machine, paper, printer, film } = plan.tools;
  const { settings, sides } = plan.press;
  const { blank, transfer } = job;
  const ask = useMemo(
    () =>
      windowAsk(
        {
          ...{ machine, blank, transfer, figures: shelf.figures, school: 'A' },
          ...{ areaMm2: largestAreaMm2(sides), product: film?.product ?? paper.product },
        },
        same,
        {
          ...{ machineId: machine.id, paperId: paper.id, printerId: printer.id },
          ...{ pressure: settings.pressure, at: today },
        },
      ),
    [machine, blank, transfer, shelf.figures, sides, film, paper, printer, same, settings, today],
  );
  const { temperatureC, dwellS } = settings;
  useEffect(() => seer.close, [seer]);
  useEffect(() => {
    let gone = false;
    seer.ask({ ask, planned: { temperatureC, dwellS } }).then(
      (seen) => !gone && seen && setFound({ ask, seen }),
      (error: unknown) => !gone && notify({ tone: 'error', text: String(error) }),
    );
    return () => {
      gone = true;
    };
  }, [seer, ask, temperatureC, dwellS, notify]);
  return { ask, seen: found?.seen ?? null };
}

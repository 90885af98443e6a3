'use client';

import { useEffect, useRef } from 'react';
import { secondsAt } from '@/core/evening';
import { steadyNow } from '@/ui/clock';
import { setAlarm, speak, eveningNow } from '@/ui/press';
import { useUnits } from '@/ui/units';
import { actWords, bellSpeech } from '@/words';
import { formatClock } from '@/words/units';
import type { Live } from './useLive';

/** Rings when the next machine is to be opened and says which; says what is to be done after a wait. */
export function useBells({ made, run, guide, nowS, heard }: Live): void {
  const units = useUnits();
  const pending = guide.clocks
    .filter(({ bellS }) => bellS > nowS)
    .reduce((first, each) => Math.min(first, each.bellS), Infinity);
  const ringing = guide.clocks.find(({ bellS }) => bellS <= nowS);
  const speed = run.simulated?.speed ?? 1;
  const { simulated, startedAt } = run;
  const bellS = ringing?.bellS ?? pending;
  useEffect(() => {
    if (!heard || bellS === Infinity || speed === 0) return;
    return setAlarm(() => {
      const now = eveningNow({ simulated }, new Date(steadyNow()));
      return (bellS - secondsAt({ startedAt }, now)) / speed;
    });
  }, [heard, bellS, speed, simulated, startedAt]);

  // spoken once a bell and once a change, by what stands then
  const latest = useRef({ made, run, guide, heard, units });
  useEffect(() => {
    latest.current = { made, run, guide, heard, units };
  });
  const machine = ringing?.machine ?? null;
  const bell = ringing ? `${ringing.piece}.${ringing.step}` : null;
  useEffect(() => {
    if (bell !== null && machine !== null && latest.current.heard)
      speak(bellSpeech(latest.current.made, machine));
  }, [bell, machine]);

  const does = guide.now[0]?.does;
  const before = useRef(does);
  useEffect(() => {
    const waited = before.current === 'wait' || before.current === 'rest';
    before.current = does;
    const now = latest.current;
    const [act] = now.guide.now;
    if (waited && now.heard && act && does !== 'open' && does !== 'wait')
      speak(actWords(now.made, now.run, act, now.units, String).title);
  }, [does]);
  const first = clockOf(guide.clocks, pending);
  const title = ringing
    ? `Open ${nameOf(made, ringing)}`
    : first
      ? `${formatClock(pending - nowS)} ${nameOf(made, first)}`
      : 'Lucky Sheet';
  useEffect(() => {
    document.title = title;
    return () => {
      document.title = 'Lucky Sheet';
    };
  }, [title]);
}

const clockOf = (clocks: Live['guide']['clocks'], bellS: number) =>
  clocks.find((clock) => clock.bellS === bellS);
const nameOf = ({ machines }: Live['made'], { machine }: { machine: number }): string =>
  machines[machine]?.machine.name ?? 'it';

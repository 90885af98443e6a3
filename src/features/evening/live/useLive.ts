'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import {
  assembledOf,
  guideAt,
  passedOver,
  progressOf,
  reads,
  secondsAt,
  takenBack,
  touched,
  type Assembled,
} from '@/core/evening';
import type { EveningRun } from '@/core/model';
import { deviceAt } from '@/devices';
import { steadyNow } from '@/ui/clock';
import { allowSound, soundAllowed, useWakeLock, eveningNow, useClock } from '@/ui/press';
import { createReplanner, type Replanner } from '@/workers';

/** The plan is looked at anew where the evening is to end so much later than it was, s (own choice). */
const DRIFT_S = 60;
/** How often that is looked for, s. */
const LOOK_S = 10;

/** The pieces of an evening under way, worked out where things were put in, not at every touch. */
function useAssembled(run: EveningRun): Assembled {
  const { programs, things, machines, people, standing, before } = run;
  return useMemo(
    () => assembledOf({ programs, things, machines, people, standing, before }),
    [programs, things, machines, people, standing, before],
  );
}

/** Plans anew behind the screen: an order found is taken only where nothing has happened meanwhile. */
function useReplanner(run: EveningRun, onRun: (run: EveningRun) => void) {
  const replanner = useRef<Replanner | null>(null);
  const latest = useRef({ run, onRun });
  useEffect(() => {
    latest.current = { run, onRun };
  });
  useEffect(() => {
    replanner.current = createReplanner();
    return () => replanner.current?.close();
  }, []);
  return useCallback((from: EveningRun, nowS: number) => {
    replanner.current?.again(from, nowS).then(
      (order) => {
        const { run: stands, onRun: keep } = latest.current;
        if (stands.events.length === from.events.length) keep({ ...stands, order });
      },
      () => undefined, // no background work here: it goes on in the order it had
    );
  }, []);
}

/** What simulated machines show while they heat is read off them, as a person would. */
function readOff(made: Assembled, run: EveningRun, now: Date): EveningRun {
  if (!run.simulated) return run;
  const nowS = secondsAt(run, now);
  const { machines } = progressOf(made, run, nowS);
  return made.machines.reduce((sum, { fitted, heats, off }, m) => {
    const { setting = null, readyS = 0 } = machines[m] ?? {};
    const machine = setting === null || setting === off ? undefined : fitted[setting];
    if (!machine || setting === null || heats[setting] === null || readyS <= nowS) return sum;
    const shows = deviceAt(made, run, machine, nowS).display() + machine.displayOffsetC;
    return reads(sum, machine.id, shows, now);
  }, run);
}

/** An evening being pressed: how it stands now, and everything that can be said to it. */
export function useLive(run: EveningRun, onRun: (run: EveningRun) => void) {
  const made = useAssembled(run);
  const now = useClock(run);
  // the screen's clock ticks: what was just told is not later than now
  const toldS = secondsAt(run, new Date(run.events.at(-1)?.at ?? run.startedAt));
  const nowS = Math.max(toldS, secondsAt(run, now));
  const guide = useMemo(() => guideAt(made, run, nowS), [made, run, nowS]);
  const [heard, setHeard] = useState(soundAllowed);
  useWakeLock(true);

  const again = useReplanner(run, onRun);
  const lastEnd = useRef(guide.endS);
  const touches = useRef(false);
  const change = useCallback(
    (make: (run: EveningRun, now: Date) => EveningRun) => {
      const moment = eveningNow(run, new Date(steadyNow()));
      const next = make(run, moment);
      if (next === run) return;
      touches.current = true;
      const at = secondsAt(next, moment);
      // touches leave the pieces as they are; only what is put in makes more of them
      const then = next.things === run.things ? made : assembledOf(next);
      lastEnd.current = guideAt(then, next, at).endS;
      onRun(next);
      again(next, at);
    },
    [run, made, onRun, again],
  );

  // later than thought without a touch: what is left is planned anew by who touched it last
  const look = Math.floor(nowS / LOOK_S);
  const latest = useRef({ run, endS: guide.endS });
  useEffect(() => {
    latest.current = { run, endS: guide.endS };
  });
  useEffect(() => {
    const { run: late, endS } = latest.current;
    // only when it is time to look, not at every tick
    if (look < 0 || !touches.current || document.visibilityState !== 'visible') return;
    if (endS < lastEnd.current + DRIFT_S) return;
    lastEnd.current = endS;
    again(late, secondsAt(late, eveningNow(late, new Date(steadyNow()))));
  }, [look, again]);

  const hear = () => void allowSound().then(() => setHeard(soundAllowed()));
  return {
    ...{ made, run, now, nowS, guide, heard, hear, change },
    touch: (person: number) => {
      hear();
      change((each, moment) => touched(made, readOff(made, each, moment), person, moment));
    },
    skip: (person: number) =>
      change((each, moment) => passedOver(made, readOff(made, each, moment), person, moment)),
    /** Takes a touch back, the last one where its moment is not told. */
    undo: (at?: string) => change((each) => takenBack(each, at)),
  };
}

export type Live = ReturnType<typeof useLive>;

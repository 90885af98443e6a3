'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import {
  addThings,
  breakFrom,
  dropped,
  goesAway,
  isOver,
  lastTouch,
  secondsAt,
  type NewThing,
} from '@/core/evening';
import { MOST_THINGS, type Job } from '@/core/model';
import { useBench } from '@/ui/bench/BenchProvider';
import { useNotify } from '@/ui/notify';
import { thingsAt, thingsWords } from '@/words';
import { Choices, type Choice } from './Choices';
import { LookChoice } from './LookChoice';
import type { Live } from './useLive';

/** Lengths of breaks that are offered, min. */
const BREAKS_MIN = [5, 10, 20, 45];

/** A break: when it can begin without missing a bell is told, and kept free. */
function useBreaks({ made, run, change }: Live, clock: (s: number) => string): Choice[] {
  const notify = useNotify();
  return Array.from({ length: run.people }, (_, person) => person).flatMap((person) =>
    BREAKS_MIN.map((min) => ({
      key: `${person} ${min}`,
      label: `${run.people > 1 ? `Hands ${person + 1}: ` : ''}${min} min`,
      run: () =>
        change((each, now) => {
          const nowS = secondsAt(each, now);
          const inS = breakFrom(made, each, person, 60 * min, nowS);
          const text =
            inS === null
              ? `No ${min} minutes without a bell in the next hour.`
              : inS === 0
                ? `Free for ${min} min, until ${clock(nowS + 60 * min)}.`
                : `Free for ${min} min from ${clock(nowS + inS)}: before that a machine has to be opened.`;
          notify({ tone: inS === null ? 'warning' : 'info', text });
          return inS === null ? each : goesAway(each, person, { inS, lastsS: 60 * min }, now);
        }),
    })),
  );
}

/** What is not begun yet can be left out; it is planned without from then on. */
function useDrops({ made, run, guide, change, undo }: Live): Choice[] {
  const notify = useNotify();
  // without its only thing there is nothing to press: that is given up
  if (run.things.length === 1) return [];
  return guide.progress.pieces.flatMap((piece, at) => {
    const on = guide.clocks.some((clock) => clock.piece === at);
    const own = made.loads[at]?.blocks.some(({ thing }) => thing === null) ?? false;
    if (isOver(made, piece, at) || on || !own) return [];
    const label = thingsWords(thingsAt(made, run, { piece: at, block: firstWhole(made, at) }));
    return [
      {
        key: String(at),
        label,
        run: () => {
          change((each, now) => {
            const next = dropped(made, each, at, now);
            notify({
              tone: 'info',
              text: `“${label}” is left out.`,
              action: { label: 'Undo', run: () => undo(now.toISOString()) },
            });
            return next;
          });
        },
      },
    ];
  });
}
/** The first block that is for all the things of a load: what they are called together. */
const firstWhole = ({ loads }: Live['made'], piece: number): number =>
  Math.max(0, loads[piece]?.blocks.findIndex(({ thing }) => thing === null) ?? 0);

export interface LiveMenuProps {
  live: Live;
  clock: (s: number) => string;
  /** The jobs whose things are pressed, or can be put in. */
  jobs: readonly Job[];
  /** One more of each job there is. */
  more: readonly { readonly label: string; readonly thing: () => NewThing | null }[];
}

/** What goes otherwise than planned: a break, something left out, something put in; and the way back. */
export function LiveMenu({ live, clock, jobs, more }: LiveMenuProps) {
  const { shelf } = useBench();
  const breaks = useBreaks(live, clock);
  const drops = useDrops(live);
  const notify = useNotify();
  const adds = more.map(({ label, thing }, i) => ({
    key: String(i),
    label,
    run: () => {
      if (live.run.things.length >= MOST_THINGS)
        return notify({
          tone: 'warning',
          text: `An evening holds ${MOST_THINGS} things: press “${label}” another day.`,
        });
      const one = thing();
      if (!one)
        return notify({ tone: 'warning', text: `A finding stops “${label}”: it is not put in.` });
      live.change((each) => addThings(each, [nextCopy(each.things, one)], shelf.machines));
      notify({ tone: 'info', text: `“${label}” is put in.` });
    },
  }));
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', '& button': { minHeight: 48 } }}>
      {lastTouch(live.run) !== null && (
        <Button color="inherit" onClick={() => live.undo()}>
          One step back
        </Button>
      )}
      <Choices label="A break" choices={breaks} />
      <Choices label="Leave one out" choices={drops} />
      <Choices label="Put one in" choices={adds} />
      <LookChoice live={live} jobs={jobs} />
    </Box>
  );
}

/** A thing more of its row is the next copy of it. */
function nextCopy(things: Live['run']['things'], thing: NewThing): NewThing {
  const copies = things
    .filter(({ jobId, itemId }) => jobId === thing.jobId && itemId === thing.itemId)
    .map(({ copy }) => copy);
  const copy = Math.max(-1, ...copies) + 1;
  return {
    ...thing,
    copy,
    called: copy > 0 ? [thing.called, `${copy + 1}`].filter(Boolean).join(', ') : thing.called,
  };
}

'use client';

import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import type { Job } from '@/core/model';
import { blockWords, setWords, wallTime } from '@/words';
import { useBench } from '@/ui/bench/BenchProvider';
import { COLOURS, FONTS, TOUCHED } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import type { EveningShown } from '@/workers';
import { numbersOf, thingWords } from './things';

interface Entry {
  readonly key: string;
  readonly atS: number;
  readonly text: string;
  /** The piece it is for; null for a machine. */
  readonly piece: number | null;
  readonly machine: string;
}

/** Everything that is begun, in the order it is. */
function entriesOf({ made, plan }: EveningShown, units: ReturnType<typeof useUnits>): Entry[] {
  const { assembled } = made;
  const blocks = plan.schedule.placed.map(({ piece, block, startS }): Entry => {
    const use = assembled.evening.pieces[piece]?.blocks[block]?.use;
    return {
      ...{ key: `${piece}.${block}`, atS: startS, piece },
      text: blockWords(assembled, { piece, block }, units),
      machine: (use && assembled.machines[use.machine]?.fitted[use.setting]?.name) ?? '',
    };
  });
  const settings = plan.schedule.changes.map(({ machine, setting, from, fromS }, i): Entry => {
    const of = assembled.machines[machine];
    return {
      ...{ key: `s${i}`, atS: fromS, piece: null },
      text: setWords(of, { setting, from }, units),
      machine: of?.machine.name ?? '',
    };
  });
  return [...blocks, ...settings].sort((a, b) => a.atS - b.atS);
}

/** The evening as a list: when what is begun, for which thing, at which machine. */
export function Order({
  shown,
  jobs,
  begin,
  piece,
}: {
  shown: EveningShown;
  jobs: readonly Job[];
  begin: number;
  piece: number | null;
}) {
  const units = useUnits();
  const { name } = useBench();
  const numbers = numbersOf(shown.made.assembled);
  const entries = entriesOf(shown, units).filter(
    (entry) => piece === null || (entry.piece !== null && numbers[entry.piece] === piece),
  );
  return (
    <Box component="ol" aria-label="In this order" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {entries.map(({ key, atS, text, piece: of, machine }) => {
        const load = of === null ? null : (shown.made.assembled.loads[of] ?? null);
        const [thing] = load?.things ?? [];
        return (
          <Box
            component="li"
            key={key}
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: '56px 1fr', sm: '64px 1fr 1fr' },
              columnGap: 1.5,
              py: 0.75,
              borderTop: `1px solid ${COLOURS.hairline}`,
            }}
          >
            <Typography component="span" sx={{ fontFamily: FONTS.figure }}>
              {wallTime(begin, atS)}
            </Typography>
            <Typography component="span">
              {text}
              {machine && (
                <Typography component="span" sx={{ color: COLOURS.graphite }}>
                  {' '}
                  · {machine}
                </Typography>
              )}
            </Typography>
            <Typography component="span" sx={{ gridColumn: { xs: 2, sm: 3 }, fontSize: 15 }}>
              {load && thing && of !== null && (
                <>
                  {numbers[of]}:{' '}
                  <Link
                    component={NextLink}
                    href={`/${name}/job/${encodeURIComponent(thing.jobId)}/heat`}
                    sx={{ display: 'inline-flex', alignItems: 'center', ...TOUCHED }}
                  >
                    {thingWords(load, jobs)}
                  </Link>
                </>
              )}
            </Typography>
          </Box>
        );
      })}
    </Box>
  );
}

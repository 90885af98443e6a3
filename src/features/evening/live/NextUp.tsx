'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import {
  hasRested,
  isBegun,
  operationAt,
  restedS,
  stepsAt,
  type Coming,
  type Guide,
} from '@/core/evening';
import { NIGHT } from '@/ui/press';
import { FONTS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { actWords, layerWords, restsWords, thingsAt, thingsWords } from '@/words';
import type { Live } from './useLive';

/** Loads that are laid ready for, from here on. */
const LOADS = 2;

const isUntouched = ({ progress }: Guide, piece: number): boolean => {
  const state = progress.pieces[piece];
  return state?.block === 0 && state.step === 0;
};
const passAt = (made: Live['made'], place: { piece: number; block: number }) =>
  operationAt(made, { ...place, step: 0 })?.pass;

/** What the next loads are stacked with, in the quiet minutes before them. */
function readyFor({ made, run, guide }: Live): { thing: string; layers: string[] }[] {
  const { from } = guide.remaining;
  const loads = guide.schedule.placed
    .map(({ piece, block, startS }) => ({ piece, block: block + (from[piece] ?? 0), startS }))
    .filter(({ piece, block }) => made.evening.pieces[piece]?.blocks[block]?.use)
    // what is wrapped already has its papers on
    .filter(
      ({ piece, block }) => isUntouched(guide, piece) || (passAt(made, { piece, block }) ?? 0) > 0,
    )
    .sort((a, b) => a.startS - b.startS)
    .slice(0, LOADS);
  return loads.flatMap((place) => {
    const program = made.loads[place.piece]?.things[0]?.program;
    const layUp = stepsAt(made, place)
      .map((_, step) => operationAt(made, { ...place, step })?.layUp ?? null)
      .find((each) => each !== null);
    const layers = (program?.layUps[layUp ?? -1] ?? []).filter(
      ({ role }) => role === 'protect' || role === 'print',
    );
    if (!program || layers.length === 0) return [];
    const thing = thingsWords(thingsAt(made, run, place));
    return [{ thing, layers: [...new Set(layers.map((each) => layerWords(each, program).name))] }];
  });
}

/** What comes next and when, what to lay ready, and what rests. */
export function NextUp({ live, clock }: { live: Live; clock: (s: number) => string }) {
  const units = useUnits();
  const { made, run, guide, nowS, change } = live;
  const bells = guide.clocks
    .filter(({ bellS }) => bellS > nowS)
    .map(({ bellS, piece, block, step }): Coming & { person: number | null } => ({
      ...{ act: { does: 'open', piece, block, step }, atS: bellS, person: null },
    }));
  const rows = guide.next
    .flatMap((own, person): (Coming & { person: number | null })[] =>
      own.map((coming) => ({ ...coming, person })),
    )
    .concat(bells)
    .sort((a, b) => a.atS - b.atS)
    .slice(0, 6);
  const rests = guide.progress.pieces.flatMap((piece, at) => {
    const block = made.evening.pieces[at]?.blocks[piece.block];
    // what rests at the end of all is a block of its own
    const atEnd = block !== undefined && block.use === null && block.hands.length === 0;
    const untilS = block ? restedS(block, piece) + (atEnd ? block.lastsS : 0) : 0;
    if (piece.dropped || isBegun(piece) || untilS <= nowS || piece.block === 0) return [];
    return [
      {
        at,
        text: restsWords(thingsWords(thingsAt(made, run, { ...piece, piece: at })), untilS - nowS),
      },
    ];
  });
  return (
    <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: { xs: '1fr', md: '1.4fr 1fr' } }}>
      <Box>
        <Typography component="h2" sx={{ fontSize: 18, fontWeight: 700, mb: 0.5 }}>
          Then
        </Typography>
        <Box component="ol" aria-label="What comes next" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {rows.map(({ act, atS, person }, i) => {
            const { title, thing } = actWords(made, run, act, units, clock);
            return (
              <Box component="li" key={i} sx={{ display: 'flex', gap: 1.5, py: 0.4, fontSize: 17 }}>
                <Box
                  component="span"
                  sx={{ fontFamily: FONTS.figure, color: NIGHT.soft, minWidth: 52 }}
                >
                  {clock(atS)}
                </Box>
                <span>
                  {run.people > 1 && person !== null && `Hands ${person + 1}: `}
                  {title}
                  {thing && <span style={{ color: NIGHT.soft }}> · {thing}</span>}
                </span>
              </Box>
            );
          })}
          {rows.length === 0 && <li>Nothing more.</li>}
        </Box>
      </Box>
      <Box>
        {readyFor(live).map(({ thing, layers }, i) => (
          <Typography key={i} sx={{ fontSize: 17 }}>
            <b>{i === 0 ? 'Lay ready' : 'And'}</b> for {thing}: {layers.join(', ').toLowerCase()}
          </Typography>
        ))}
        {rests.length > 0 && (
          <Box component="ul" aria-label="What rests" sx={{ m: 0, mt: 1, pl: 2.5, fontSize: 17 }}>
            {rests.map(({ at, text }) => (
              <li key={at}>
                {text}{' '}
                <Button
                  size="small"
                  color="inherit"
                  sx={{ minHeight: 44 }}
                  onClick={() => change((each, moment) => hasRested(each, at, moment))}
                >
                  It is cool
                </Button>
              </li>
            ))}
          </Box>
        )}
      </Box>
    </Box>
  );
}

'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import { useEffect, useRef } from 'react';
import type { Station } from '@/core/check';
import type { StationState } from '@/words';
import { LEVELS } from '../level';
import { COLOURS, FONTS } from '../theme';
import { useJob } from './jobContext';

/** The stations' names as the user reads them. */
export const STATION_NAMES: Record<Station, string> = {
  blank: 'Blank',
  art: 'Art',
  sheets: 'Sheets',
  heat: 'Heat',
  press: 'Press',
  record: 'Record',
};

const TICKS_A_STATION = 8;

/** Tick marks of a tape under one station: long at its start, shorter between. */
function Ticks() {
  return (
    <svg
      width="100%"
      height={12}
      viewBox="0 0 160 12"
      preserveAspectRatio="none"
      aria-hidden="true"
      style={{ display: 'block' }}
    >
      {Array.from({ length: TICKS_A_STATION }, (_, i) => (
        <line
          key={i}
          x1={(i * 160) / TICKS_A_STATION + 0.5}
          x2={(i * 160) / TICKS_A_STATION + 0.5}
          y1={i === 0 ? 0 : i % 4 === 0 ? 4 : 7}
          y2={12}
          stroke={COLOURS.ink}
          strokeOpacity={0.55}
          vectorEffect="non-scaling-stroke"
        />
      ))}
    </svg>
  );
}

function Tick({ state, here }: { state: StationState; here: boolean }) {
  const { pathTo } = useJob();
  const level = state.worst && LEVELS[state.worst];
  const flagged = level && state.worst !== 'note';
  return (
    <Box
      component={NextLink}
      href={pathTo(state.station)}
      // the page of a station is a line of its name: no one waits for the server on the way to it
      prefetch
      aria-current={here ? 'step' : undefined}
      sx={{
        flex: { xs: '1 0 auto', md: 1 },
        minWidth: { xs: 112, md: 0 },
        maxWidth: { xs: 180, md: 'none' },
        color: COLOURS.ink,
        textDecoration: 'none',
        bgcolor: here ? COLOURS.here : COLOURS.card,
        boxShadow: here ? `inset 0 4px 0 ${COLOURS.clover}` : 'none',
        borderRight: `1px solid ${COLOURS.hairline}`,
        '&:hover': { bgcolor: COLOURS.here },
        '&:focus-visible': { outlineOffset: -3 },
      }}
    >
      <Box sx={{ px: 1.5, pt: 0.75, pb: 0.5 }}>
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.75 }}>
          <Typography
            component="span"
            sx={{ fontFamily: FONTS.heading, fontWeight: here ? 750 : 600, fontSize: 16 }}
          >
            {STATION_NAMES[state.station]}
          </Typography>
          {flagged && (
            <Box
              component="span"
              sx={{
                display: 'inline-flex',
                alignItems: 'center',
                gap: 0.25,
                color: level.colour,
                fontSize: 13,
              }}
            >
              <level.Icon sx={{ fontSize: 16 }} aria-hidden="true" />
              {level.word}
            </Box>
          )}
        </Box>
        <Typography
          component="span"
          noWrap
          title={state.figure}
          sx={{
            display: 'block',
            fontFamily: FONTS.figure,
            fontSize: 13,
            color: COLOURS.graphite,
            minHeight: 20,
          }}
        >
          {state.figure || '–'}
        </Typography>
      </Box>
      <Ticks />
    </Box>
  );
}

/** The six stations as ticks on a measuring tape: where one is and what is still wrong. */
export function Tape({ here }: { here: Station }) {
  const { stations } = useJob();
  const tape = useRef<HTMLElement>(null);
  // on a phone the tape is longer than the screen: the present station is in sight
  useEffect(() => {
    // where it is, is worked out with the next frame and not once more before it
    const frame = requestAnimationFrame(() => {
      const now = tape.current?.querySelector('[aria-current="step"]');
      now?.scrollIntoView({ inline: 'center', block: 'nearest' });
    });
    return () => cancelAnimationFrame(frame);
  }, [here]);
  return (
    <Box
      ref={tape}
      component="nav"
      aria-label="Stations of this job"
      sx={{
        ...{ display: 'flex', overflowX: 'auto', flexShrink: 0 },
        borderBottom: `2px solid ${COLOURS.ink}`,
      }}
    >
      {stations.map((state) => (
        <Tick key={state.station} state={state} here={state.station === here} />
      ))}
    </Box>
  );
}

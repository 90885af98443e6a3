'use client';

import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import InputBase from '@mui/material/InputBase';
import Link from '@mui/material/Link';
import Tooltip from '@mui/material/Tooltip';
import Typography from '@mui/material/Typography';
import visuallyHidden from '@mui/utils/visuallyHidden';
import RedoIcon from '@mui/icons-material/Redo';
import UndoIcon from '@mui/icons-material/Undo';
import NextLink from 'next/link';
import type { ReactNode } from 'react';
import { useStore } from 'zustand';
import type { Station } from '@/core/check';
import { failure, success } from '@/core/result';
import { useDraft } from '../fields/useDraft';
import { COLOURS, FONTS } from '../theme';
import { TopBar } from '../TopBar';
import { useSteps } from '../useSteps';
import { CheckRail } from './CheckRail';
import { Follows } from './Follows';
import { useJob } from './jobContext';
import { LastTimeHere } from './LastTimeHere';
import { PassTabs } from './PassTabs';
import { useHand } from './useHand';
import { SaveNote, SaveTrouble } from './SaveNote';
import { ShortcutSheet } from './ShortcutSheet';
import { STATION_NAMES, Tape } from './Tape';

function JobName() {
  const { job, edit } = useJob();
  const { field } = useDraft({
    text: job.name,
    read: (text) => (text.trim() ? success(text.trim()) : failure('A job needs a name.')),
    onValue: (name) => edit((old) => ({ ...old, name }), 'name'),
  });
  return (
    <InputBase
      {...field}
      inputProps={{ 'aria-label': 'Name of the job', maxLength: 120 }}
      sx={{
        fontFamily: FONTS.heading,
        fontWeight: 600,
        fontSize: 18,
        width: '100%',
        maxWidth: 420,
        px: 1,
        borderRadius: 1,
        '&:hover, &.Mui-focused': { bgcolor: COLOURS.paper },
        '&.Mui-focused': { outline: `2px solid ${COLOURS.bluebell}` },
      }}
    />
  );
}

function UndoRedo() {
  const { session } = useJob();
  const history = useStore(session.jobStore.temporal);
  return (
    <>
      <Tooltip title="Undo (Ctrl Z)">
        <span>
          <IconButton
            aria-label="Undo"
            disabled={history.pastStates.length === 0}
            onClick={session.undo}
          >
            <UndoIcon />
          </IconButton>
        </span>
      </Tooltip>
      <Tooltip title="Redo (Ctrl Shift Z)">
        <span>
          <IconButton
            aria-label="Redo"
            disabled={history.futureStates.length === 0}
            onClick={session.redo}
          >
            <RedoIcon />
          </IconButton>
        </span>
      </Tooltip>
    </>
  );
}

/** What is being taken in, told where the stage does not show it. */
function Incoming() {
  const { incoming, pathTo } = useJob();
  const step = useStore(incoming.progress);
  if (!step) return null;
  return (
    <Link component={NextLink} href={pathTo('art')} sx={{ fontSize: 14 }}>
      {step.doing}, {Math.round(step.share * 100)} %
    </Link>
  );
}

interface FrameProps {
  station: Station;
  /** Left, most of the screen. */
  stage: ReactNode;
  /** Right, the few numbers of this station. */
  card: ReactNode;
}

/** The parts of the screen in the order they are drawn. */
const PARTS = ['tape', 'stage', 'card', 'checks'] as const;

/** The job screen: top bar, tape, stage, card and check rail. */
export function JobFrame({ station, stage, card }: FrameProps) {
  const { hand, held, touched } = useHand();
  const drawn = useSteps(PARTS.length - 1);
  const shows = (part: (typeof PARTS)[number]) => drawn >= PARTS.indexOf(part);
  return (
    <Box sx={{ height: '100dvh', display: 'flex', flexDirection: 'column' }}>
      <TopBar title={<JobName />}>
        {station !== 'art' && <Incoming />}
        <SaveNote />
        <UndoRedo />
        <ShortcutSheet />
      </TopBar>
      <Follows hand={false}>
        <Tape here={station} />
      </Follows>
      <SaveTrouble />
      <Box
        component="main"
        sx={{
          ...{ flex: 1, minHeight: 0, display: 'flex' },
          // on a phone the card follows the stage, and both scroll
          flexDirection: { xs: 'column', md: 'row' },
          overflowY: { xs: 'auto', md: 'visible' },
        }}
      >
        <Box
          component="section"
          aria-label="Stage"
          {...touched('stage')}
          sx={{
            ...{ minWidth: 0, display: 'flex', flexDirection: 'column' },
            flex: { xs: 'none', md: 1 },
            height: { xs: '54dvh', md: 'auto' },
          }}
        >
          {shows('stage') && (
            <Follows hand={hand === 'stage'} held={held === 'stage'}>
              {stage}
            </Follows>
          )}
        </Box>
        <Box
          component="section"
          aria-labelledby="station-title"
          {...touched('card')}
          tabIndex={0}
          sx={{
            width: { xs: '100%', md: 380 },
            flexShrink: 0,
            overflowY: { xs: 'visible', md: 'auto' },
            bgcolor: COLOURS.card,
            borderLeft: { md: `1px solid ${COLOURS.hairline}` },
            borderTop: { xs: `1px solid ${COLOURS.hairline}`, md: 'none' },
            p: 2.5,
          }}
        >
          <Typography component="h1" id="station-title" sx={visuallyHidden}>
            {STATION_NAMES[station]}
          </Typography>
          {shows('card') && (
            <>
              <PassTabs station={station} />
              <LastTimeHere station={station} />
              <Follows hand={hand === 'card'} held={held === 'card'}>
                {card}
              </Follows>
            </>
          )}
        </Box>
      </Box>
      <Box {...touched('checks')} sx={{ display: 'contents' }}>
        {shows('checks') && (
          <Follows hand={hand === 'checks'} held={held === 'checks'}>
            <CheckRail here={station} />
          </Follows>
        )}
      </Box>
    </Box>
  );
}

'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import { useJob } from '@/ui/job/jobContext';
import { NIGHT } from '@/ui/press';
import { FONTS } from '@/ui/theme';
import { BIG } from '../live/big';
import { LivePressing } from '../live/LivePressing';
import { Outcomes } from '../live/Outcomes';
import { Opening } from './Opening';
import { useAlone, type Alone } from './useAlone';

/** The job was changed while it is pressed: what was begun stays as it was, and can be begun anew. */
function Outdated({ alone }: { alone: Alone }) {
  if (!alone.outdated) return null;
  return (
    <Box
      role="status"
      sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', color: NIGHT.saffron }}
    >
      <Typography sx={{ flex: 1, fontSize: 18, minWidth: 240 }}>
        The job has changed since this was begun. These steps stay as they were.
      </Typography>
      <Button color="inherit" variant="outlined" onClick={alone.startAgain}>
        Start again by the job as it is
      </Button>
    </Box>
  );
}

/** One thing is pressed: it is looked at, photographed and written down at the record station. */
function ToTheRecord({ href }: { href: string }) {
  return (
    <>
      <Box sx={{ flex: 1, display: 'flex', flexDirection: 'column', justifyContent: 'center' }}>
        <Typography
          component="h1"
          sx={{ fontFamily: FONTS.heading, fontWeight: 700, fontSize: { xs: 34, sm: 52 } }}
        >
          That was the last step
        </Typography>
        <Typography sx={{ fontSize: { xs: 20, sm: 26 }, mt: 2 }}>
          Look at it closely when it is cool, in good light, then write down how it came out.
        </Typography>
      </Box>
      <Button component={NextLink} href={href} variant="contained" autoFocus sx={BIG}>
        Write down how it came out
      </Button>
    </>
  );
}

/** Station 5: the pressing of the job by itself, as an evening of its own things. */
export function PressStation() {
  const { pathTo } = useJob();
  const alone = useAlone();
  const { run, setRun, jobs } = alone;
  if (!run) return <Opening alone={alone} />;
  return (
    <LivePressing
      {...{ run, jobs, onRun: setRun }}
      back={{ href: pathTo('heat'), label: 'Back to the job' }}
      giveUp={{ label: 'Give up this run', said: 'The run was given up.' }}
      notice={<Outdated alone={alone} />}
      over={(live) =>
        run.things.length === 1 ? (
          <ToTheRecord href={pathTo('record')} />
        ) : (
          <Outcomes
            {...{ live, jobs, onRun: setRun }}
            onDone={() => setRun(null)}
            then={pathTo('record')}
          />
        )
      }
    />
  );
}

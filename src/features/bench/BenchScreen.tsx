'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import NextLink from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import type { Blank, Job } from '@/core/model';
import { storageProblem, type StoredJob } from '@/store';
import { useFileDrop } from '@/ui/art/useFileDrop';
import { asideName } from '@/ui/bench/aside';
import { useBench } from '@/ui/bench/BenchProvider';
import { fileName } from '@/ui/files';
import { Mark } from '@/ui/Mark';
import { useNotify } from '@/ui/notify';
import { COLOURS } from '@/ui/theme';
import { TopBar } from '@/ui/TopBar';
import { useSteps } from '@/ui/useSteps';
import { TaskProgress, useTask } from '@/ui/useTask';
import { BrokenCard } from './BrokenCard';
import { JobCard } from './JobCard';
import { KeptSafe } from './KeptSafe';
import { NewJobMenu } from './NewJobMenu';
import { UnreadableList } from './UnreadableList';
import { useBackup } from './useBackup';
import { jobFiles } from './parts';
import { useBenchJobs, type BenchJob } from './useBenchJobs';
import { useIntake } from './useIntake';

const ClashDialog = dynamic(() => import('./ClashDialog').then((m) => m.ClashDialog));
const FiguresDialog = dynamic(() => import('./FiguresDialog').then((m) => m.FiguresDialog));
const HandOverDialog = dynamic(() =>
  import('@/ui/bench/HandOverDialog').then((m) => m.HandOverDialog),
);
const RenameDialog = dynamic(() => import('./RenameDialog').then((m) => m.RenameDialog));
const TogetherDialog = dynamic(() => import('./TogetherDialog').then((m) => m.TogetherDialog));
const PageDialog = dynamic(() => import('@/ui/art/PageDialog').then((m) => m.PageDialog));

function EmptyBench({ onNew }: { onNew: () => void }) {
  return (
    <Box sx={{ textAlign: 'center', maxWidth: 560, mx: 'auto', py: 8 }}>
      <Mark size={72} />
      <Typography variant="h2" component="h2" sx={{ mt: 2, mb: 1 }}>
        Your bench is empty
      </Typography>
      <Typography sx={{ mb: 3 }}>
        Drop a picture anywhere on this page, or paste one, and it goes onto a mug, or start with
        the mug itself. Your work stays in this browser.
      </Typography>
      <Button variant="contained" size="large" onClick={onNew}>
        Start a mug
      </Button>
    </Box>
  );
}

/** So many cards are drawn at a time (own choice). */
const CARDS_A_STEP = 4;

/** Home: the jobs as cards, and every way to begin one. */
export function BenchScreen() {
  const { name, store, own, shelf } = useBench();
  const onBench = useBenchJobs();
  const { jobs, unreadable, saved, refresh, create } = onBench;
  const { duplicate, rename, remove, removeUnreadable } = onBench;
  const [together, setTogether] = useState(false);
  const [handingOver, setHandingOver] = useState<Job | null>(null);
  const [renaming, setRenaming] = useState<StoredJob | null>(null);
  const notify = useNotify();
  const router = useRouter();
  const task = useTask();
  const drawn = useSteps(Math.ceil((jobs?.length ?? 0) / CARDS_A_STEP) - 1);

  const open = (id: string, station: string) =>
    router.push(`/${name}/job/${encodeURIComponent(id)}/${station}`);
  const lastBlank = jobs?.[0]?.stored.body.blank ?? shelf.blanks[0];
  const backup = useBackup(task, refresh);
  const intake = useIntake({
    task,
    blank: lastBlank,
    create,
    refresh,
    open,
    backup: backup.bringIn,
  });

  async function start(blank: Blank | undefined, jobName: string) {
    const id = await create(blank, jobName);
    if (id) open(id, 'blank');
  }

  async function layOutAfresh() {
    try {
      const { resetDemo } = await import('@/demo/seed');
      await resetDemo(store);
      await own.load();
      await refresh();
    } catch (error) {
      notify({ tone: 'error', text: storageProblem(error) });
    }
  }

  const exported = async (job: Job) => (await jobFiles()).exportJob(store, job, shelf, task.run);

  const actionsOf = ({ stored }: BenchJob) => ({
    onRename: () => setRenaming(stored),
    onDuplicate: () => void duplicate(stored.body),
    onExport: () => void exported(stored.body),
    onHandOver: () => setHandingOver(stored.body),
    onDelete: () => void remove(stored),
  });

  const drop = useFileDrop((files) => void intake.take(files));

  return (
    <Box
      {...drop.rootProps}
      sx={{
        minHeight: '100dvh',
        outline: drop.isDragActive ? `4px dashed ${COLOURS.clover}` : 'none',
        outlineOffset: -8,
      }}
    >
      <TopBar
        title={
          <Typography component="span" sx={{ color: COLOURS.graphite }}>
            {name === 'demo' ? 'Demo bench: Hollow Ridge Star Party' : 'Your bench'}
          </Typography>
        }
      >
        <Button component={NextLink} href={`/${name}/shelf`} color="inherit">
          Shelf
        </Button>
        <Button component={NextLink} href={`/${name}/log`} color="inherit">
          Log
        </Button>
      </TopBar>
      <Box component="main" sx={{ maxWidth: 1240, mx: 'auto', px: 3, py: 3 }}>
        <Stack
          direction="row"
          spacing={1.5}
          sx={{ alignItems: 'center', mb: 2.5, flexWrap: 'wrap', rowGap: 1 }}
        >
          <Typography variant="h1" sx={{ flex: 1 }}>
            On the bench
          </Typography>
          {name === 'demo' && (
            <Button onClick={() => void layOutAfresh()} color="inherit">
              Lay the demo out afresh
            </Button>
          )}
          {jobs && jobs.length > 1 && (
            <Button variant="outlined" onClick={() => setTogether(true)}>
              Print together
            </Button>
          )}
          {jobs && jobs.length > 0 && (
            <Button variant="outlined" component={NextLink} href={`/${name}/evening`}>
              Press together
            </Button>
          )}
          <Button variant="outlined" onClick={drop.open}>
            Open a picture or job file
          </Button>
          <NewJobMenu blanks={shelf.blanks} onBlank={(blank) => void start(blank, blank.name)} />
        </Stack>
        <input {...drop.getInputProps({ 'aria-label': 'Picture or job file' })} />
        <TaskProgress task={task} />
        <UnreadableList
          unreadable={unreadable}
          onDelete={(lost) => void removeUnreadable(lost, `“${asideName(lost)}”`)}
        />
        {jobs?.length === 0 && <EmptyBench onNew={() => void start(shelf.blanks[0], 'New mug')} />}
        <Box
          component="ul"
          aria-label="Jobs"
          sx={{
            listStyle: 'none',
            m: 0,
            mt: 1,
            p: 0,
            display: 'grid',
            gap: 2.5,
            gridTemplateColumns: 'repeat(auto-fill, minmax(min(300px, 100%), 1fr))',
          }}
        >
          {jobs?.slice(0, (drawn + 1) * CARDS_A_STEP).map((entry) => (
            <ErrorBoundary
              key={entry.stored.id}
              fallbackRender={({ error }) => (
                <BrokenCard job={entry.stored.body} actions={actionsOf(entry)} error={error} />
              )}
            >
              <JobCard entry={entry} actions={actionsOf(entry)} />
            </ErrorBoundary>
          ))}
        </Box>
        {jobs && jobs.length > 0 && (
          <Typography sx={{ mt: 3, color: COLOURS.graphite }}>
            Drop pictures anywhere on this page: each begins a job on the blank used last. Other
            blanks are under “New job”.
          </Typography>
        )}
        {saved && (
          <KeptSafe
            {...saved}
            task={task}
            onSave={() => void backup.save()}
            onBringIn={(file) => void backup.bringIn(file)}
            onFetched={(file) => void intake.take([file])}
          />
        )}
      </Box>
      {together && jobs && <TogetherDialog entries={jobs} onClose={() => setTogether(false)} />}
      {backup.question && <ClashDialog question={backup.question} />}
      {intake.figures && <FiguresDialog question={intake.figures} />}
      {intake.pages && <PageDialog question={intake.pages} />}
      {handingOver && (
        <HandOverDialog
          what={`“${handingOver.name}”`}
          fileName={fileName(handingOver.name, 'job.zip')}
          pack={async (run) => (await jobFiles()).packedJob(store, handingOver, shelf, run)}
          onClose={() => setHandingOver(null)}
        />
      )}
      {renaming && (
        <RenameDialog
          name={renaming.body.name}
          onClose={() => setRenaming(null)}
          onRename={(next) => void rename(renaming, next)}
        />
      )}
    </Box>
  );
}

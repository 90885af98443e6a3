'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useDropzone } from 'react-dropzone';
import type { Blank } from '@/core/model';
import { resetDemo } from '@/demo';
import { storageProblem, type StoredJob } from '@/store';
import { useBench } from '@/ui/bench/BenchProvider';
import { exportJob, importJob } from '@/ui/bench/jobFiles';
import { Mark } from '@/ui/Mark';
import { useNotify } from '@/ui/notify';
import { COLOURS } from '@/ui/theme';
import { TopBar } from '@/ui/TopBar';
import { TaskProgress, useTask } from '@/ui/useTask';
import { takeInTask, unpackJobTask } from '@/workers';
import { JobCard } from './JobCard';
import { NewJobMenu } from './NewJobMenu';
import { RenameDialog } from './RenameDialog';
import { useBenchJobs } from './useBenchJobs';

/** What a job begins with: a picture, a blank other than the first mug, or nothing. */
interface Start {
  readonly file?: File;
  readonly blank?: Blank;
  readonly name?: string;
}

const isJobFile = (file: File): boolean =>
  /\.zip$/i.test(file.name) || file.type === 'application/zip';

function EmptyBench({ onNew }: { onNew: () => void }) {
  return (
    <Box sx={{ textAlign: 'center', maxWidth: 560, mx: 'auto', py: 8 }}>
      <Mark size={72} />
      <Typography variant="h2" component="h2" sx={{ mt: 2, mb: 1 }}>
        Your bench is empty
      </Typography>
      <Typography sx={{ mb: 3 }}>
        Drop a picture anywhere on this page and it goes onto a mug, or start with the mug itself.
        Your work stays in this browser.
      </Typography>
      <Button variant="contained" size="large" onClick={onNew}>
        Start a mug
      </Button>
    </Box>
  );
}

/** Home: the jobs as cards, and every way to begin one. */
export function BenchScreen() {
  const { name, db, shelf, addToShelf } = useBench();
  const { jobs, refresh, create, duplicate, rename, remove } = useBenchJobs();
  const [renaming, setRenaming] = useState<StoredJob | null>(null);
  const notify = useNotify();
  const router = useRouter();
  const task = useTask();

  const open = (id: string, station: string) =>
    router.push(`/${name}/job/${encodeURIComponent(id)}/${station}`);

  async function start({ file, blank, name: jobName = 'New mug' }: Start = {}) {
    const taken = file && (await task.run((onProgress) => takeInTask(file, file.name, onProgress)));
    if (file && !taken) return;
    if (taken && !taken.ok) return notify({ tone: 'error', text: taken.reason });
    const id = await create(blank ?? shelf.blanks[0], jobName, taken?.value);
    if (id) open(id, file ? 'art' : 'blank');
  }

  async function importFile(file: File) {
    const read = await task.run((onProgress) => unpackJobTask(file, onProgress));
    if (!read) return;
    if (!read.ok) return notify({ tone: 'error', text: read.reason });
    try {
      const job = await importJob(db, read.value, shelf, addToShelf);
      await refresh();
      notify({ tone: 'success', text: `“${job.name}” is on the bench.` });
    } catch (error) {
      notify({ tone: 'error', text: storageProblem(error) });
    }
  }

  async function layOutAfresh() {
    try {
      await resetDemo(db);
      await refresh();
    } catch (error) {
      notify({ tone: 'error', text: storageProblem(error) });
    }
  }

  const drop = useDropzone({
    noClick: true,
    noKeyboard: true,
    multiple: false,
    onDrop: ([file]) => file && void (isJobFile(file) ? importFile(file) : start({ file })),
  });

  return (
    <Box
      {...drop.getRootProps()}
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
          sx={{ alignItems: 'center', mb: 2.5, flexWrap: 'wrap' }}
        >
          <Typography variant="h1" sx={{ flex: 1 }}>
            On the bench
          </Typography>
          {name === 'demo' && (
            <Button onClick={() => void layOutAfresh()} color="inherit">
              Lay the demo out afresh
            </Button>
          )}
          <Button variant="outlined" onClick={drop.open}>
            Open a picture or job file
          </Button>
          <NewJobMenu
            blanks={shelf.blanks}
            onBlank={(blank) => void start({ blank, name: blank.name })}
          />
        </Stack>
        <input {...drop.getInputProps({ 'aria-label': 'Picture or job file' })} />
        <TaskProgress task={task} />
        {jobs?.length === 0 && <EmptyBench onNew={() => void start()} />}
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
            gridTemplateColumns: 'repeat(auto-fill, minmax(300px, 1fr))',
          }}
        >
          {jobs?.map((entry) => (
            <JobCard
              key={entry.stored.id}
              entry={entry}
              onRename={() => setRenaming(entry.stored)}
              onDuplicate={() => void duplicate(entry.stored.job)}
              onExport={() => void exportJob(db, entry.stored.job, shelf, task.run)}
              onDelete={() => void remove(entry.stored)}
            />
          ))}
        </Box>
        {jobs && jobs.length > 0 && (
          <Typography sx={{ mt: 3, color: COLOURS.graphite }}>
            Drop a picture anywhere on this page to start another mug with it, or choose another
            blank under “New job”.
          </Typography>
        )}
      </Box>
      {renaming && (
        <RenameDialog
          name={renaming.job.name}
          onClose={() => setRenaming(null)}
          onRename={(next) => void rename(renaming, next)}
        />
      )}
    </Box>
  );
}

'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useTheme } from '@mui/material/styles';
import DownloadIcon from '@mui/icons-material/Download';
import { useEffect, useMemo, useState } from 'react';
import type { Together } from '@/core/together';
import { useArtPreviews } from '@/ui/bench/useArtPreviews';
import { useBench } from '@/ui/bench/BenchProvider';
import { artBlobs } from '@/ui/bench/jobFiles';
import { download, fileName } from '@/ui/files';
import { useNotify } from '@/ui/notify';
import { COLOURS, FONTS } from '@/ui/theme';
import { TaskButton, TaskProgress, useTask } from '@/ui/useTask';
import { useUnits } from '@/ui/units';
import { driverSetting } from '@/words';
import { planTogetherAside, sheetsPdfTask } from '@/workers';
import { SheetThumb } from './SheetThumb';
import type { BenchJob } from './useBenchJobs';

const counted = (count: number, one: string, many: string) =>
  `${count} ${count === 1 ? one : many}`;

/** One paper and printer: what is saved by sharing, the sheets drawn small, and their file. */
function TogetherGroup({ group }: { group: Together }) {
  const { store } = useBench();
  const units = useUnits();
  const notify = useNotify();
  const task = useTask();
  const previews = useArtPreviews(group.arts.map(({ sha256 }) => sha256));
  const { paper, printer, mirror, sheets, brought, pieces, arts } = group;
  const alone = brought.reduce((sum, each) => sum + each.alone, 0);
  const name = brought.map(({ jobName }) => jobName).join(' + ');

  async function save() {
    const blobs = await artBlobs(store, { arts: [...arts] });
    const job = { name, arts: [...arts] };
    const plan = { pieces, sheets, tools: { printer } };
    const pdf = await task.run((onProgress) =>
      sheetsPdfTask({ job, plan, blobs, units }, onProgress),
    );
    if (!pdf) return;
    download(fileName(name.slice(0, 80), 'pdf'), pdf);
    notify({
      tone: 'success',
      text: 'The PDF is written. Print it at 100 % and measure the check bar.',
    });
  }

  return (
    <Box
      component="section"
      aria-label={`${paper.name}, ${printer.name}`}
      sx={{ borderTop: `1px solid ${COLOURS.hairline}`, py: 2 }}
    >
      <Typography variant="h3" component="h3">
        {paper.name}, {printer.name}
      </Typography>
      <Typography sx={{ my: 0.5 }}>
        <Box component="span" sx={{ fontFamily: FONTS.figure, fontWeight: 700 }}>
          {counted(sheets.length, 'sheet', 'sheets')}
        </Box>
        {sheets.length < alone && ` instead of ${alone}`} for{' '}
        {counted(brought.length, 'job', 'jobs')}. Print dialog:{' '}
        {driverSetting(mirror.by === 'driver')}.
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, my: 1 }}>
        {sheets.map((sheet, i) => (
          <SheetThumb
            key={sheet.id}
            nth={i + 1}
            sheet={sheet}
            pieces={pieces}
            previews={previews}
          />
        ))}
      </Box>
      <TaskButton
        task={task}
        variant="contained"
        startIcon={<DownloadIcon />}
        onClick={() => void save()}
      >
        Save the PDF
      </TaskButton>
      <TaskProgress task={task} />
    </Box>
  );
}

/** Several jobs printed on shared sheets: which, and what comes of it. */
export function TogetherDialog({
  entries,
  onClose,
}: {
  entries: readonly BenchJob[];
  onClose: () => void;
}) {
  const { shelf } = useBench();
  const jobs = useMemo(() => entries.map(({ stored }) => stored.body), [entries]);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [made, setMade] = useState<readonly Together[] | { failed: string } | null>(null);
  const small = useMediaQuery(useTheme().breakpoints.down('sm'));
  useEffect(() => {
    let gone = false;
    const chosen = jobs.filter(({ id }) => !left.has(id));
    planTogetherAside(chosen, shelf).then(
      (groups) => !gone && setMade(groups),
      (error: unknown) => !gone && setMade({ failed: String(error) }),
    );
    return () => {
      gone = true;
    };
  }, [jobs, left, shelf]);
  const toggle = (id: string) => {
    const next = new Set(left);
    if (!next.delete(id)) next.add(id);
    setLeft(next);
  };
  return (
    <Dialog open fullWidth fullScreen={small} maxWidth="md" onClose={onClose}>
      <DialogTitle>Print together</DialogTitle>
      <DialogContent>
        <Typography sx={{ color: COLOURS.graphite, mb: 1 }}>
          Jobs on the same paper from the same printer share sheets; every piece carries the name of
          its job. Vinyl, pens and ready-made sheets are not printed, and stay with their jobs.
        </Typography>
        <Box sx={{ display: 'grid', gridTemplateColumns: { sm: '1fr 1fr' }, mb: 1 }}>
          {jobs.map(({ id, name }) => (
            <FormControlLabel
              key={id}
              control={<Checkbox checked={!left.has(id)} onChange={() => toggle(id)} />}
              label={name}
            />
          ))}
        </Box>
        {made === null && <Box aria-busy="true" sx={{ height: 120 }} />}
        {made && 'failed' in made && (
          <Alert severity="error">These could not be laid out: {made.failed}</Alert>
        )}
        {made && !('failed' in made) && made.length === 0 && (
          <Typography>None of these has anything to print.</Typography>
        )}
        {made &&
          !('failed' in made) &&
          made.map((group) => <TogetherGroup key={group.id} group={group} />)}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}

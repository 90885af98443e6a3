'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import type { OwnColours } from '@/core/model';
import { writePatchList } from '@/files/chartFile';
import { useBench } from '@/ui/bench/BenchProvider';
import { CornerPicker } from '@/ui/CornerPicker';
import { FileButton } from '@/ui/fields/FileButton';
import { csvFile, download } from '@/ui/files';
import { useJob } from '@/ui/job/jobContext';
import { COLOURS } from '@/ui/theme';
import { TaskButton, TaskProgress } from '@/ui/useTask';
import { drawChartTask } from '@/workers';
import type { TakeIn } from '../useTakeIn';
import { useGround } from './useGround';
import { newId } from '@/store';
import { Patches } from './Patches';
import { useTaken } from './useTaken';

function Step({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" sx={{ mb: 2.5 }}>
      <Typography variant="h3" component="h3" sx={{ mb: 1 }}>
        {title}
      </Typography>
      {children}
    </Box>
  );
}

/** Measures what a paper and printer come out as on the blank of the job: chart, photo or colour reader, and kept. */
export function OwnColoursDialog({ takeIn, onClose }: { takeIn: TakeIn; onClose: () => void }) {
  const { job, plan } = useJob();
  const { addToShelf, removeFromShelf } = useBench();
  const { own } = useGround();
  const { task, taken, problem, pointed, point, photo, list } = useTaken();
  const { paper, printer } = plan.tools;
  const { material, finish } = job.blank.substrate;
  async function drawn(): Promise<File | null> {
    const blob = await task.run((onProgress) => drawChartTask(onProgress));
    return blob ? new File([blob], 'colour-chart.png', { type: 'image/png' }) : null;
  }
  async function keep() {
    if (!taken) return;
    const kept: OwnColours = {
      ...{ id: newId(), paperId: paper.id, printerId: printer.id, material, finish },
      ...{ blankName: job.blank.name, from: taken.from },
      patches: taken.patches.map(([r, g, b]) => [r, g, b]),
    };
    await addToShelf({ colours: [kept] });
    if (own) await removeFromShelf('colours', own.id);
    onClose();
  }
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="own-colours-title">
      <DialogTitle id="own-colours-title">Your own colours</DialogTitle>
      <DialogContent>
        <Typography sx={{ mb: 2 }}>
          What “{paper.name}” from “{printer.name}” comes out as on {material}, measured once.
        </Typography>
        <Step title="1. Print the chart and press it on a white test blank">
          <Typography sx={{ fontSize: 15, mb: 1 }}>
            An ordinary print by your usual settings, about 7 × 6 in; a spoiled blank with a good
            white side will do.
          </Typography>
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <Button
              variant="outlined"
              size="small"
              onClick={() =>
                void drawn().then(async (file) => {
                  if (!file) return;
                  onClose();
                  await takeIn.add([file]);
                })
              }
            >
              Put it on this blank
            </Button>
            <Button
              size="small"
              onClick={() => void drawn().then((file) => file && download(file.name, file))}
            >
              Save it as PNG
            </Button>
          </Box>
        </Step>
        <Step title="2. Take its photo, or measure it">
          <Typography sx={{ fontSize: 15, mb: 1 }}>
            Daylight from a window, no flash, no direct sun; from above, all four corner marks in
            sight. Let the camera not brighten it.
          </Typography>
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <FileButton
              label="Photo of the pressed chart"
              accept="image/*"
              onFile={(file) => void photo(file)}
            />
            <FileButton
              label="List from a colour reader"
              accept=".csv,.txt,text/csv"
              onFile={(file) => void list(file)}
            />
            <Button
              size="small"
              onClick={() => download('chart-patches.csv', csvFile(writePatchList()))}
            >
              Save the list to fill in
            </Button>
          </Box>
        </Step>
        <TaskProgress task={task} />
        {problem && <Alert severity="warning">{problem}</Alert>}
        {pointed && (
          <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1, my: 1.5 }}>
            <Typography sx={{ fontSize: 15 }}>
              If the chart is in the photo, drag the four points onto the middles of its marks.
            </Typography>
            <CornerPicker preview={pointed.url} corners={pointed.corners} onCorners={point} />
            <TaskButton
              task={task}
              variant="outlined"
              sx={{ alignSelf: 'center' }}
              onClick={() => void photo(pointed.file, pointed.corners)}
            >
              Read it by these marks
            </TaskButton>
          </Box>
        )}
        {taken && (
          <Step title="3. As it came out">
            <Typography sx={{ fontSize: 15, mb: 1 }}>{taken.note}</Typography>
            <Patches patches={taken.patches} />
          </Step>
        )}
        <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
          Stays in this browser. A photo’s own tone curve cannot be told from the press’s: good for
          forecasts, no proof.
        </Typography>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave it</Button>
        <Button variant="contained" disabled={!taken} onClick={() => void keep()}>
          Keep it for this paper and printer
        </Button>
      </DialogActions>
    </Dialog>
  );
}

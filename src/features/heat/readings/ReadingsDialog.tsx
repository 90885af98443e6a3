'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import { readingsSchema, type Machine, type Readings } from '@/core/model';
import { withMeasuring, withReadings } from '@/core/press';
import { readReadings, writePlaces } from '@/files/readingsFile';
import { textOf } from '@/files/text';
import { useBench } from '@/ui/bench/BenchProvider';
import { steadyNow } from '@/ui/clock';
import { readDraft, writeDraft } from '@/ui/draft';
import { FileButton } from '@/ui/fields/FileButton';
import { csvFile, download, fileName } from '@/ui/files';
import { COLOURS } from '@/ui/theme';
import { learnedLines } from '@/words';
import { Measurings } from './Measurings';
import { PlaceFields } from './PlaceFields';
import { PlateMap } from './PlateMap';
import { PressingField } from './PressingField';

const NONE: Readings = { places: [], pressing: [] };

/** Readings of a machine as they are typed: kept through a reload until they are taken over or left. */
function useReadings({ id, readings: known }: Machine) {
  const key = `readings.${useBench().name}.${id}`;
  const [begun] = useState(() => readDraft(key, readingsSchema) ?? known ?? NONE);
  const [readings, setReadings] = useState(begun);
  useEffect(() => {
    if (readings !== begun) writeDraft(key, readings);
  }, [key, begun, readings]);
  return { readings, setReadings, forget: () => writeDraft(key, null) };
}

/** Readings of a plate and over a pressing, typed or from a file, with what they say of the machine. */
export function ReadingsDialog({
  machine: start,
  onKeep,
  onClose,
}: {
  machine: Machine;
  onKeep: (machine: Machine) => void;
  onClose: () => void;
}) {
  const { readings, setReadings, forget } = useReadings(start);
  const [problem, setProblem] = useState<string | null>(null);
  const [measured, setMeasured] = useState(start.measured);
  const machine = withReadings({ ...start, measured }, readings);
  const { plate, displayUnit: unit } = machine;
  const put = (part: Partial<Readings>) => setReadings((now) => ({ ...now, ...part }));
  /** Takes what a file holds: places, or a pressing. */
  async function take(file: File) {
    const read = readReadings(await textOf(file), unit);
    setProblem(read.ok ? null : `“${file.name}”: ${read.reason} Nothing was changed.`);
    if (!read.ok) return;
    const { places, pressing } = read.value;
    put(places.length > 0 ? { places } : { pressing });
  }
  return (
    <Dialog open onClose={onClose} maxWidth="lg" fullWidth aria-labelledby="readings-title">
      <DialogTitle id="readings-title">Measure “{machine.name}”</DialogTitle>
      <DialogContent
        sx={{ display: 'flex', gap: 3, flexDirection: { xs: 'column', md: 'row' }, minHeight: 480 }}
      >
        {plate && (
          <Box sx={{ flex: 1, display: 'flex', minWidth: 0, minHeight: 320 }}>
            <PlateMap machine={machine} plate={plate} />
          </Box>
        )}
        <Box
          sx={{
            width: { md: 400 },
            flexShrink: 0,
            display: 'flex',
            flexDirection: 'column',
            gap: 2,
          }}
        >
          {plate && (
            <PlaceFields {...{ plate, unit, readings }} onPlaces={(places) => put({ places })} />
          )}
          <PressingField {...{ unit, readings }} onPressing={(pressing) => put({ pressing })} />
          {problem && <Alert severity="warning">{problem}</Alert>}
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <FileButton
              label="Readings from a CSV file"
              accept=".csv,.txt,text/csv,text/plain"
              onFile={(file) => void take(file)}
            />
            <Button
              size="small"
              disabled={readings.places.length === 0}
              onClick={() =>
                download(fileName(machine.name, 'csv', 'readings'), csvFile(writePlaces(readings)))
              }
            >
              Save the places
            </Button>
            <Button size="small" onClick={() => setReadings(NONE)}>
              Clear
            </Button>
          </Box>
          <Box aria-live="polite">
            {learnedLines(machine).map((line) => (
              <Typography key={line} sx={{ fontSize: 15 }}>
                {line}
              </Typography>
            ))}
          </Box>
          <Measurings {...{ measured, unit }} onMeasured={setMeasured} />
          <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
            The plate burns: hold the probe with a glove, and follow the makers of press and
            thermometer.
          </Typography>
        </Box>
      </DialogContent>
      <DialogActions>
        <Button
          onClick={() => {
            forget();
            onClose();
          }}
        >
          Leave it
        </Button>
        <Button
          variant="contained"
          onClick={() => {
            forget();
            onKeep(withMeasuring(machine, { ...start, measured }, new Date(steadyNow())));
          }}
        >
          Keep it for this machine
        </Button>
      </DialogActions>
    </Dialog>
  );
}

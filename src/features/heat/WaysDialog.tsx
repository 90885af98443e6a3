'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { compareWays, type Way } from '@/core/ways';
import { useBench } from '@/ui/bench/BenchProvider';
import { useJob } from '@/ui/job/jobContext';
import { COLOURS, FONTS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { checkWords, settingsLine, TRANSFER_WORDS } from '@/words';
import { useHeatEdit } from './useHeatEdit';

const HEADS = ['Way', 'Sheets', 'Cost of a sheet', 'Press', 'White', 'Feel', 'How long it lasts'];

function WayRow({ way, taken, onTake }: { way: Way; taken: boolean; onTake: () => void }) {
  const units = useUnits();
  const { label, white, feel, durability } = TRANSFER_WORDS[way.transfer];
  const stopped = way.stops.length > 0;
  return (
    <>
      <TableRow sx={{ verticalAlign: 'top', '& td, & th': stopped ? { borderBottom: 0 } : {} }}>
        <TableCell component="th" scope="row" sx={{ fontWeight: 700 }}>
          {label}
          <Box>
            {taken ? (
              <Typography sx={{ fontSize: 14, color: COLOURS.clover }}>as it is now</Typography>
            ) : (
              <Button size="small" onClick={onTake} aria-label={`Take ${label}`}>
                Take it
              </Button>
            )}
          </Box>
        </TableCell>
        <TableCell sx={{ fontFamily: FONTS.figure }}>{way.sheets}</TableCell>
        <TableCell>{way.cost}</TableCell>
        <TableCell sx={{ fontFamily: FONTS.figure }}>{settingsLine(way.settings, units)}</TableCell>
        <TableCell>{white}</TableCell>
        <TableCell>{feel}</TableCell>
        <TableCell>{durability}</TableCell>
      </TableRow>
      {stopped && (
        <TableRow>
          <TableCell colSpan={HEADS.length} sx={{ color: COLOURS.ember, pt: 0 }}>
            Stops: {way.stops.map((check) => checkWords(check, units).text).join(' ')}
          </TableCell>
        </TableRow>
      )}
    </>
  );
}

/** Every transfer this blank takes, with what it costs, feels like and lasts. */
export function WaysDialog({ onClose }: { onClose: () => void }) {
  const { job } = useJob();
  const { shelf } = useBench();
  const { transfer } = useHeatEdit();
  const ways = useMemo(() => compareWays(job, shelf), [job, shelf]);
  return (
    <Dialog open onClose={onClose} maxWidth="lg" fullWidth>
      <DialogTitle>Ways onto “{job.blank.name}”</DialogTitle>
      <DialogContent>
        <Table size="small" aria-label="Ways side by side">
          <TableHead>
            <TableRow>
              {HEADS.map((head) => (
                <TableCell key={head}>{head}</TableCell>
              ))}
            </TableRow>
          </TableHead>
          <TableBody>
            {ways.map((way) => (
              <WayRow
                key={way.transfer}
                way={way}
                taken={way.transfer === job.transfer}
                onTake={() => transfer(way.transfer)}
              />
            ))}
          </TableBody>
        </Table>
        <Typography sx={{ fontSize: 14, color: COLOURS.graphite, mt: 2 }}>
          Costs and durability are common practice, in words; your own log knows better in time.
        </Typography>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}

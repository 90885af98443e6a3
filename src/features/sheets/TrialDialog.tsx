'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import { useEffect, useRef, useState } from 'react';
import { isPrintedOn } from '@/core/model';
import { useBench } from '@/ui/bench/BenchProvider';
import { SelectField } from '@/ui/fields/SelectField';
import { LengthField } from '@/ui/fields/QuantityField';
import { SwitchField } from '@/ui/fields/SwitchField';
import { useJob } from '@/ui/job/jobContext';
import { COLOURS } from '@/ui/theme';
import { TaskButton, TaskProgress } from '@/ui/useTask';
import type { TrialSettings } from '@/workers';
import { useUnits } from '@/ui/units';
import { printFaultWords } from '@/words';
import { OnBlank } from './OnBlank';
import { useTrial, type Shown } from './useTrial';
import { pieceWords, sheetWords } from '@/words';

/** Up to this share of pixels differ along cut edges of a faultless print (measured). */
const FAULTLESS = 0.015;

function Picture({ label, url, high }: { label: string; url: string; high: number }) {
  return (
    <Box component="figure" sx={{ m: 0, minWidth: 0 }}>
      {/* eslint-disable-next-line @next/next/no-img-element -- a local blob, nothing to optimise */}
      <img
        src={url}
        alt={label}
        style={{
          maxWidth: '100%',
          maxHeight: high,
          display: 'block',
          border: `1px solid ${COLOURS.hairline}`,
        }}
      />
      <Typography component="figcaption" sx={{ fontSize: 14 }}>
        {label}
      </Typography>
    </Box>
  );
}

/** The verdict in a sentence; each fault once, however many sheets it is on. */
function Verdict({ faults, share }: Pick<Shown, 'faults' | 'share'>) {
  const units = useUnits();
  const kinds = [...new Map(faults.map(({ fault }) => [fault.kind, fault])).values()];
  const off = `${(100 * share).toFixed(1)} %`;
  if (kinds.length === 0)
    return share <= FAULTLESS ? (
      <Alert severity="success">
        What lies on the blank is the picture that was meant; {off} differs, along cut edges only.
      </Alert>
    ) : (
      <Alert severity="warning">{off} of the picture is not as it was meant (in red).</Alert>
    );
  return (
    <>
      {kinds.map((fault) => (
        <Alert severity="error" key={fault.kind}>
          {printFaultWords(fault, units)}
        </Alert>
      ))}
      <Typography sx={{ fontSize: 15 }}>
        {off} of the picture on the blank is not as it was meant.
      </Typography>
    </>
  );
}

interface SettingsProps {
  settings: TrialSettings;
  onSettings: (settings: TrialSettings) => void;
}

function SettingsFields({ settings, onSettings }: SettingsProps) {
  const { shelf } = useBench();
  const { plan } = useJob();
  const [paperId, setPaperId] = useState(plan.tools.paper.id);
  // what a tray may hold: not what is used up or bought printed
  const papers = shelf.papers.filter(
    (paper) => paper.id === plan.tools.paper.id || (!paper.used && isPrintedOn(paper)),
  );
  // only what a sheet carries can be laid; the first is what is tried first
  const printed = [...new Set(plan.sheets.flatMap(({ items }) => items.map((i) => i.pieceId)))];
  const pieces = printed.flatMap((wanted) => plan.pieces.filter(({ id }) => id === wanted));
  const toggle = (label: string, key: 'mirror' | 'fitToPage' | 'mirrorsOnItsOwn') => (
    <SwitchField
      label={label}
      checked={settings[key]}
      onTurn={(on) => onSettings({ ...settings, [key]: on })}
    />
  );
  return (
    <>
      {toggle('Mirror in the print dialog', 'mirror')}
      {toggle('Fit to page', 'fitToPage')}
      {toggle('The printer mirrors by itself', 'mirrorsOnItsOwn')}
      <SelectField
        label="Paper in the tray"
        value={paperId}
        onChange={({ target }) => {
          const paper = shelf.papers.find(({ id }) => id === target.value);
          if (!paper) return;
          setPaperId(paper.id);
          onSettings({ ...settings, paper });
        }}
      >
        {papers.map(({ id, name }) => (
          <MenuItem key={id} value={id}>
            {name}
          </MenuItem>
        ))}
      </SelectField>
      {pieces.length > 1 && (
        <SelectField
          label="Piece to lay and press"
          value={settings.pieceId ?? pieces[0]?.id}
          onChange={({ target }) => onSettings({ ...settings, pieceId: target.value })}
        >
          {pieces.map((piece) => (
            <MenuItem key={piece.id} value={piece.id}>
              {pieceWords(piece)}
            </MenuItem>
          ))}
        </SelectField>
      )}
      <LengthField
        label="Border it really leaves"
        value={settings.leastMarginMm}
        min={0}
        max={50}
        onValue={(leastMarginMm) => onSettings({ ...settings, leastMarginMm })}
      />
    </>
  );
}

/** Tries the print before any paper is spent: what comes out of the printer, and onto the blank. */
export function TrialDialog({ onClose }: { onClose: () => void }) {
  const { plan } = useJob();
  const { mirror, tools } = plan;
  const flips = (who: string) => mirror.flippers.some((each) => each.who === who && each.flips);
  const [settings, setSettings] = useState<TrialSettings>({
    mirror: flips('driver'),
    fitToPage: false,
    mirrorsOnItsOwn: flips('printer'),
    paper: tools.paper,
    leastMarginMm: 0,
    pieceId: null,
  });
  const { task, shown, run } = useTrial();
  const begun = useRef(false);
  useEffect(() => {
    if (begun.current) return;
    begun.current = true;
    void run(settings);
  }, [run, settings]);
  return (
    <Dialog open onClose={onClose} maxWidth="lg" fullWidth>
      <DialogTitle>Trial print, without paper</DialogTitle>
      <DialogContent sx={{ display: 'flex', gap: 3, minHeight: 430 }}>
        <Box sx={{ width: 270, flexShrink: 0, display: 'flex', flexDirection: 'column', gap: 1.5 }}>
          <Typography sx={{ fontSize: 15 }}>
            A simulated printer takes the PDF as it is. Set what the print dialog might be set to:
          </Typography>
          <SettingsFields settings={settings} onSettings={setSettings} />
          <TaskButton task={task} variant="contained" onClick={() => void run(settings)}>
            Print and press
          </TaskButton>
          <TaskProgress task={task} />
        </Box>
        <Box sx={{ flex: 1, minWidth: 0, display: 'flex', flexDirection: 'column', gap: 1.5 }}>
          {shown && (
            <>
              <Verdict faults={shown.faults} share={shown.share} />
              <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 2 }}>
                <OnBlank label="On the blank; what is off in red" url={shown.pressed} of={shown} />
                <OnBlank label="As it was meant" url={shown.meant} of={shown} />
              </Box>
              <Typography sx={{ fontSize: 14 }}>
                Out of the printer: dull, as dye is until heat brings it up.
              </Typography>
              <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5 }}>
                {shown.prints.map((url, i) => {
                  const sheet = plan.sheets[i];
                  const label = sheet ? sheetWords(sheet.called) : '';
                  return <Picture key={url} label={label} url={url} high={150} />;
                })}
              </Box>
            </>
          )}
        </Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}

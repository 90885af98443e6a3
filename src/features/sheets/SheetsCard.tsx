'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { startTransition, useState } from 'react';
import DownloadIcon from '@mui/icons-material/Download';
import dynamic from 'next/dynamic';
import { isPrintedOn } from '@/core/model';
import { planPlainProof } from '@/core/plainProof';
import { TRANSFERS } from '@/core/transfer';
import { useRested } from '@/ui/atRest';
import { useBench } from '@/ui/bench/BenchProvider';
import { artBlobs, exportJob } from '@/ui/bench/jobFiles';
import { download, fileName } from '@/ui/files';
import { useJob } from '@/ui/job/jobContext';
import { NextStep } from '@/ui/job/NextStep';
import { useNotify } from '@/ui/notify';
import { Section } from '@/ui/Section';
import { TaskProgress, useTask } from '@/ui/useTask';
import { useWarmWorker } from '@/ui/useWarmWorker';
import { allPngsTask, sheetPngTask, sheetsPdfTask } from '@/workers';
import type { TransferKind } from '@/core/model';
import type { Sheet, Tiling } from '@/core/sheet';
import { useUnits } from '@/ui/units';
import { dialogWords, driverSetting, edgeSmearWords, feedWords } from '@/words';
import { CutterFields } from './CutterFields';
import { GangFields } from './GangFields';
import { MirrorLedger } from './MirrorLedger';
import { PaperFields } from './PaperFields';
import { Patterns } from './Patterns';
import { PrinterFields } from './PrinterFields';
import { LayingPlan, TileFields } from './TileFields';
import { sheetWords } from '@/words';

const LookDialog = dynamic(() => import('@/ui/look/LookDialog').then((m) => m.LookDialog));
const TrialDialog = dynamic(() => import('./TrialDialog').then((m) => m.TrialDialog));

/** What is done with a sheet that no printer takes; null where it is printed. */
function notPrinted(transfer: TransferKind, readyMade: boolean): string | null {
  const files = 'the file of each sheet, under “For cutting and pen”';
  const { made } = TRANSFERS[transfer];
  if (made === 'drawn with pens')
    return `Pens on plain copy paper: plot it by ${files}, or draw over its lines by hand. It is mirrored. Recap the pens at once.`;
  if (!readyMade) return null;
  const what =
    made === 'cut from one colour' ? 'Vinyl is not printed.' : 'This sheet is printed already.';
  return `${what} Cut it by ${files}; the pieces are laid out on as few sheets as can be.`;
}

function PrintFile({ sheet }: { sheet: Sheet | undefined }) {
  const { job, plan, keepLook } = useJob();
  const { store, shelf } = useBench();
  const units = useUnits();
  const notify = useNotify();
  const task = useTask();
  const [trying, setTrying] = useState(false);
  const [looking, setLooking] = useState(false);
  const cutter = shelf.cutters.find(({ id }) => id === job.sheet.cutterId) ?? null;
  const ready = plan.sheets.length > 0;
  useWarmWorker(task, ready);
  const stops = plan.checks.filter(({ level }) => level === 'stop');

  async function save() {
    const blobs = await artBlobs(store, job);
    const pdf = await task.run((onProgress) =>
      sheetsPdfTask({ job, plan, blobs, units }, onProgress),
    );
    if (!pdf) return;
    download(fileName(job.name, 'pdf'), pdf);
    notify({
      tone: 'success',
      text: 'The PDF is written. Print it at 100 % and measure the check bar.',
    });
  }

  async function saveProof() {
    const blobs = await artBlobs(store, job);
    const { plan: proof } = planPlainProof(job, plan.pieces, plan.tools);
    if (proof.sheets.length === 0)
      return notify({
        tone: 'error',
        text: 'No number of sheets of plain paper can print this. Choose larger paper first.',
      });
    const printed = { pieces: plan.pieces, sheets: proof.sheets, tools: plan.tools };
    const pdf = await task.run((onProgress) =>
      sheetsPdfTask({ job, plan: printed, blobs, units }, onProgress),
    );
    if (!pdf) return;
    download(fileName(job.name, 'pdf', 'plain proof'), pdf);
    notify({
      tone: 'success',
      text: 'Print it at 100 % on ordinary paper, cut it out and hold it to the blank, picture outwards. It is not mirrored: never press it.',
    });
  }

  async function savePng(one: Sheet) {
    const blobs = await artBlobs(store, job);
    const png = await task.run((onProgress) =>
      sheetPngTask({ job, plan, sheetId: one.id, blobs, units }, onProgress),
    );
    if (png) download(fileName(job.name, 'png', sheetWords(one.called)), png);
  }

  async function savePngs() {
    const blobs = await artBlobs(store, job);
    const zip = await task.run((onProgress) =>
      allPngsTask({ job, plan, blobs, units }, onProgress),
    );
    if (zip) download(fileName(job.name, 'zip', 'sheets'), zip);
  }

  const { paper, printer } = plan.tools;
  const dialogSaid = dialogWords(paper, printer);
  const unprinted = notPrinted(job.transfer, !isPrintedOn(plan.tools.paper));
  if (unprinted)
    return (
      <Section title={TRANSFERS[job.transfer].made === 'drawn with pens' ? 'Draw' : 'Cut'}>
        <Typography sx={{ fontSize: 15 }}>{unprinted}</Typography>
        <Button size="small" onClick={() => void exportJob(store, job, shelf, task.run)}>
          Save the whole job as a file
        </Button>
        <TaskProgress task={task} />
      </Section>
    );
  return (
    <Section title="Print">
      {stops.length > 0 && ready && (
        <Alert severity="error">
          Something below would spoil the blank. Settle it before you press.
        </Alert>
      )}
      <Button
        variant="contained"
        startIcon={<DownloadIcon />}
        disabled={!ready}
        onClick={() => void save()}
      >
        Save the PDF
      </Button>
      <TaskProgress task={task} />
      <Button
        variant="outlined"
        disabled={!ready}
        onClick={() => startTransition(() => setTrying(true))}
      >
        Try it without paper
      </Button>
      <Button size="small" disabled={!ready} onClick={() => void saveProof()}>
        A cheap proof on plain paper
      </Button>
      {trying && <TrialDialog onClose={() => setTrying(false)} />}
      <Button size="small" disabled={!ready} onClick={() => setLooking(true)}>
        Printed? Look at it by a photo
      </Button>
      {looking && (
        <LookDialog
          looking={{ job, plan }}
          first="sheet"
          sheetId={sheet?.id}
          onLooked={keepLook}
          onClose={() => setLooking(false)}
        />
      )}
      <Box component="ol" sx={{ m: 0, pl: 2.5, fontSize: 15, '& li': { mb: 0.5 } }}>
        <li>Print at 100 %, no fit to page, best quality, high speed off.</li>
        <li>Print dialog: {driverSetting(plan.mirror.by === 'driver')}.</li>
        <li>{feedWords(paper, printer.feedSide)}</li>
        {dialogSaid && <li>{dialogSaid}</li>}
        <li>Measure the check bar: 100 mm, or 4 in, exactly.</li>
        <li>{edgeSmearWords(cutter)}</li>
        {TRANSFERS[job.transfer].dye && (
          <li>It looks dull on paper. That is normal; heat brings it up.</li>
        )}
      </Box>
      {sheet && (
        <Button size="small" onClick={() => void savePng(sheet)}>
          Save the shown sheet as PNG, 300 ppi
        </Button>
      )}
      {plan.sheets.length > 1 && (
        <Button size="small" onClick={() => void savePngs()}>
          Save all {plan.sheets.length} sheets as PNG, in a ZIP
        </Button>
      )}
      <Button size="small" onClick={() => void exportJob(store, job, shelf, task.run)}>
        Save the whole job as a file
      </Button>
    </Section>
  );
}

/** The choices of the sheets: what is printed, on what, and how it comes together. */
export function SheetsCard({
  sheet,
  tiling,
  marking,
  onMark,
}: {
  /** The sheet on the stage. */
  sheet: Sheet | undefined;
  tiling: Tiling | null;
  marking: boolean;
  onMark: () => void;
}) {
  const { plan } = useJob();
  // below the fold: hands come first
  const rested = useRested();
  return (
    <>
      {plan.sheets.length > 0 && <NextStep to="heat" label="Next: the heat" />}
      <PrintFile sheet={sheet} />
      {tiling && (
        <>
          <TileFields tiling={tiling} marking={marking} onMark={onMark} />
          <LayingPlan tiling={tiling} />
        </>
      )}
      {rested && (
        <>
          <MirrorLedger />
          <PaperFields />
          <GangFields />
          <PrinterFields />
          <CutterFields />
          <Patterns />
        </>
      )}
    </>
  );
}

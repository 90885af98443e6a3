'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Slider from '@mui/material/Slider';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import { ofPrepared } from '@/core/art';
import { replaceEverywhere } from '@/core/job';
import type { Artwork } from '@/core/model';
import { getArt } from '@/store';
import { useBench } from '@/ui/bench/BenchProvider';
import { useArtPreviews } from '@/ui/bench/useArtPreviews';
import { Choice } from '@/ui/fields/Choice';
import { ColourField } from '@/ui/fields/ColourField';
import { useJob } from '@/ui/job/jobContext';
import { Pair } from '@/ui/Section';
import { COLOURS } from '@/ui/theme';
import { TaskProgress, useTask } from '@/ui/useTask';
import { prepareTask, type Preparation } from '@/workers';
import { useGround } from './colour/useGround';
import { CornerPicker, START_CORNERS } from '@/ui/CornerPicker';
import type { TakeIn } from './useTakeIn';
import { letGoUrl } from '@/ui/files';

/** Longest side of the look beforehand, pixels. */
const LOOK_PX = 700;
/** A look is drawn this long after the last change. */
const SETTLE_MS = 250;

/** Squares that show through what is see-through. */
const CHECKERED = `repeating-conic-gradient(${COLOURS.hairline} 0 25%, #fff 0 50%) 0 0 / 18px 18px`;

function Look({ label, url }: { label: string; url: string | undefined }) {
  return (
    <Box sx={{ flex: 1, minWidth: 0 }}>
      <Typography sx={{ fontSize: 14, mb: 0.5 }}>{label}</Typography>
      <Box
        sx={{
          height: 260,
          display: 'grid',
          placeItems: 'center',
          background: CHECKERED,
          border: `1px solid ${COLOURS.hairline}`,
        }}
      >
        {url && (
          // eslint-disable-next-line @next/next/no-img-element -- a local blob, nothing to optimise
          <img
            src={url}
            alt={label}
            style={{ maxWidth: '100%', maxHeight: 258, display: 'block' }}
          />
        )}
      </Box>
    </Box>
  );
}

/** The picture after a step, drawn small; null while there is none yet. */
function useLook(art: Artwork, step: Preparation): string | null {
  const { store } = useBench();
  const [url, setUrl] = useState<string | null>(null);
  useEffect(() => {
    let gone = false;
    let made: string | null = null;
    const later = setTimeout(() => {
      (async () => {
        const stored = await getArt(store, art.sha256);
        if (!stored || gone) return;
        const look = await prepareTask(stored.preview, step, LOOK_PX, () => undefined).result;
        if (gone) return;
        made = URL.createObjectURL(look);
        setUrl(made);
      })().catch(() => setUrl(null)); // the step itself is tried again, with a message, when it is taken
    }, SETTLE_MS);
    return () => {
      gone = true;
      clearTimeout(later);
      if (made) letGoUrl(made);
    };
  }, [store, art.sha256, step]);
  return url;
}

type Kind = Preparation['kind'];

function StepFields({
  step,
  set,
  preview,
}: {
  step: Preparation;
  set: (step: Preparation) => void;
  preview: string | undefined;
}) {
  if (step.kind === 'straighten') {
    return (
      <CornerPicker
        preview={preview}
        corners={step.corners}
        onCorners={(corners) => set({ kind: 'straighten', corners })}
      />
    );
  }
  if (step.kind === 'own-colours')
    return (
      <Typography sx={{ fontSize: 15 }}>
        Colours are turned so that, on your paper, printer and blank as you measured them, they come
        out as the file means them; what your dyes cannot reach comes as near as it can. The picture
        looks wrong on the screen: that is right.
      </Typography>
    );
  return (
    <>
      {step.kind === 'replace-colour' && (
        <Pair>
          <ColourField
            label="This colour"
            value={step.from}
            onColour={(from) => set({ ...step, from })}
          />
          <ColourField
            label="becomes this one"
            value={step.to}
            onColour={(to) => set({ ...step, to })}
          />
        </Pair>
      )}
      <Box sx={{ px: 1, maxWidth: 360 }}>
        <Typography id="tolerance" sx={{ fontSize: 14 }}>
          How far a colour may be off: {Math.round(step.tolerance * 100)} %
        </Typography>
        <Slider
          aria-labelledby="tolerance"
          min={0}
          max={60}
          value={step.tolerance * 100}
          onChange={(_, value) => set({ ...step, tolerance: Number(value) / 100 })}
        />
      </Box>
    </>
  );
}

/** Makes a picture ready: before and after side by side; the original is kept. */
export function PrepareDialog({
  art,
  takeIn,
  onDone,
}: {
  art: Artwork;
  takeIn: TakeIn;
  onDone: () => void;
}) {
  const { store } = useBench();
  const { edit } = useJob();
  const task = useTask();
  const { own } = useGround();
  const starts: Readonly<Record<Kind, Preparation>> = {
    'drop-background': { kind: 'drop-background', tolerance: 0.1 },
    'replace-colour': {
      kind: 'replace-colour',
      from: art.facts?.palette[0]?.colour ?? '#000000',
      to: '#1f6f4a',
      tolerance: 0.12,
    },
    straighten: { kind: 'straighten', corners: START_CORNERS },
    'own-colours': { kind: 'own-colours', patches: own?.patches ?? [] },
  };
  const [step, setStep] = useState<Preparation>(starts['drop-background']);
  const look = useLook(art, step);
  const preview = useArtPreviews([art.sha256]).get(art.sha256);

  async function take() {
    const stored = await getArt(store, art.sha256);
    if (!stored) return;
    const blob = await task.run((onProgress) =>
      prepareTask(stored.blob, step, Infinity, onProgress),
    );
    if (!blob) return;
    const made = await takeIn.keep(blob, art.name, ofPrepared(art, step.kind === 'straighten'));
    if (!made) return;
    edit((job) => replaceEverywhere(job, art.sha256, made));
    onDone();
  }

  return (
    <Dialog open onClose={onDone} maxWidth="md" fullWidth>
      <DialogTitle>Prepare “{art.name}”</DialogTitle>
      <DialogContent sx={{ display: 'flex', flexDirection: 'column', gap: 2 }}>
        <Choice<Kind>
          label="What is done"
          value={step.kind}
          options={[
            ['drop-background', 'Clear a flat background'],
            ['replace-colour', 'Replace a colour'],
            ['straighten', 'Straighten and crop'],
            ...(own ? ([['own-colours', 'For your own colours']] as const) : []),
          ]}
          onChoose={(kind) => setStep(starts[kind])}
        />
        <StepFields step={step} set={setStep} preview={preview} />
        <Box sx={{ display: 'flex', gap: 2 }}>
          {step.kind !== 'straighten' && <Look label="Before" url={preview} />}
          <Look label="After" url={look ?? undefined} />
        </Box>
        <TaskProgress task={task} />
      </DialogContent>
      <DialogActions>
        <Button onClick={onDone}>Leave it as it is</Button>
        <Button variant="contained" onClick={() => void take()}>
          Use this
        </Button>
      </DialogActions>
    </Dialog>
  );
}

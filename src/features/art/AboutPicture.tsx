'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { ofOriginal } from '@/core/art';
import { replaceEverywhere } from '@/core/job';
import type { Artwork } from '@/core/model';
import { getArt } from '@/store';
import { useBench } from '@/ui/bench/BenchProvider';
import { WordsField } from '@/ui/fields/WordsField';
import { useJob } from '@/ui/job/jobContext';
import { sampleOf } from '@/ui/forcedColours';
import { useNotify } from '@/ui/notify';
import { COLOURS, FONTS } from '@/ui/theme';
import { Tucked } from '@/ui/Tucked';
import type { TakeIn } from './useTakeIn';

const PrepareDialog = dynamic(() => import('./PrepareDialog').then((m) => m.PrepareDialog));

const percent = (share: number) => `${Math.round(share * 100)} %`;

function Palette({ facts }: { facts: NonNullable<Artwork['facts']> }) {
  return (
    <Box
      component="ul"
      aria-label="Main colours"
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, m: 0, p: 0, listStyle: 'none' }}
    >
      {facts.palette.map(({ colour, share }) => (
        <Box
          component="li"
          key={colour}
          sx={{ textAlign: 'center', fontFamily: FONTS.figure, fontSize: 12 }}
        >
          <Box
            sx={{
              width: 34,
              height: 24,
              ...sampleOf(colour),
              borderRadius: 1,
              border: `1px solid ${COLOURS.graphite}`,
            }}
          />
          {percent(share)}
        </Box>
      ))}
    </Box>
  );
}

/** What the picture holds and where it came from; and preparing it. */
export function AboutPicture({ art, takeIn }: { art: Artwork; takeIn: TakeIn }) {
  const { edit } = useJob();
  const { store } = useBench();
  const notify = useNotify();
  const [preparing, setPreparing] = useState(false);
  async function backToOriginal() {
    const stored = art.madeFrom ? await getArt(store, art.madeFrom) : undefined;
    if (!stored) {
      const text = `What “${art.name}” was prepared from is not in this browser: the job came without it. Bring that picture in again by “Swap”.`;
      return notify({ tone: 'warning', text });
    }
    const original = await takeIn.keep(stored.blob, art.name, ofOriginal(art));
    if (original) edit((job) => replaceEverywhere(job, art.sha256, original));
  }
  const note = (sourceNote: string) =>
    edit(
      (job) => ({
        ...job,
        arts: job.arts.map((each) => (each.sha256 === art.sha256 ? { ...each, sourceNote } : each)),
      }),
      'source-note',
    );
  const outlines = art.facts?.silhouette.length ?? 0;
  return (
    <Tucked title="About this picture" now={art.sourceNote ? 'source noted' : ''}>
      {art.facts && (
        <>
          <Palette facts={art.facts} />
          <Typography sx={{ fontSize: 14 }}>
            {percent(art.facts.whiteShare)} white, {percent(art.transparentShare)} see-through
            {outlines > 0 && `, ${outlines} ${outlines === 1 ? 'outline' : 'outlines'}`}.
          </Typography>
        </>
      )}
      <Button variant="outlined" onClick={() => setPreparing(true)}>
        Prepare: background, colour, straighten
      </Button>
      {art.madeFrom && (
        <Button size="small" onClick={() => void backToOriginal()}>
          Back to the original
        </Button>
      )}
      <WordsField
        rows={2}
        most={400}
        label="Source and licence"
        value={art.sourceNote}
        helperText="whose picture it is and what you may make with it"
        onWords={note}
      />
      {preparing && <PrepareDialog art={art} takeIn={takeIn} onDone={() => setPreparing(false)} />}
    </Tucked>
  );
}

'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import { useDropzone } from 'react-dropzone';
import { uprightPixels } from '@/core/art';
import { withoutPlacement } from '@/core/job';
import { useJob } from '@/ui/job/jobContext';
import { NextStep } from '@/ui/job/NextStep';
import { Section } from '@/ui/Section';
import { COLOURS, FONTS } from '@/ui/theme';
import { AboutPicture } from './AboutPicture';
import { ColoursSection } from './colour/ColoursSection';
import { CutFields } from './CutFields';
import { ItemsSection } from './items/ItemsSection';
import { useItems } from './items/useItems';
import { LayerList } from './LayerList';
import { Lettering } from './Lettering';
import { LookAtIt } from './LookAtIt';
import { PlaceFields } from './PlaceFields';
import { RepeatFields } from './RepeatFields';
import { SizeFields } from './SizeFields';
import type { Selection } from './useSelection';
import type { TakeIn } from './useTakeIn';

const PageDialog = dynamic(() => import('@/ui/art/PageDialog').then((m) => m.PageDialog));
const ManyDialog = dynamic(() => import('./ManyDialog').then((m) => m.ManyDialog));

function PictureSection({ selection, takeIn }: { selection: Selection; takeIn: TakeIn }) {
  const { edit } = useJob();
  const { selected } = selection;
  const another = useDropzone({ onDrop: (files) => takeIn.offer(files) });
  const other = useDropzone({
    multiple: false,
    onDrop: ([file]) => file && void takeIn.replace(file),
  });
  const pixels = selected && uprightPixels(selected.art);
  return (
    <Section title="Picture">
      <Box sx={{ display: 'none' }}>
        <input {...another.getInputProps({ 'aria-label': 'Add a picture file' })} />
        <input {...other.getInputProps({ 'aria-label': 'Other picture file' })} />
      </Box>
      {selected && pixels ? (
        <>
          <LayerList selection={selection} />
          <Box>
            <Typography sx={{ overflowWrap: 'anywhere', fontWeight: 700 }}>
              {selected.art.name}
            </Typography>
            <Typography sx={{ fontFamily: FONTS.figure, fontSize: 13, color: COLOURS.graphite }}>
              {pixels.widthPx} × {pixels.heightPx} px
              {selected.art.transparentShare > 0 &&
                ` · ${Math.round(selected.art.transparentShare * 100)} % see-through`}
            </Typography>
          </Box>
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            <Button size="small" variant="outlined" onClick={other.open}>
              Swap
            </Button>
            <Button size="small" variant="outlined" onClick={another.open}>
              Add another
            </Button>
            <Button
              size="small"
              color="inherit"
              onClick={() => edit((job) => withoutPlacement(job, selected.placement.id))}
            >
              Take off
            </Button>
          </Box>
        </>
      ) : (
        <Button variant="contained" onClick={another.open}>
          Choose a picture
        </Button>
      )}
    </Section>
  );
}

/** The few numbers of the art. */
export function ArtCard({ selection, takeIn }: { selection: Selection; takeIn: TakeIn }) {
  const { job } = useJob();
  const { selected } = selection;
  const items = useItems(selection, takeIn);
  const settleMany = (how: (files: readonly File[]) => Promise<void>) => {
    takeIn.forget();
    void how(takeIn.many);
  };
  return (
    <>
      {job.placements.length > 0 && <NextStep to="sheets" label="Next: the sheets" />}
      <PictureSection selection={selection} takeIn={takeIn} />
      {selected && (
        <>
          <SizeFields selection={selection} selected={selected} />
          <PlaceFields selection={selection} selected={selected} />
        </>
      )}
      {job.placements.length > 0 && <LookAtIt />}
      {selected && <ColoursSection key={selected.art.sha256} art={selected.art} takeIn={takeIn} />}
      {selected && <RepeatFields selection={selection} selected={selected} />}
      <ItemsSection items={items} takeIn={takeIn} />
      <Lettering selection={selection} takeIn={takeIn} />
      <CutFields />
      {selected && <AboutPicture art={selected.art} takeIn={takeIn} />}
      {takeIn.question && <PageDialog question={takeIn.question} />}
      {takeIn.many.length > 0 && (
        <ManyDialog
          count={takeIn.many.length}
          onEach={() => settleMany(items.addPictures)}
          onOne={() => settleMany(takeIn.add)}
          onNone={takeIn.forget}
        />
      )}
    </>
  );
}

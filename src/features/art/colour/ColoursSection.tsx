'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import { useMemo, useState } from 'react';
import {
  CLEAR_FROM,
  contrastsOn,
  faintOn,
  hexOf,
  letsOn,
  linearOf,
  pressed,
  reached,
  REACHED_WITHIN,
  type Contrast,
  type Ground,
} from '@/core/colour';
import type { Artwork, OwnColours } from '@/core/model';
import { useBench } from '@/ui/bench/BenchProvider';
import { useArtPreviews } from '@/ui/bench/useArtPreviews';
import { useJob } from '@/ui/job/jobContext';
import { sampleOf } from '@/ui/forcedColours';
import { COLOURS, FONTS } from '@/ui/theme';
import { Tucked } from '@/ui/Tucked';
import { colourNameOf, forecastLine } from '@/words';
import type { TakeIn } from '../useTakeIn';
import { ThreeLooks } from './ThreeLooks';

const OwnColoursDialog = dynamic(() =>
  import('./OwnColoursDialog').then((m) => m.OwnColoursDialog),
);
import { useGround } from './useGround';

/** Most pairs that are listed. */
const MOST_LISTED = 6;

/** Two colours side by side. */
function Pair({ one, other }: { one: string; other: string }) {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: '1fr 1fr',
        width: 56,
        height: 24,
        borderRadius: 1,
        overflow: 'hidden',
        border: `1px solid ${COLOURS.graphite}`,
      }}
    >
      <Box sx={sampleOf(one)} />
      <Box sx={sampleOf(other)} />
    </Box>
  );
}

const nameOf = (hex: string | null): string => (hex === null ? 'bare' : colourNameOf(hex));

function ContrastRow({
  contrast: { areas, before, after },
  ground,
  faint,
}: {
  contrast: Contrast;
  ground: Ground;
  faint: boolean;
}) {
  const onBlank = (hex: string | null) =>
    hexOf(pressed(hex === null ? null : linearOf(hex), ground));
  return (
    <Box
      component="li"
      sx={{ display: 'flex', alignItems: 'center', gap: 1, fontSize: 14, py: 0.5 }}
    >
      <Pair one={areas.one ?? '#ffffff'} other={areas.other ?? '#ffffff'} />
      <Pair one={onBlank(areas.one)} other={onBlank(areas.other)} />
      <Box component="span" sx={{ flex: 1, minWidth: 0 }}>
        {nameOf(areas.one)}, {nameOf(areas.other)}
      </Box>
      <Box
        component="span"
        sx={{
          fontFamily: FONTS.figure,
          whiteSpace: 'nowrap',
          ...(faint ? { color: COLOURS.saffron, fontWeight: 700 } : {}),
        }}
      >
        {Math.round(after)} of {Math.round(before)}
      </Box>
    </Box>
  );
}

/** What was measured of one's own paper and printer, and the way to measure it. */
function OwnColoursLine({ takeIn }: { takeIn: TakeIn }) {
  const { own } = useGround();
  const { removeFromShelf } = useBench();
  const [measures, setMeasures] = useState(false);
  return (
    <>
      {own && (
        <Typography sx={{ fontSize: 15 }}>
          By your own colours, measured on “{own.blankName}” from a {own.from}.
        </Typography>
      )}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button size="small" variant="outlined" onClick={() => setMeasures(true)}>
          {own ? 'Measure again' : 'Measure your own colours'}
        </Button>
        {own && (
          <Button size="small" onClick={() => void removeFromShelf('colours', own.id)}>
            Forget them
          </Button>
        )}
      </Box>
      {measures && <OwnColoursDialog takeIn={takeIn} onClose={() => setMeasures(false)} />}
    </>
  );
}

/** Main colours of a picture that one's own dyes cannot print. */
function OutOfReach({ art, own }: { art: Artwork; own: OwnColours | null }) {
  const beyond = useMemo(() => {
    const lets = own && letsOn({ own });
    return lets
      ? (art.facts?.palette ?? []).filter(
          ({ colour }) => reached(linearOf(colour), lets).off > REACHED_WITHIN,
        )
      : [];
  }, [art.facts, own]);
  if (beyond.length === 0) return null;
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, flexWrap: 'wrap', fontSize: 15 }}>
      Out of reach of your dyes:
      {beyond.map(({ colour }) => (
        <Box
          key={colour}
          component="span"
          sx={{ display: 'inline-flex', alignItems: 'center', gap: 0.5 }}
        >
          <Box
            component="span"
            sx={{
              ...{ width: 22, height: 22, borderRadius: 1 },
              ...sampleOf(colour),
              border: `2px dashed ${COLOURS.saffron}`,
            }}
          />
          {colourNameOf(colour)}
        </Box>
      ))}
    </Box>
  );
}

/** What becomes of a picture's colours on this blank: beside the screen and the paper, and measured. */
export function ColoursSection({ art, takeIn }: { art: Artwork; takeIn: TakeIn }) {
  const { job } = useJob();
  const ground = useGround();
  const wanted = useMemo(() => [art.sha256], [art.sha256]);
  const url = useArtPreviews(wanted).get(art.sha256);
  const { clear, faint } = useMemo(() => {
    if (!art.facts) return { clear: [], faint: [] };
    const lost = ground.transparent ? faintOn(art.facts, ground) : [];
    const all = contrastsOn(art.facts, ground).filter(({ before }) => before >= CLEAR_FROM);
    return { clear: [...all].sort((a, b) => a.after - b.after).slice(0, MOST_LISTED), faint: lost };
  }, [art.facts, ground]);
  const isFaint = ({ areas }: Contrast) => faint.some((each) => each.areas === areas);
  return (
    <Tucked
      title="Colours on this blank"
      now={faint.length > 0 ? `${faint.length} hardly show` : ''}
      open={faint.length > 0}
    >
      {url && <ThreeLooks url={url} ground={ground} />}
      <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
        {forecastLine(ground, job.blank.substrate.colourName)}
      </Typography>
      <OwnColoursLine takeIn={takeIn} />
      <OutOfReach art={art} own={ground.own} />
      {clear.length > 0 && (
        <>
          <Typography sx={{ fontSize: 15 }}>
            Side by side in the file, then pressed: how far apart for the eye (10 at a glance).
          </Typography>
          <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
            {clear.map((contrast, i) => (
              <ContrastRow key={i} contrast={contrast} ground={ground} faint={isFaint(contrast)} />
            ))}
          </Box>
        </>
      )}
    </Tucked>
  );
}

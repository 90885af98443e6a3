'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import { facesOf } from '@/core/blank';
import type { Face } from '@/core/form';
import { bentOutline, pathData, regionBox } from '@/core/geometry';
import type { Blank } from '@/core/model';
import { formatSize } from '@/words/units';
import { COLOURS, FONTS } from '@/ui/theme';
import { FORM_PARTS } from '@/ui/blank/formParts';
import { useUnits } from '@/ui/units';

/** The blank's first face, small, in its own proportions; a tapered wall as it lies unrolled. */
function Thumbnail({ face, colour }: { face: Face | undefined; colour: string }) {
  if (!face || face.widthMm <= 0 || face.heightMm <= 0) return <Box sx={{ width: 84 }} />;
  const outline = face.development
    ? [bentOutline(face, face.development, { x: 0, y: 0 })]
    : face.region;
  const { x, y, width, height } = regionBox(outline);
  const thin = Math.max(width, height) / 70;
  return (
    <svg
      width={84}
      height={84}
      viewBox={`${x - thin} ${y - thin} ${width + 2 * thin} ${height + 2 * thin}`}
      aria-hidden="true"
      style={{ flexShrink: 0 }}
    >
      <path
        d={pathData(outline)}
        fillRule="evenodd"
        fill={colour}
        stroke={COLOURS.ink}
        strokeWidth={thin}
      />
      {face.zones
        .filter(({ kind }) => kind === 'cut-away')
        .map(({ id, region }) => (
          <path
            key={id}
            d={pathData(region)}
            fill={COLOURS.paper}
            stroke={COLOURS.ink}
            strokeWidth={thin}
          />
        ))}
    </svg>
  );
}

interface RowProps {
  blank: Blank;
  onCopy: () => void;
  onEdit?: () => void;
  onRemove?: () => void;
}

/** A blank of the shelf: what it is, how large, and what can be done with it. */
export function BlankRow({ blank, onCopy, onEdit, onRemove }: RowProps) {
  const { length } = useUnits();
  const faces = facesOf(blank);
  const [face] = faces;
  const button = (label: string, run: () => void) => (
    <Button size="small" onClick={run} aria-label={`${label}: ${blank.name}`}>
      {label}
    </Button>
  );
  return (
    <Paper
      component="li"
      variant="outlined"
      sx={{ p: 1.5, display: 'flex', gap: 2, borderColor: COLOURS.hairline }}
    >
      <Thumbnail face={face} colour={blank.substrate.colour} />
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Typography variant="h3" component="h3" sx={{ overflowWrap: 'anywhere' }}>
          {blank.name}
        </Typography>
        <Typography sx={{ fontFamily: FONTS.figure, fontSize: 14 }}>
          {face && formatSize(face.widthMm, face.heightMm, length)}
          {faces.length > 1 && ` · ${faces.length} faces`}
        </Typography>
        <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
          {FORM_PARTS[blank.form.kind].label}, {blank.substrate.material}; {blank.origin}
        </Typography>
        {(blank.about.rating !== null || blank.about.note !== '') && (
          <Typography sx={{ fontSize: 14, overflowWrap: 'anywhere' }}>
            {blank.about.rating !== null && `${blank.about.rating} of 5. `}
            {blank.about.again === true && 'Would buy again. '}
            {blank.about.again === false && 'Would not buy again. '}
            {blank.about.note}
          </Typography>
        )}
        <Box sx={{ ml: -1.25 }}>
          {onEdit && button('Edit', onEdit)}
          {button('Copy', onCopy)}
          {onRemove && button('Take off', onRemove)}
        </Box>
      </Box>
    </Paper>
  );
}

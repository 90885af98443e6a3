'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import MenuItem from '@mui/material/MenuItem';
import Tooltip from '@mui/material/Tooltip';
import CloseIcon from '@mui/icons-material/Close';
import UndoIcon from '@mui/icons-material/UndoOutlined';
import { useRef } from 'react';
import { sizeCalled, withItem, withItemPicture, withoutItem } from '@/core/job';
import { isCutOut, sizeScale } from '@/core/layout';
import { MAX_COPIES, passIds, pictureOn, seenFrom, type Item, type Placement } from '@/core/model';
import { TEE_WIDTHS_IN } from '@/core/shelf';
import { BLANK_COLOURS, Swatch } from '@/ui/blank/colours';
import { SelectField } from '@/ui/fields/SelectField';
import { CountField } from '@/ui/fields/CountField';
import { LengthField } from '@/ui/fields/QuantityField';
import { WordsField } from '@/ui/fields/WordsField';
import { useJob } from '@/ui/job/jobContext';
import { COLOURS } from '@/ui/theme';
import type { Items } from './useItems';

interface LineProps {
  item: Item;
  /** What it is called, apart from all others. */
  label: string;
  /** The places of the design that a row may have a picture of its own in. */
  places: readonly Placement[];
  previews: ReadonlyMap<string, string>;
  items: Items;
}

/** The picture a row has in one place of the design; a touch takes another one, for this row alone. */
function PlacePicture({
  item,
  label,
  place,
  previews,
  items,
}: Omit<LineProps, 'places'> & { place: Placement }) {
  const { job, editDesign } = useJob();
  const input = useRef<HTMLInputElement>(null);
  const sha256 = pictureOn(item, place);
  const art = job.arts.find((each) => each.sha256 === sha256);
  const url = previews.get(sha256);
  const own = sha256 !== place.artSha256;
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', width: 94 }}>
      <input
        ref={input}
        type="file"
        hidden
        aria-label={`Picture file for ${label}`}
        onChange={({ target }) => {
          const [file] = target.files ?? [];
          if (file) void items.givePicture(item.id, place.id, file);
          target.value = '';
        }}
      />
      <Button
        variant="outlined"
        color="inherit"
        aria-label={`${art?.name ?? 'no picture'} on ${label}: choose another`}
        onClick={() => input.current?.click()}
        // a ground that light and dark letters are seen on
        sx={{ width: 56, minWidth: 56, height: 56, p: 0.25, bgcolor: '#A8A49A' }}
      >
        {url && (
          // eslint-disable-next-line @next/next/no-img-element -- a blob from the browser's own storage needs no image server
          <img src={url} alt="" style={{ maxWidth: '100%', maxHeight: '100%' }} />
        )}
      </Button>
      {own && !art?.text && (
        <Tooltip title="The design’s picture again">
          <IconButton
            size="small"
            aria-label={`The design’s picture again on ${label}`}
            onClick={() => editDesign((now) => withItemPicture(now, item.id, place.id, null))}
          >
            <UndoIcon fontSize="small" />
          </IconButton>
        </Tooltip>
      )}
    </Box>
  );
}

/** The size of the garment of a row: the blank's own, one of the usual ones, or a width of its own. */
function SizeFields({ item, label }: Pick<LineProps, 'item' | 'label'>) {
  const { job, editDesign } = useJob();
  const { form } = job.blank;
  if (form.kind !== 'garment') return null;
  const set = (size: Item['size']) =>
    editDesign((now) => withItem(now, item.id, { size }), `size-${item.id}`);
  const names = Object.keys(TEE_WIDTHS_IN).filter((name) => name !== form.size);
  const known = !item.size || names.includes(item.size.name);
  return (
    <>
      <SelectField
        label="Size"
        value={item.size?.name ?? ''}
        slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
        onChange={({ target }) => set(sizeCalled(target.value, form.size) ?? null)}
        sx={{ width: 92 }}
      >
        <MenuItem value="">{form.size}</MenuItem>
        {names.map((name) => (
          <MenuItem key={name} value={name}>
            {name}
          </MenuItem>
        ))}
        {!known && item.size && <MenuItem value={item.size.name}>{item.size.name}</MenuItem>}
      </SelectField>
      {item.size && (
        <Box sx={{ width: 110 }}>
          <LengthField
            label={`Across, ${label}`}
            value={item.size.widthMm}
            min={20}
            max={2000}
            helperText={`art at ${Math.round(100 * sizeScale(item.size, form.widthMm))} %`}
            onValue={(widthMm) => item.size && set({ ...item.size, widthMm })}
          />
        </Box>
      )}
    </>
  );
}

function ColourChoice({ item }: Pick<LineProps, 'item'>) {
  const { job, editDesign } = useJob();
  const { colour: own, colourName } = job.blank.substrate;
  const others = BLANK_COLOURS.filter(([colour]) => colour !== own);
  const known = others.some(([colour]) => colour === item.colour?.colour);
  return (
    <SelectField
      label="Colour"
      value={item.colour?.colour ?? ''}
      slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
      onChange={({ target }) => {
        const chosen = others.find(([colour]) => colour === target.value);
        const colour = chosen ? { colour: chosen[0], colourName: chosen[1] } : null;
        editDesign((now) => withItem(now, item.id, { colour }));
      }}
      sx={{ width: 150 }}
    >
      <MenuItem value="">
        <Swatch colour={own} />
        {colourName}
      </MenuItem>
      {others.map(([colour, name]) => (
        <MenuItem key={colour} value={colour}>
          <Swatch colour={colour} />
          {name}
        </MenuItem>
      ))}
      {!known && item.colour && (
        <MenuItem value={item.colour.colour}>
          <Swatch colour={item.colour.colour} />
          {item.colour.colourName}
        </MenuItem>
      )}
    </SelectField>
  );
}

/** What of a ready-made sheet a row is made with: what is cut out of it, or what is left. */
function PartChoice({ item, label }: Pick<LineProps, 'item' | 'label'>) {
  const { job, editDesign } = useJob();
  if (!passIds(job).some((id) => isCutOut(seenFrom(job, id)))) return null;
  return (
    <SelectField
      label={`Of the sheet, ${label}`}
      value={item.ground ? 'ground' : 'motif'}
      onChange={({ target }) =>
        editDesign((now) => withItem(now, item.id, { ground: target.value === 'ground' }))
      }
      sx={{ width: 190 }}
    >
      <MenuItem value="motif">What is cut out</MenuItem>
      <MenuItem value="ground">What is left</MenuItem>
    </SelectField>
  );
}

/** One row of what is made: its pictures, name, size, colour and copies. */
export function ItemLine(props: LineProps) {
  const { item, label, places } = props;
  const { job, editDesign } = useJob();
  const change = (part: Partial<Omit<Item, 'id'>>, group: string) =>
    editDesign((now) => withItem(now, item.id, part), `${group}-${item.id}`);
  return (
    <Box
      role="group"
      aria-label={label || 'The one thing'}
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'flex-start',
        gap: 1.5,
        py: 1.5,
        borderTop: `1px solid ${COLOURS.hairline}`,
      }}
    >
      {places.map((place) => (
        <PlacePicture key={place.id} {...props} place={place} />
      ))}
      <Box sx={{ flex: '1 1 180px', display: 'grid' }}>
        <WordsField
          label="Name"
          value={item.name}
          most={120}
          onWords={(name) => change({ name }, 'name')}
        />
      </Box>
      <SizeFields item={item} label={label} />
      <ColourChoice item={item} />
      <PartChoice item={item} label={label} />
      <Box sx={{ width: 92 }}>
        <CountField
          label="Copies"
          value={item.copies}
          min={1}
          max={MAX_COPIES}
          onValue={(copies) => change({ copies }, 'copies')}
        />
      </Box>
      <IconButton
        aria-label={`Take ${label || 'this row'} off`}
        disabled={job.items.length === 1}
        onClick={() => editDesign((now) => withoutItem(now, item.id))}
      >
        <CloseIcon />
      </IconButton>
    </Box>
  );
}

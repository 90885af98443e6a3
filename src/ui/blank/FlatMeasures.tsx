'use client';

import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useRef } from 'react';
import type { FormOf } from '@/core/form';
import { formatLength, formatSize } from '@/words/units';
import { outlineFromSvg } from '@/files/svg';
import { textOf } from '@/files/text';
import { Choice } from '../fields/Choice';
import { LengthField } from '../fields/QuantityField';
import { useNotify } from '../notify';
import { Pair } from '../Section';
import { COLOURS } from '../theme';
import { useUnits } from '../units';
import { useBlankEdit } from './BlankEditor';

type Flat = 'panel' | 'disc' | 'outline';

/** What every flat blank has: how many sides are pressed, and a band to keep clear. */
function CommonFlat({ form }: { form: FormOf<Flat> }) {
  const { measure } = useBlankEdit();
  const set = (part: Partial<Pick<FormOf<Flat>, 'sides' | 'edgeKeepOutMm'>>, group: string) =>
    measure(form.kind, part, group);
  return (
    <>
      <LengthField
        label="Keep clear along the edge"
        value={form.edgeKeepOutMm}
        min={0}
        max={200}
        helperText="hems, rounded rims, where a shift would show"
        onValue={(edgeKeepOutMm) => set({ edgeKeepOutMm }, 'edge')}
      />
      <Choice
        label="How many sides are pressed"
        value={form.sides}
        options={[
          [1, 'One side'],
          [2, 'Both sides'],
        ]}
        onChoose={(sides) => set({ sides: sides === 2 ? 2 : 1 }, '')}
      />
    </>
  );
}

/** Nominal against measured, in words. */
function NominalNote({
  nominal,
  width,
  height,
}: {
  nominal: FormOf<'panel'>['nominal'];
  width: number;
  height: number;
}) {
  const { length } = useUnits();
  if (!nominal) return null;
  const same = nominal.widthMm === width && nominal.heightMm === height;
  const less = (sold: number, is: number) => formatLength(Math.abs(sold - is), length);
  return (
    <Typography sx={{ fontSize: 14, color: COLOURS.saffron }}>
      Sold as {formatSize(nominal.widthMm, nominal.heightMm, length)};{' '}
      {same
        ? 'measure yours.'
        : `yours differs by ${less(nominal.widthMm, width)} and ${less(nominal.heightMm, height)}.`}
    </Typography>
  );
}

export function PanelMeasures({ form }: { form: FormOf<'panel'> }) {
  const { measure } = useBlankEdit();
  const set = (part: Partial<FormOf<'panel'>>, group: string) => measure('panel', part, group);
  return (
    <>
      <Pair>
        <LengthField
          label="Width, measured"
          value={form.widthMm}
          min={1}
          max={3000}
          onValue={(widthMm) => set({ widthMm }, 'width')}
        />
        <LengthField
          label="Height, measured"
          value={form.heightMm}
          min={1}
          max={3000}
          onValue={(heightMm) => set({ heightMm }, 'height')}
        />
      </Pair>
      <NominalNote nominal={form.nominal} width={form.widthMm} height={form.heightMm} />
      <LengthField
        label="Corner radius"
        value={form.cornerRadiusMm}
        min={0}
        max={500}
        helperText="0 for sharp corners"
        onValue={(cornerRadiusMm) => set({ cornerRadiusMm }, 'corner')}
      />
      <CommonFlat form={form} />
    </>
  );
}

export function DiscMeasures({ form }: { form: FormOf<'disc'> }) {
  const { measure } = useBlankEdit();
  const set = (part: Partial<FormOf<'disc'>>, group: string) => measure('disc', part, group);
  return (
    <>
      <LengthField
        label="Diameter, measured"
        value={form.diameterMm}
        min={1}
        max={1000}
        onValue={(diameterMm) => set({ diameterMm }, 'diameter')}
      />
      <NominalNote nominal={form.nominal} width={form.diameterMm} height={form.diameterMm} />
      <Pair>
        <LengthField
          label="Hole across"
          value={form.holeMm}
          min={0}
          max={form.diameterMm / 2}
          helperText="0 without hole"
          onValue={(holeMm) => set({ holeMm }, 'hole')}
        />
        <LengthField
          label="Hole from the edge"
          value={form.holeFromEdgeMm}
          min={0}
          max={form.diameterMm}
          onValue={(holeFromEdgeMm) => set({ holeFromEdgeMm }, 'hole-from')}
        />
      </Pair>
      <Choice
        label="That distance runs"
        value={form.holeMeasuredTo}
        options={[
          ['edge', 'to the hole’s edge'],
          ['centre', 'to its middle'],
        ]}
        onChoose={(holeMeasuredTo) => set({ holeMeasuredTo }, '')}
      />
      <CommonFlat form={form} />
    </>
  );
}

export function OutlineMeasures({ form }: { form: FormOf<'outline'> }) {
  const { measure } = useBlankEdit();
  const notify = useNotify();
  const { length } = useUnits();
  const input = useRef<HTMLInputElement>(null);
  const xs = form.rings.flat().map(([x]) => x);
  const ys = form.rings.flat().map(([, y]) => y);
  const [width, height] = [Math.max(...xs), Math.max(...ys)];

  async function take(file: File) {
    const read = outlineFromSvg(await textOf(file));
    if (!read.ok) return notify({ tone: 'error', text: `“${file.name}”: ${read.reason}` });
    measure('outline', { rings: read.value }, '');
  }

  /** One true width sets the scale of the whole outline. */
  function rescale(widthMm: number) {
    const by = widthMm / width;
    measure(
      'outline',
      { rings: form.rings.map((ring) => ring.map(([x, y]) => [x * by, y * by])) },
      'outline-width',
    );
  }

  return (
    <>
      <input
        ref={input}
        type="file"
        accept=".svg,image/svg+xml"
        hidden
        aria-label="Outline as an SVG file"
        onChange={({ target }) => {
          const [file] = target.files ?? [];
          if (file) void take(file);
          target.value = '';
        }}
      />
      <Button variant="outlined" onClick={() => input.current?.click()}>
        Take the outline from an SVG
      </Button>
      <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
        {formatSize(width, height, length)}, {form.rings.length - 1}{' '}
        {form.rings.length === 2 ? 'hole' : 'holes'}
      </Typography>
      <LengthField
        label="Width, measured"
        value={width}
        min={1}
        max={2000}
        helperText="sets the scale of the whole outline"
        onValue={rescale}
      />
      <CommonFlat form={form} />
    </>
  );
}

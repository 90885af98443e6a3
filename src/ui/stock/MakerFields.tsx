'use client';

import Button from '@mui/material/Button';
import FormControl from '@mui/material/FormControl';
import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import {
  MAX_TIMES,
  productFiguresSchema,
  type Pressure,
  type Product,
  type ProductFigures,
  type TimeBySize,
} from '@/core/model';
import { inches } from '@/core/units';
import { useBench } from '../bench/BenchProvider';
import { SelectField } from '../fields/SelectField';
import { DurationField, LengthField, TemperatureField } from '../fields/QuantityField';
import { WordsField } from '../fields/WordsField';
import { Pair } from '../Section';

const PEELS = ['hot', 'warm', 'cold'] as const;
const PRESSURES: readonly Pressure[] = ['light', 'medium', 'firm'];
/** Where a new line of a table begins, mm and s. */
const FIRST_LINE: TimeBySize = { widthMm: inches(4), heightMm: inches(4), dwellS: 30 };

interface MakerFieldsProps {
  product: Product;
  change: (part: Partial<Product>) => void;
}

/** One of some words, or not known. */
function Words<T extends string>(props: {
  label: string;
  value: T | null;
  options: readonly T[];
  onChoose: (value: T | null) => void;
}) {
  const { label, value, options, onChoose } = props;
  return (
    <SelectField
      label={label}
      value={value ?? ''}
      onChange={({ target }) => onChoose(target.value === '' ? null : (target.value as T))}
    >
      <MenuItem value="">not said</MenuItem>
      {options.map((option) => (
        <MenuItem key={option} value={option}>
          {option}
        </MenuItem>
      ))}
    </SelectField>
  );
}

/** The maker's table: up to such a size, so long. */
function Times({
  times,
  onTimes,
}: {
  times: readonly TimeBySize[];
  onTimes: (times: TimeBySize[]) => void;
}) {
  const put = (at: number, part: Partial<TimeBySize>) =>
    onTimes(times.map((each, i) => (i === at ? { ...each, ...part } : each)));
  return (
    <>
      {times.map(({ widthMm, heightMm, dwellS }, i) => (
        <FormControl
          key={i}
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr 1fr', sm: '1fr 1fr 1fr auto' },
            gap: 1,
          }}
        >
          <LengthField
            label={`Up to, width ${i + 1}`}
            value={widthMm}
            min={5}
            max={2000}
            onValue={(mm) => put(i, { widthMm: mm })}
          />
          <LengthField
            label={`Height ${i + 1}`}
            value={heightMm}
            min={5}
            max={2000}
            onValue={(mm) => put(i, { heightMm: mm })}
          />
          <DurationField
            label={`Time ${i + 1}`}
            value={dwellS}
            min={1}
            max={7200}
            onValue={(s) => put(i, { dwellS: s })}
          />
          <Button
            aria-label={`Take line ${i + 1} away`}
            onClick={() => onTimes(times.filter((_, n) => n !== i))}
          >
            ×
          </Button>
        </FormControl>
      ))}
      {times.length < MAX_TIMES && (
        <Button
          size="small"
          sx={{ alignSelf: 'flex-start' }}
          onClick={() => onTimes([...times, times.at(-1) ?? FIRST_LINE])}
        >
          Add a line: up to such a size, so long
        </Button>
      )}
    </>
  );
}

/** Temperatures and times for one machine. */
function OnMachine({
  figures,
  set,
}: {
  figures: ProductFigures;
  set: (part: Partial<ProductFigures>) => void;
}) {
  const seconds = (label: string, key: 'dwellS' | 'prePressS' | 'filmS') => (
    <DurationField
      label={label}
      value={figures[key]}
      min={1}
      max={7200}
      onValue={(s) => set({ [key]: s })}
      onClear={() => set({ [key]: null })}
    />
  );
  return (
    <>
      <Pair>
        <TemperatureField
          label="Temperature"
          value={figures.temperatureC}
          min={20}
          max={400}
          onValue={(temperatureC) => set({ temperatureC })}
          onClear={() => set({ temperatureC: null })}
        />
        {seconds('Time', 'dwellS')}
        {seconds('Pre-press', 'prePressS')}
        {seconds('Film', 'filmS')}
      </Pair>
      <Words
        label="Pressure"
        value={figures.pressure}
        options={PRESSURES}
        onChoose={(pressure) => set({ pressure })}
      />
      <Times times={figures.times} onTimes={(times) => set({ times })} />
    </>
  );
}

/** What the maker of a paper or film says: peel, mirroring, washing, and figures by machine. */
export function MakerFields({ product, change }: MakerFieldsProps) {
  const { shelf } = useBench();
  const [machineId, setMachineId] = useState(
    product.figures[0]?.machineId ?? shelf.machines[0]?.id ?? '',
  );
  const known = product.figures.find((each) => each.machineId === machineId);
  const figures = known ?? productFiguresSchema.parse({ machineId });
  const others = product.figures.filter((each) => each !== known);
  return (
    <>
      <Pair>
        <Words
          label="Peel"
          value={product.peel}
          options={PEELS}
          onChoose={(peel) => change({ peel })}
        />
        <Words
          label="Mirrored"
          value={product.mirrored === null ? null : product.mirrored ? 'yes' : 'no'}
          options={['yes', 'no']}
          onChoose={(said) => change({ mirrored: said === null ? null : said === 'yes' })}
        />
      </Pair>
      <WordsField
        label="Washing"
        value={product.wash}
        most={300}
        rows={2}
        onWords={(wash) => change({ wash })}
      />
      <SelectField
        label="Figures on this machine"
        value={machineId}
        onChange={({ target }) => setMachineId(target.value)}
      >
        {shelf.machines.map(({ id, name }) => (
          <MenuItem key={id} value={id}>
            {name}
          </MenuItem>
        ))}
      </SelectField>
      <Typography sx={{ fontSize: 14 }}>
        They outrank the usual figures on that machine; your own for a blank outrank both.
      </Typography>
      <OnMachine
        key={machineId}
        figures={figures}
        set={(part) => change({ figures: [...others, { ...figures, ...part }] })}
      />
      {known && (
        <Button
          size="small"
          sx={{ alignSelf: 'flex-start' }}
          onClick={() => change({ figures: others })}
        >
          Forget them for this machine
        </Button>
      )}
    </>
  );
}

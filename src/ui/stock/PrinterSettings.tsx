'use client';

import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import type { Product } from '@/core/model';
import { useBench } from '../bench/BenchProvider';
import { SelectField } from '../fields/SelectField';
import { WordsField } from '../fields/WordsField';
import { Pair } from '../Section';

interface PrinterSettingsProps {
  product: Product;
  change: (part: Partial<Product>) => void;
}

/** What each printer was set to when a print on this paper came out well. */
export function PrinterSettings({ product, change }: PrinterSettingsProps) {
  const { shelf } = useBench();
  const [printerId, setPrinterId] = useState(
    product.settings[0]?.printerId ?? shelf.printers[0]?.id ?? '',
  );
  const own = product.settings.find((each) => each.printerId === printerId);
  const others = product.settings.filter((each) => each !== own);
  const set = (part: { media?: string; quality?: string }) =>
    change({
      settings: [...others, { media: '', quality: '', ...own, ...part, printerId }],
    });
  return (
    <>
      <SelectField
        label="On this printer"
        value={printerId}
        onChange={({ target }) => setPrinterId(target.value)}
      >
        {shelf.printers.map(({ id, name }) => (
          <MenuItem key={id} value={id}>
            {name}
          </MenuItem>
        ))}
      </SelectField>
      <Pair>
        <WordsField
          key={`${printerId} media`}
          label="Paper kind set"
          value={own?.media ?? ''}
          most={100}
          onWords={(media) => set({ media })}
        />
        <WordsField
          key={`${printerId} quality`}
          label="Quality set"
          value={own?.quality ?? ''}
          most={100}
          onWords={(quality) => set({ quality })}
        />
      </Pair>
      {own && (
        <Button
          size="small"
          sx={{ alignSelf: 'flex-start' }}
          onClick={() => change({ settings: others })}
        >
          Forget these settings
        </Button>
      )}
    </>
  );
}

'use client';

import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import {
  productSchema,
  SHEET_GOODS,
  TRANSFER_KINDS,
  type Paper,
  type Product,
  type TransferKind,
} from '@/core/model';
import { TRANSFER_WORDS } from '@/words';
import { SelectField } from '../fields/SelectField';
import { CountField } from '../fields/CountField';
import { PriceField } from '../fields/PriceField';
import { LengthField } from '../fields/QuantityField';
import { WordsField } from '../fields/WordsField';
import { Pair } from '../Section';
import { Tucked } from '../Tucked';
import { MakerFields } from './MakerFields';
import { PrinterSettings } from './PrinterSettings';

const GOODS: Readonly<Record<Paper['is'], string>> = {
  paper: 'Paper to print on',
  'ready-made': 'Ready-made sheet: vinyl, dye sheet',
  film: 'Film that takes dye',
};

/** With its short side as the width, whichever way the two were typed. */
const upright = (paper: Paper): Paper => ({
  ...paper,
  widthMm: Math.min(paper.widthMm, paper.heightMm),
  heightMm: Math.max(paper.widthMm, paper.heightMm),
});

/** Nothing known but that it was bought. */
const UNKNOWN: Product = productSchema.parse({ transfer: null });
/** Sheets in a pack that is not looked at yet. */
const USUAL_PACK = 10;

interface PartProps {
  product: Product;
  change: (part: Partial<Product>) => void;
}

/** Pack, price and what is left. */
function Pack({ product: { pack, left }, change }: PartProps) {
  return (
    <>
      <Pair>
        <CountField
          label="Sheets in a pack"
          value={pack?.sheets ?? null}
          min={1}
          max={1000}
          onValue={(sheets) => change({ pack: { price: null, ...pack, sheets } })}
          onClear={() => change({ pack: null })}
        />
        <PriceField
          label="Price of a pack"
          value={pack?.price ?? null}
          onValue={(price) => change({ pack: { sheets: USUAL_PACK, ...pack, price } })}
          onClear={() => change({ pack: pack && { ...pack, price: null } })}
        />
      </Pair>
      <CountField
        label="Sheets left"
        value={left}
        min={0}
        max={10_000}
        onValue={(count) => change({ left: count })}
        onClear={() => change({ left: null })}
      />
    </>
  );
}

/** Its name, size and what it is for. */
function Kind({
  paper,
  product,
  set,
  change,
}: PartProps & { paper: Paper; set: (part: Partial<Paper>) => void }) {
  return (
    <>
      <WordsField
        label="Name of this paper"
        value={paper.name}
        most={120}
        needed="It needs a name; it keeps its last one."
        onWords={(name) => set({ name })}
      />
      <Pair>
        <LengthField
          label="Short side"
          value={paper.widthMm}
          min={50}
          max={2000}
          onValue={(widthMm) => set({ widthMm })}
        />
        <LengthField
          label="Long side"
          value={paper.heightMm}
          min={50}
          max={5000}
          onValue={(heightMm) => set({ heightMm })}
        />
      </Pair>
      <SelectField
        label="What it is"
        value={paper.is}
        onChange={({ target }) => set({ is: target.value as Paper['is'] })}
      >
        {SHEET_GOODS.map((is) => (
          <MenuItem key={is} value={is}>
            {GOODS[is]}
          </MenuItem>
        ))}
      </SelectField>
      <SelectField
        label="Made for"
        value={product.transfer ?? ''}
        onChange={({ target }) =>
          change({ transfer: target.value === '' ? null : (target.value as TransferKind) })
        }
      >
        <MenuItem value="">anything of its kind</MenuItem>
        {TRANSFER_KINDS.map((kind) => (
          <MenuItem key={kind} value={kind}>
            {TRANSFER_WORDS[kind].label}
          </MenuItem>
        ))}
      </SelectField>
    </>
  );
}

interface PaperDialogProps {
  /** What is changed; a preset is kept as the person's own under a new identity. */
  start: Paper;
  onKeep: (paper: Paper) => void;
  onClose: () => void;
}

/** A paper, film or ready-made sheet as it was bought. */
export function PaperDialog({ start, onKeep, onClose }: PaperDialogProps) {
  const [paper, setPaper] = useState(start);
  const product = paper.product ?? UNKNOWN;
  const set = (part: Partial<Paper>) => setPaper((old) => ({ ...old, ...part }));
  const change = (part: Partial<Product>) =>
    setPaper((old) => ({ ...old, product: { ...(old.product ?? UNKNOWN), ...part } }));
  const parts = { product, change };
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="paper-title">
      <DialogTitle id="paper-title">As it was bought</DialogTitle>
      <DialogContent sx={{ display: 'flex', flexDirection: 'column', gap: 1.5 }}>
        <span />
        <Kind {...parts} paper={paper} set={set} />
        <Pack {...parts} />
        <WordsField
          label={paper.is === 'paper' ? 'Which side is printed' : 'Which side faces the blank'}
          value={product.side}
          most={200}
          helperText="As the packet shows it: “the side without the grid”."
          onWords={(side) => change({ side })}
        />
        <LengthField
          label="Thickness"
          value={product.thicknessMm}
          min={0}
          max={20}
          onValue={(thicknessMm) => change({ thicknessMm })}
          onClear={() => change({ thicknessMm: null })}
        />
        {paper.is === 'paper' && (
          <Tucked title="Print dialog that worked" now={String(product.settings.length || 'none')}>
            <PrinterSettings {...parts} />
          </Tucked>
        )}
        <Tucked title="What its maker says" now={product.figures.length > 0 ? 'noted' : ''}>
          <MakerFields {...parts} />
        </Tucked>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave it</Button>
        <Button variant="contained" onClick={() => onKeep({ ...upright(paper), product })}>
          Keep it on the shelf
        </Button>
      </DialogActions>
    </Dialog>
  );
}

'use client';

import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import type { Printer } from '@/core/model';
import { useBench } from '@/ui/bench/BenchProvider';
import { SelectField } from '@/ui/fields/SelectField';
import { NumberField } from '@/ui/fields/NumberField';
import { LengthField } from '@/ui/fields/QuantityField';
import { useJob } from '@/ui/job/jobContext';
import { Pair, Section } from '@/ui/Section';
import { WordsField } from '@/ui/fields/WordsField';
import { SwitchField } from '@/ui/fields/SwitchField';
import { COLOURS } from '@/ui/theme';

const INKS: readonly Printer['ink'][] = ['sublimation', 'ordinary inkjet', 'laser toner'];
const SETTINGS = [
  ['media', 'Paper kind that worked'],
  ['quality', 'Quality that worked'],
  ['colour', 'Colour mode or profile, gamma'],
] as const;
const SIDES = ['top', 'bottom', 'left', 'right'] as const;

/** What a check bar of 100 mm can measure, mm: anything else was measured wrong. */
function readBar(text: string): number | null {
  const number = Number(
    text
      .trim()
      .replace(',', '.')
      .replace(/\s*mm$/, ''),
  );
  return text.trim() !== '' && number >= 80 && number <= 120 ? number : null;
}
const BAR_ASKS = 'From 80 to 120 mm; measure it again.';

/** The printer and what must be known of it; changes are kept on the shelf for every job. */
export function PrinterFields() {
  const { edit, plan } = useJob();
  const { shelf, addToShelf } = useBench();
  // as it is on the shelf by now: the plan may still be of before the last change
  const printer =
    shelf.printers.find(({ id }) => id === plan.tools.printer.id) ?? plan.tools.printer;
  const change = (part: Partial<Printer>) =>
    void addToShelf({ printers: [{ ...printer, ...part, origin: 'own setting' }] });
  return (
    <Section title="Printer">
      <SelectField
        label="Printer"
        value={printer.id}
        onChange={({ target }) =>
          edit((old) => ({ ...old, sheet: { ...old.sheet, printerId: target.value } }))
        }
      >
        {shelf.printers.map(({ id, name }) => (
          <MenuItem key={id} value={id}>
            {name}
          </MenuItem>
        ))}
      </SelectField>
      <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
        Figures: {printer.origin}. Changes here are kept for every job with this printer.
      </Typography>
      <SelectField
        label="It is filled with"
        value={printer.ink}
        onChange={({ target }) => change({ ink: target.value as Printer['ink'] })}
      >
        {INKS.map((ink) => (
          <MenuItem key={ink} value={ink}>
            {ink}
          </MenuItem>
        ))}
      </SelectField>
      <Typography sx={{ fontSize: 14 }}>Borders it cannot print</Typography>
      <Pair>
        {SIDES.map((side) => (
          <LengthField
            key={side}
            label={side[0]?.toUpperCase() + side.slice(1)}
            value={printer.marginsMm[side]}
            min={0}
            max={50}
            onValue={(mm) => change({ marginsMm: { ...printer.marginsMm, [side]: mm } })}
          />
        ))}
      </Pair>
      <LengthField
        label="Widest paper it takes"
        value={printer.maxPaperWidthMm}
        min={50}
        max={2000}
        onValue={(maxPaperWidthMm) => change({ maxPaperWidthMm })}
      />
      <Typography sx={{ fontSize: 14 }}>
        The check bar of 100 mm measured on a print at 100 %: the next file makes up for it
      </Typography>
      <Pair>
        <NumberField
          label="Across the paper, mm"
          read={readBar}
          asks={BAR_ASKS}
          value={printer.barMm.across}
          onValue={(across) => change({ barMm: { ...printer.barMm, across } })}
        />
        <NumberField
          label="Along the paper, mm"
          read={readBar}
          asks={BAR_ASKS}
          value={printer.barMm.along}
          onValue={(along) => change({ barMm: { ...printer.barMm, along } })}
        />
      </Pair>
      {SETTINGS.map(([key, label]) => (
        <WordsField
          key={key}
          label={label}
          value={printer.settings[key]}
          most={100}
          onWords={(words) => change({ settings: { ...printer.settings, [key]: words } })}
        />
      ))}
      <WordsField
        label="How a sheet goes in"
        rows={2}
        most={200}
        value={printer.feedSide}
        onWords={(feedSide) => change({ feedSide })}
      />
      <SwitchField
        label="Its print dialog can mirror"
        checked={printer.driverCanMirror}
        onTurn={(driverCanMirror) => change({ driverCanMirror })}
      />
      <SwitchField
        label="It mirrors by itself"
        checked={printer.mirrorsOnItsOwn}
        onTurn={(mirrorsOnItsOwn) => change({ mirrorsOnItsOwn })}
      />
    </Section>
  );
}

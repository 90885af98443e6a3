'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import NextLink from 'next/link';
import { useRef } from 'react';
import type { Blank } from '@/core/model';
import { BUILT_IN_SHELF } from '@/core/shelf';
import { useBench } from '@/ui/bench/BenchProvider';
import { download } from '@/ui/files';
import { useNotify } from '@/ui/notify';
import { TopBar } from '@/ui/TopBar';
import { COLOURS } from '@/ui/theme';
import { BlankRow } from './BlankRow';
import { useMeasuring } from './measuring';
import { OwnTools } from './OwnTools';
import { newId } from '@/store';

const Counted = dynamic(() => import('./Counted').then((counted) => counted.Counted));
const OwnMoney = dynamic(() => import('./OwnMoney').then((money) => money.OwnMoney));
const MeasureDialog = dynamic(() => import('./MeasureDialog').then((m) => m.MeasureDialog));

const ownOnes = (blanks: readonly Blank[]): Blank[] =>
  blanks.filter((blank) => !BUILT_IN_SHELF.blanks.some((preset) => preset === blank));

/** A copy to be measured. */
const copyOf = (blank: Blank): Blank => ({
  ...blank,
  id: newId(),
  name: `${blank.name}, mine`.slice(0, 120),
  origin: 'measured',
});

/** The user's blanks and our presets: measured once, used in every job. */
export function ShelfScreen() {
  const { name: bench, shelf, addToShelf, removeFromShelf } = useBench();
  const { measuring, measure, change, leave } = useMeasuring(bench);
  const notify = useNotify();
  const input = useRef<HTMLInputElement>(null);
  const own = ownOnes(shelf.blanks);
  const presets = shelf.blanks.filter((blank) => !own.includes(blank));

  function keep(blank: Blank) {
    if (!addToShelf({ blanks: [blank] })) return;
    leave();
    notify({ tone: 'success', text: `“${blank.name}” is on your shelf.` });
  }

  async function take(file: File) {
    const { readBlanksFile } = await import('@/files/shelfFile');
    const read = readBlanksFile(await file.text());
    if (!read.ok) return notify({ tone: 'error', text: `“${file.name}”: ${read.reason}` });
    if (!addToShelf({ blanks: read.value })) return;
    notify({
      tone: 'success',
      text: `${read.value.length} ${read.value.length === 1 ? 'blank is' : 'blanks are'} on your shelf.`,
    });
  }

  async function save() {
    const { writeBlanksFile } = await import('@/files/shelfFile');
    download(
      'lucky-sheet-blanks.json',
      new Blob([writeBlanksFile(own)], { type: 'application/json' }),
    );
  }

  function remove(blank: Blank) {
    removeFromShelf('blanks', blank.id);
    notify({
      tone: 'info',
      text: `“${blank.name}” was taken off the shelf.`,
      action: { label: 'Undo', run: () => void addToShelf({ blanks: [blank] }) },
    });
  }

  const rows = (blanks: readonly Blank[], mine: boolean) => (
    <Box
      component="ul"
      aria-label={mine ? 'Your blanks' : 'Presets'}
      sx={{
        listStyle: 'none',
        m: 0,
        p: 0,
        display: 'grid',
        gap: 1.5,
        gridTemplateColumns: 'repeat(auto-fill, minmax(min(380px, 100%), 1fr))',
      }}
    >
      {blanks.map((blank) => (
        <BlankRow
          key={blank.id}
          blank={blank}
          onCopy={() => measure(copyOf(blank))}
          {...(mine ? { onEdit: () => measure(blank), onRemove: () => remove(blank) } : {})}
        />
      ))}
    </Box>
  );

  return (
    <Box sx={{ minHeight: '100dvh' }}>
      <TopBar
        title={
          <Typography component="span" sx={{ color: COLOURS.graphite }}>
            Shelf
          </Typography>
        }
      >
        <Button component={NextLink} href={`/${bench}`} color="inherit">
          Bench
        </Button>
      </TopBar>
      <Box component="main" sx={{ maxWidth: 1240, mx: 'auto', px: 3, py: 3 }}>
        <Stack
          direction="row"
          spacing={1.5}
          useFlexGap
          sx={{ alignItems: 'center', mb: 2.5, flexWrap: { xs: 'wrap', md: 'nowrap' } }}
        >
          <Typography variant="h1" sx={{ flex: { xs: '1 0 100%', md: 1 } }}>
            Blanks on the shelf
          </Typography>
          <input
            ref={input}
            type="file"
            accept=".json,application/json"
            hidden
            aria-label="Blanks as a file"
            onChange={({ target }) => {
              const [file] = target.files ?? [];
              if (file) void take(file);
              target.value = '';
            }}
          />
          <Button color="inherit" onClick={() => input.current?.click()}>
            Take in blanks
          </Button>
          <Button variant="outlined" disabled={own.length === 0} onClick={() => void save()}>
            Save mine as a file
          </Button>
          <Button
            variant="contained"
            onClick={() => {
              const [first] = BUILT_IN_SHELF.blanks;
              if (first) measure({ ...copyOf(first), name: 'My blank' });
            }}
          >
            Measure a blank
          </Button>
        </Stack>
        <Typography variant="h2" sx={{ mb: 1.5 }}>
          Yours
        </Typography>
        {own.length === 0 ? (
          <Typography sx={{ mb: 3, color: COLOURS.graphite }}>
            Nothing yet. Measure a blank once and every job can use it; or copy a preset and put
            your own figures in.
          </Typography>
        ) : (
          <Box sx={{ mb: 3 }}>{rows(own, true)}</Box>
        )}
        <OwnTools />
        <Counted />
        <OwnMoney />
        <Typography variant="h2" sx={{ mb: 1.5 }}>
          Presets
        </Typography>
        {rows(presets, false)}
      </Box>
      {measuring && (
        <MeasureDialog measuring={measuring} onChange={change} onKeep={keep} onClose={leave} />
      )}
    </Box>
  );
}

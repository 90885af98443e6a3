'use client';

import CloseIcon from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import { MOST_LEFT, type Good } from '@/core/model';
import { keyOf, SPENT_LAYERS } from '@/core/stock';
import { useBench } from '@/ui/bench/BenchProvider';
import { SelectField } from '@/ui/fields/SelectField';
import { CountField } from '@/ui/fields/CountField';
import { PriceField } from '@/ui/fields/PriceField';
import { useNotify } from '@/ui/notify';
import { useGoods } from '@/ui/stock';
import { COLOURS } from '@/ui/theme';
import { spentName } from '@/words';

/** One thing that is counted: how many are left, how it is bought, and spoiled ones for trying things on. */
function Row({
  good,
  onGood,
  onRemove,
}: {
  good: Good;
  onGood: (good: Good) => void;
  onRemove: () => void;
}) {
  const name = spentName(good);
  const pack = good.pack;
  const setPack = (count: number | null, price: number | null) =>
    onGood({ ...good, pack: count === null ? null : { count, price } });
  return (
    <Box
      component="li"
      aria-label={name}
      sx={{
        ...{ display: 'grid', gap: 1.5, alignItems: 'center', py: 1 },
        gridTemplateColumns: { xs: '1fr 1fr', md: '1.6fr repeat(4, 1fr) auto' },
        borderTop: `1px solid ${COLOURS.hairline}`,
      }}
    >
      <Typography sx={{ gridColumn: { xs: '1 / -1', md: 'auto' } }}>{name}</Typography>
      <CountField
        label="Left"
        value={good.left}
        min={0}
        max={MOST_LEFT}
        onValue={(left) => onGood({ ...good, left })}
        onClear={() => onGood({ ...good, left: null })}
      />
      <CountField
        label="In a pack"
        value={pack?.count ?? null}
        min={1}
        max={10_000}
        onValue={(count) => setPack(count, pack?.price ?? null)}
        onClear={() => setPack(null, null)}
      />
      {pack ? (
        <PriceField
          label="A pack costs"
          value={pack.price}
          onValue={(price) => setPack(pack.count, price)}
          onClear={() => setPack(pack.count, null)}
        />
      ) : (
        <span />
      )}
      {good.of.kind === 'blank' ? (
        <CountField
          label="Spoiled, to try on"
          value={good.test}
          min={0}
          max={MOST_LEFT}
          onValue={(test) => onGood({ ...good, test })}
        />
      ) : (
        <span />
      )}
      <IconButton aria-label={`Stop counting ${name}`} onClick={onRemove}>
        <CloseIcon />
      </IconButton>
    </Box>
  );
}

/** What is counted: blanks by the piece, and the papers and sleeves that are spent at the press. */
export function Counted() {
  const { shelf } = useBench();
  const [goods, setGood] = useGoods();
  const notify = useNotify();
  if (goods === null) return null;
  const counted = new Set(goods.map(({ id }) => id));
  const could = [
    ...shelf.blanks.map(({ id, name }) => ({ of: { kind: 'blank' as const, blankId: id }, name })),
    ...SPENT_LAYERS.map((is) => ({ of: { kind: 'supply' as const, is }, name: is })),
  ].filter(({ of }) => !counted.has(keyOf(of)));
  const add = (key: string) => {
    const chosen = could.find(({ of }) => keyOf(of) === key);
    if (chosen) setGood(key, { id: key, ...chosen, left: null, pack: null, test: 0 });
  };
  const remove = (good: Good) => {
    setGood(good.id, null);
    notify({
      tone: 'info',
      text: `“${spentName(good)}” is no longer counted.`,
      action: { label: 'Undo', run: () => setGood(good.id, good) },
    });
  };
  return (
    <Box component="section" aria-label="What is left" sx={{ mb: 4 }}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        What is left
      </Typography>
      <Typography sx={{ mb: 1.5, color: COLOURS.graphite }}>
        What an evening uses up is taken off when it is written down. Sheets are counted with their
        paper, on the Sheets station of a job.
      </Typography>
      <Box component="ul" aria-label="Counted" sx={{ listStyle: 'none', m: 0, p: 0, mb: 1.5 }}>
        {goods.map((good) => (
          <Row
            key={good.id}
            good={good}
            onGood={(next) => setGood(good.id, next)}
            onRemove={() => remove(good)}
          />
        ))}
      </Box>
      <SelectField
        label="Count something"
        value=""
        onChange={({ target }) => add(target.value)}
        sx={{ width: 320, maxWidth: '100%' }}
      >
        {could.map(({ of, name }) => (
          <MenuItem key={keyOf(of)} value={keyOf(of)}>
            {spentName({ of, name })}
          </MenuItem>
        ))}
      </SelectField>
    </Box>
  );
}

'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useBench } from '@/ui/bench/BenchProvider';
import { CountField } from '@/ui/fields/CountField';
import { PriceField } from '@/ui/fields/PriceField';
import { useMoney } from '@/ui/stock';
import { COLOURS } from '@/ui/theme';

/** What ink and electricity cost: the person's own figures, none of them guessed. */
export function OwnMoney() {
  const { shelf } = useBench();
  const [money, setMoney] = useMoney();
  const others = (id: string) => money.watts.filter(({ machineId }) => machineId !== id);
  return (
    <Box component="section" aria-label="Ink and electricity" sx={{ mb: 4 }}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        Ink and electricity
      </Typography>
      <Typography sx={{ mb: 1.5, color: COLOURS.graphite }}>
        Your own figures, for what an evening costs. What is left empty is left out of the sum.
      </Typography>
      <Box
        sx={{
          display: 'grid',
          gap: 1.5,
          gridTemplateColumns: 'repeat(auto-fill, minmax(230px, 1fr))',
        }}
      >
        <PriceField
          label="A millilitre of ink costs"
          value={money.inkPerMl}
          onValue={(inkPerMl) => setMoney({ ...money, inkPerMl })}
          onClear={() => setMoney({ ...money, inkPerMl: null })}
        />
        <CountField
          label="Millilitres on a full square metre"
          value={money.inkMlPerM2}
          min={0}
          max={200}
          onValue={(inkMlPerM2) => setMoney({ ...money, inkMlPerM2 })}
          onClear={() => setMoney({ ...money, inkMlPerM2: null })}
        />
        <PriceField
          label="A kilowatt hour costs"
          value={money.perKwh}
          onValue={(perKwh) => setMoney({ ...money, perKwh })}
          onClear={() => setMoney({ ...money, perKwh: null })}
        />
        {shelf.machines.map(({ id, name }) => (
          <CountField
            key={id}
            label={`${name}, watts`}
            value={money.watts.find(({ machineId }) => machineId === id)?.watts ?? null}
            min={0}
            max={20_000}
            onValue={(watts) =>
              setMoney({ ...money, watts: [...others(id), { machineId: id, watts }] })
            }
            onClear={() => setMoney({ ...money, watts: others(id) })}
          />
        ))}
      </Box>
    </Box>
  );
}

'use client';

import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { HEAT_VERDICTS, toldAs, type HeatVerdict } from '@/core/log/window';
import type { EveningTold } from '@/core/model';
import { OUTCOMES } from '@/ui/OutcomeWord';
import { NIGHT } from '@/ui/press';
import { VERDICT_WORDS } from '@/words';

type Told = Omit<EveningTold, 'thing'>;

/** What was told of a test piece, as it was touched; null where nothing was. */
const verdictIn = ({ outcome, faults }: Told): HeatVerdict | null => {
  if (outcome === null) return null;
  if (outcome === 'good') return 'good';
  return faults.includes('scorched') ? 'over' : 'pale';
};

/** How a test piece came out: pale, good or too much; nothing else is asked of it. */
export function Verdicts({
  name,
  told,
  isDye,
  onTold,
}: {
  name: string;
  told: Told;
  isDye: boolean;
  onTold: (told: Told) => void;
}) {
  return (
    <ToggleButtonGroup
      exclusive
      value={verdictIn(told)}
      aria-label={`How ${name} came out`}
      onChange={(_, verdict: HeatVerdict | null) =>
        onTold({
          ...told,
          ...(verdict ? toldAs(verdict, isDye) : { outcome: null, faults: [] }),
        })
      }
    >
      {HEAT_VERDICTS.map((verdict, i) => (
        <ToggleButton
          key={verdict}
          value={verdict}
          sx={{
            ...{ minHeight: 48, px: 2, color: NIGHT.text, borderColor: NIGHT.onWaiting },
            '&.Mui-selected, &.Mui-selected:hover': {
              color: '#fff',
              bgcolor: OUTCOMES[verdict === 'good' ? 'good' : 'spoiled'].colour,
            },
          }}
        >
          {VERDICT_WORDS[i]}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}

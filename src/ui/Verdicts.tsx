'use client';

import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { HEAT_VERDICTS, toldAs, type HeatVerdict } from '@/core/log/window';
import type { EveningTold } from '@/core/model';
import { VERDICT_WORDS } from '@/words';
import { OUTCOMES } from './OutcomeWord';

type Told = Pick<EveningTold, 'outcome' | 'faults'>;

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
  colours = {},
}: {
  name: string;
  told: Told;
  isDye: boolean;
  onTold: (told: Told) => void;
  /** Of text and line, where it does not stand on white. */
  colours?: { readonly color?: string; readonly borderColor?: string };
}) {
  return (
    <ToggleButtonGroup
      exclusive
      value={verdictIn(told)}
      aria-label={`How ${name} came out`}
      onChange={(_, verdict: HeatVerdict | null) =>
        onTold(verdict ? toldAs(verdict, isDye) : { outcome: null, faults: [] })
      }
    >
      {HEAT_VERDICTS.map((verdict) => (
        <ToggleButton
          key={verdict}
          value={verdict}
          sx={{
            ...{ minHeight: 48, px: 2, ...colours },
            '&.Mui-selected, &.Mui-selected:hover': {
              color: '#fff',
              bgcolor: OUTCOMES[verdict === 'good' ? 'good' : 'spoiled'].colour,
            },
          }}
        >
          {VERDICT_WORDS[verdict]}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}

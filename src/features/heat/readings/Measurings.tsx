'use client';

import DeleteOutlinedIcon from '@mui/icons-material/DeleteOutlined';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import type { Measured } from '@/core/model';
import { measuredWords } from '@/words';
import type { TemperatureUnit } from '@/words/units';

/** What each measuring of a plate came to, the last first; one that was wrong can go. */
export function Measurings({
  measured,
  unit,
  onMeasured,
}: {
  measured: readonly Measured[];
  unit: TemperatureUnit;
  onMeasured: (measured: Measured[]) => void;
}) {
  if (measured.length === 0) return null;
  return (
    <Box component="section" aria-label="Measured before">
      <Typography component="h3" sx={{ fontSize: 15, fontWeight: 700 }}>
        Measured before
      </Typography>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {[...measured].reverse().map((each) => {
          const words = measuredWords(each, unit);
          return (
            <Box
              component="li"
              key={each.at}
              sx={{ display: 'flex', alignItems: 'center', gap: 1, fontSize: 15 }}
            >
              {words}
              <IconButton
                size="small"
                aria-label={`Take away: ${words}`}
                onClick={() => onMeasured(measured.filter((other) => other !== each))}
              >
                <DeleteOutlinedIcon fontSize="small" />
              </IconButton>
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}

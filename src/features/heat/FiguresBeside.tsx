'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { figureSources, largestAreaMm2, type FigureSource } from '@/core/press';
import { useBench } from '@/ui/bench/BenchProvider';
import { useJob } from '@/ui/job/jobContext';
import { COLOURS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { settingsLine } from '@/words';

const FROM: Readonly<Record<FigureSource['from'], string>> = {
  yours: 'Yours',
  maker: 'Its maker’s',
  usual: 'Usual',
};

/** Figures that several sources give for this pressing, side by side; the first one counts. */
export function FiguresBeside() {
  const { job, plan } = useJob();
  const { shelf } = useBench();
  const units = useUnits();
  const { machine, paper, film } = plan.tools;
  const sources = figureSources({
    ...{ machine, blank: job.blank, transfer: job.transfer, figures: shelf.figures },
    areaMm2: largestAreaMm2(plan.press.sides),
    school: job.heat.figureSchool,
    product: film?.product ?? paper.product,
  });
  if (sources.length < 2) return null;
  return (
    <Box component="ul" aria-label="Figures side by side" sx={{ m: 0, p: 0, listStyle: 'none' }}>
      {sources.map((source, i) => (
        <Typography
          component="li"
          key={source.from}
          sx={{
            fontSize: 15,
            display: 'flex',
            justifyContent: 'space-between',
            gap: 1,
            fontWeight: i === 0 && !plan.press.settings.own ? 700 : 400,
            color: i === 0 ? COLOURS.ink : COLOURS.graphite,
          }}
        >
          <span>{FROM[source.from]}</span>
          <span>{settingsLine(source, units)}</span>
        </Typography>
      ))}
    </Box>
  );
}

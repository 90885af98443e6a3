'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useEffect, useMemo, useState } from 'react';
import type { Job, PressRecord } from '@/core/model';
import { planJob } from '@/core/plan';
import { added, costsOf, shortOf, spentBy } from '@/core/stock';
import { exportedName } from '@/files/exported';
import { listRecords } from '@/store';
import { useBench } from '../bench/BenchProvider';
import { csvFile, download } from '@/ui/files';
import { PriceField } from '@/ui/fields/PriceField';
import { useGoods, useMoney } from './useGoods';
import { COLOURS, FONTS } from '@/ui/theme';
import { Tucked } from '@/ui/Tucked';
import { TaskProgress, useTask } from '@/ui/useTask';
import {
  amountWords,
  COST_WORDS,
  costWords,
  shoppingPage,
  shoppingRows,
  shortWords,
} from '@/words';
import { patternPdfTask } from '@/workers';

/** Jobs with what they use up, and what that costs. */
function useSpent(jobs: readonly Job[]) {
  const { shelf, store } = useBench();
  const [goods] = useGoods();
  const [money] = useMoney();
  const [records, setRecords] = useState<readonly PressRecord[]>([]);
  useEffect(() => {
    // where storage fails it is said elsewhere; what was spoiled is left out then
    listRecords(store).then(setRecords, () => undefined);
  }, [store]);
  const plans = useMemo(
    () => jobs.map((job) => ({ job, plan: planJob(job, shelf) })),
    [jobs, shelf],
  );
  return useMemo(() => {
    const stock = { goods: goods ?? [], papers: shelf.papers };
    const spent = added(plans.map(({ job, plan }) => spentBy(job, plan)));
    const costs = plans.map(({ job, plan }) => ({
      job,
      costs: costsOf(job, plan, { stock, money, records }),
    }));
    return { short: shortOf(spent, stock), costs };
  }, [plans, goods, money, records, shelf.papers]);
}

type Short = ReturnType<typeof useSpent>['short'];

/** What runs short, told before anything is pressed, with a list to take along. */
function ToBuy({ short }: { short: Short }) {
  const { shelf } = useBench();
  const task = useTask();
  const [paper] = shelf.papers;
  if (short.length === 0) return null;
  const csv = async () => {
    const { default: Papa } = await import('papaparse');
    const text = Papa.unparse(shoppingRows(short), { escapeFormulae: true });
    download(`${exportedName('shopping')}.csv`, csvFile(text));
  };
  const pdf = async () => {
    if (!paper) return;
    const file = await task.run((onProgress) =>
      patternPdfTask(shoppingPage(short), paper, onProgress),
    );
    if (file) download(`${exportedName('shopping')}.pdf`, file);
  };
  return (
    <Alert severity="warning" sx={{ my: 1, '& .MuiAlert-message': { width: '100%' } }}>
      <Typography sx={{ fontWeight: 700 }}>It runs short</Typography>
      <Box component="ul" aria-label="It runs short" sx={{ m: 0, pl: 2.5 }}>
        {short.map((each) => (
          <li key={each.name}>{shortWords(each)}</li>
        ))}
      </Box>
      <TaskProgress task={task} />
      <Button size="small" onClick={() => void csv()}>
        Shopping list as CSV
      </Button>
      <Button size="small" onClick={() => void pdf()}>
        On paper
      </Button>
    </Alert>
  );
}

/** What each job costs, as far as figures are known; with a selling price only what is left of it. */
function Cost({ costs }: { costs: ReturnType<typeof useSpent>['costs'] }) {
  const [sells, setSells] = useState<ReadonlyMap<string, number>>(new Map());
  const set = (id: string, price: number | null) => {
    const next = new Map(sells);
    if (price === null) next.delete(id);
    else next.set(id, price);
    setSells(next);
  };
  const sum = costs.reduce((total, each) => total + each.costs.sum, 0);
  return (
    <Box sx={{ mt: 1, '& .MuiAccordion-root': { bgcolor: 'transparent' } }}>
      <Tucked title="What it costs" now={sum > 0 ? amountWords(sum) : 'no prices known yet'}>
        <Box component="ul" aria-label="What it costs" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {costs.map(({ job, costs: own }) => {
            const price = sells.get(job.id);
            return (
              <Box
                component="li"
                key={job.id}
                sx={{ py: 1, borderTop: `1px solid ${COLOURS.hairline}` }}
              >
                <Typography sx={{ fontWeight: 700 }}>{job.name}</Typography>
                <Typography>{costWords(own)}.</Typography>
                <Typography
                  sx={{ color: COLOURS.graphite, fontSize: 15, fontFamily: FONTS.figure }}
                >
                  {own.lines
                    .map(({ of, amount }) => `${COST_WORDS[of]} ${amountWords(amount)}`)
                    .join(' · ')}
                </Typography>
                <Box
                  sx={{
                    display: 'flex',
                    gap: 1.5,
                    alignItems: 'center',
                    mt: 1,
                    '& .MuiTextField-root': { width: 300, flexShrink: 0 },
                    flexWrap: 'wrap',
                  }}
                >
                  <PriceField
                    label={`One of ${job.name} sells at`}
                    value={price ?? null}
                    onValue={(next) => set(job.id, next)}
                    onClear={() => set(job.id, null)}
                  />
                  {price !== undefined && (
                    <Typography>
                      {(price - own.sum / Math.max(1, own.things)).toFixed(2)} is left of each, your
                      time not counted.
                    </Typography>
                  )}
                </Box>
              </Box>
            );
          })}
        </Box>
      </Tucked>
    </Box>
  );
}

/** What has to be bought before jobs are pressed, and what they cost. */
export function Buying({ jobs }: { jobs: readonly Job[] }) {
  const { short, costs } = useSpent(jobs);
  return (
    <>
      <ToBuy short={short} />
      <Cost costs={costs} />
    </>
  );
}

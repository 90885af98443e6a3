'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { recordOf } from '@/core/log';
import { looksOf } from '@/core/evening';
import {
  itemLabels,
  type Item,
  type ItemOutcome,
  type Job,
  type KeptLook,
  type Shelf,
} from '@/core/model';
import { planJob } from '@/core/plan';
import { spentBy } from '@/core/stock';
import { TRANSFERS } from '@/core/transfer';
import { saveDocuments, storageProblem, newId } from '@/store';
import { useBench } from '@/ui/bench/BenchProvider';
import { steadyNow } from '@/ui/clock';
import { useJob } from '@/ui/job/jobContext';
import { useNotify } from '@/ui/notify';
import { useBooking } from '@/ui/stock';
import { COLOURS } from '@/ui/theme';
import { Verdicts } from '@/ui/Verdicts';
import { useDraft } from './useDraft';

const NOT_TOLD = { outcome: null, faults: [] };

/** The record of one test piece, by its own figures. */
function recordOfPiece(
  job: Job,
  shelf: Shelf,
  item: Item,
  { outcome, faults, variant }: ItemOutcome,
  looks: readonly KeptLook[],
) {
  const own = { ...job, items: [{ ...item, copies: 1 }] };
  return recordOf(
    newId(),
    { job: own, plan: planJob(own, shelf), run: null, looks },
    { outcome, faults, note: '', photoSha256: null, items: [{ variant, outcome, faults }] },
    new Date(steadyNow()),
  );
}

/** How test pieces came out that were pressed by their card: each is a record of its own, by its own figures. */
export function PieceOutcomes({ onDone }: { onDone: () => Promise<void> }) {
  const { store, shelf } = useBench();
  const { job, plan, run, looks, setRun } = useJob();
  const notify = useNotify();
  const book = useBooking();
  const { told, change, clear } = useDraft(job.id, null);
  const isDye = TRANSFERS[job.transfer].dye;
  const labels = itemLabels(job);
  const pieces = job.items.map((item, i) => {
    const variant = (labels[i] ?? '').slice(0, 120);
    return { item, variant, told: told.items.find((each) => each.variant === variant) };
  });
  const left = pieces.filter((piece) => !piece.told).length;

  async function save() {
    // one photo shows all of them
    const seen = looksOf(run ?? { events: looks }, job.id);
    const records = pieces.flatMap((piece) =>
      piece.told ? [recordOfPiece(job, shelf, piece.item, piece.told, seen)] : [],
    );
    try {
      await saveDocuments(
        store,
        records.map((body) => ({ kind: 'record' as const, id: body.id, body, baseRev: 0 })),
      );
    } catch (error) {
      return notify({ tone: 'error', text: storageProblem(error) });
    }
    clear();
    // what was looked at is told
    setRun(null);
    await onDone();
    notify({ tone: 'success', text: `${records.length} written down. They are in the log.` });
    book({ spent: spentBy(job, plan), spoiled: [] });
  }

  return (
    <Box sx={{ flex: 1, overflowY: 'auto', p: 3 }}>
      <Box sx={{ maxWidth: 760, mx: 'auto', display: 'flex', flexDirection: 'column', gap: 1.5 }}>
        <Typography variant="h1" component="h2">
          How did the test pieces come out?
        </Typography>
        <Typography>Look at each when it is cool, in good light, beside the others.</Typography>
        <Box component="ul" aria-label="Test pieces" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {pieces.map((piece) => (
            <Box
              component="li"
              key={piece.item.id}
              sx={{
                ...{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', py: 1.25 },
                borderTop: `1px solid ${COLOURS.hairline}`,
              }}
            >
              <Typography sx={{ flex: '1 1 200px', fontSize: 17 }}>{piece.variant}</Typography>
              <Verdicts
                name={piece.variant}
                told={piece.told ?? NOT_TOLD}
                isDye={isDye}
                onTold={({ outcome, faults }) => {
                  const others = told.items.filter((each) => each.variant !== piece.variant);
                  const own = outcome ? [{ variant: piece.variant, outcome, faults }] : [];
                  change({ items: [...others, ...own] });
                }}
              />
            </Box>
          ))}
        </Box>
        <Button
          variant="contained"
          size="large"
          disabled={left > 0}
          onClick={() => void save()}
          sx={{ alignSelf: 'flex-start' }}
        >
          {left > 0 ? `${left} still to be looked at` : 'Write them down'}
        </Button>
      </Box>
    </Box>
  );
}

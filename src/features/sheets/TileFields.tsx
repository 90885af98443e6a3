'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import CloseIcon from '@mui/icons-material/Close';
import { withBestSeams, withSheet } from '@/core/job';
import { MAX_KEPT_PARTS } from '@/core/model';
import { layStepWords } from '@/words';
import { layingSteps, liesMirrored, type Tiling } from '@/core/sheet';
import { formatSize } from '@/words/units';
import { Choice } from '@/ui/fields/Choice';
import { LengthField } from '@/ui/fields/QuantityField';
import { useJob } from '@/ui/job/jobContext';
import { Tucked } from '@/ui/Tucked';
import { useUnits } from '@/ui/units';

/** What the seams cost against the best and the evenly spaced ones, in words. */
function priceOf({ cost, bestCost, evenCost, byHand }: Tiling): string {
  const share = (more: number, than: number) =>
    than > 0 ? Math.round((100 * Math.abs(more - than)) / than) : 0;
  if (byHand) {
    if (cost <= bestCost * 1.001) return 'As good as the best places.';
    return bestCost > 0
      ? `Set by hand: they cut through ${share(cost, bestCost)} % more detail than the best places.`
      : 'Set by hand: they cut through detail; the best places cut through none.';
  }
  const spared = evenCost > 0 ? share(cost, evenCost) : 0;
  return spared > 0
    ? `Best places: ${spared} % less detail cut through than evenly spaced.`
    : 'Best places found; evenly spaced is as good.';
}

/** Parts marked to stay whole, each with a way to let it go. */
function KeptParts() {
  const { job, edit } = useJob();
  const { length } = useUnits();
  if (job.sheet.keepWhole.length === 0) return null;
  return (
    <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {job.sheet.keepWhole.map(({ id, widthMm, heightMm }, i) => (
        <Box component="li" key={id} sx={{ display: 'flex', alignItems: 'center', fontSize: 15 }}>
          <Box sx={{ flex: 1 }}>
            Part {i + 1}, {formatSize(widthMm, heightMm, length)}
          </Box>
          <IconButton
            size="small"
            aria-label={`Let seams cross part ${i + 1}`}
            onClick={() =>
              edit((old) =>
                withSheet(old, { keepWhole: old.sheet.keepWhole.filter((each) => each.id !== id) }),
              )
            }
          >
            <CloseIcon fontSize="small" />
          </IconButton>
        </Box>
      ))}
    </Box>
  );
}

/** How a large piece is cut up: overlap, trimming, seams, parts to keep whole. */
export function TileFields({
  tiling,
  marking,
  onMark,
}: {
  tiling: Tiling;
  marking: boolean;
  onMark: () => void;
}) {
  const { job, edit } = useJob();
  const { tile } = job.sheet;
  return (
    <Tucked title="Seams" now={`${tiling.tiles.length} sheets`} open>
      <Typography sx={{ fontSize: 15 }}>{priceOf(tiling)}</Typography>
      {tiling.byHand && (
        <Button
          variant="outlined"
          onClick={() => edit((old) => withBestSeams(old, tiling.pieceId))}
        >
          Back to the best places
        </Button>
      )}
      <LengthField
        label="Overlap of two sheets"
        value={tile.overlapMm}
        min={0}
        max={50}
        onValue={(overlapMm) =>
          edit((old) => withSheet(old, { tile: { ...old.sheet.tile, overlapMm } }))
        }
      />
      <Typography sx={{ fontSize: 14 }} id="trimming">
        Trimming
      </Typography>
      <Choice
        label="Trimming"
        value={tile.trim}
        options={[
          ['one', 'One of each pair'],
          ['both', 'Both to the ink'],
        ]}
        onChoose={(trim) => edit((old) => withSheet(old, { tile: { ...old.sheet.tile, trim } }))}
      />
      <Button
        variant={marking ? 'contained' : 'outlined'}
        disabled={job.sheet.keepWhole.length >= MAX_KEPT_PARTS}
        onClick={onMark}
      >
        {marking ? 'Draw a box round it, or stop' : 'Mark a part no seam may cross'}
      </Button>
      <KeptParts />
    </Tucked>
  );
}

/** What to do with the printed sheets, step by step. */
export function LayingPlan({ tiling }: { tiling: Tiling }) {
  const { plan } = useJob();
  const steps = layingSteps(tiling, liesMirrored(plan));
  return (
    <Tucked title="Trim and lay" now={`${steps.length} steps`}>
      <Typography sx={{ fontSize: 15 }}>
        Printed side up, so mirrored. Every white border and every mark goes; tape never lies on
        ink.
      </Typography>
      <Box component="ol" sx={{ m: 0, pl: 2.5, fontSize: 15, '& li': { mb: 0.75 } }}>
        {steps.map((step) => (
          <li key={step.tile}>
            <strong>{step.tile}.</strong> {layStepWords(step)}
          </li>
        ))}
      </Box>
    </Tucked>
  );
}

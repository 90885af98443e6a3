'use client';

import { isCup } from '@/core/form';
import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import { edgeLength, islandsOf } from '@/core/geometry';
import { canFold, cutLineOf, fittedInto, piecesOfItem, USUAL_FOLD_GAP_MM } from '@/core/layout';
import { EDGE_STYLES, type CutChoice, type WrapPaper } from '@/core/model';
import { TRANSFERS } from '@/core/transfer';
import { formatLength } from '@/words/units';
import { SelectField } from '@/ui/fields/SelectField';
import { Choice } from '@/ui/fields/Choice';
import { LengthField, OffsetField } from '@/ui/fields/QuantityField';
import { SwitchField } from '@/ui/fields/SwitchField';
import { useJob } from '@/ui/job/jobContext';
import { Pair } from '@/ui/Section';
import { COLOURS } from '@/ui/theme';
import { Tucked } from '@/ui/Tucked';
import { useUnits } from '@/ui/units';

const PARTS: readonly (readonly [WrapPaper['parts'], string])[] = [
  ['whole', 'Whole wrap'],
  ['strip', 'One strip'],
  ['halves', 'Two halves'],
];
const PARTS_WORDS: Readonly<Record<WrapPaper['parts'], string>> = {
  whole: 'whole wrap',
  strip: 'one strip',
  halves: 'two halves',
};

const LINE_WORDS: Readonly<Record<CutChoice['line'], string>> = {
  edge: 'straight',
  contour: 'along the art',
  ground: 'what is left round it',
};

function WrapFields({ seamed }: { seamed: boolean }) {
  const { job, edit } = useJob();
  const { wrap } = job;
  const set = (part: Partial<WrapPaper>, group = '') =>
    edit((old) => ({ ...old, wrap: { ...old.wrap, ...part } }), group);
  return (
    <>
      <Choice
        label="How the wrap is printed"
        value={wrap.parts}
        options={PARTS}
        onChoose={(parts) => set({ parts })}
      />
      {seamed && (
        <Pair>
          <SelectField
            label="Seam"
            value={wrap.seam.kind}
            onChange={({ target }) =>
              set({ seam: { ...wrap.seam, kind: target.value as WrapPaper['seam']['kind'] } })
            }
          >
            <MenuItem value="overlap">Overlaps</MenuItem>
            <MenuItem value="butt">Edge to edge</MenuItem>
            <MenuItem value="gap">Leaves a gap</MenuItem>
          </SelectField>
          {wrap.seam.kind !== 'butt' && (
            <LengthField
              label="By"
              value={wrap.seam.byMm}
              min={0}
              max={100}
              onValue={(byMm) => set({ seam: { ...wrap.seam, byMm } }, 'seam')}
            />
          )}
        </Pair>
      )}
      <Pair>
        <SelectField
          label="Rim and base edge"
          value={wrap.edge.style}
          onChange={({ target }) =>
            set({ edge: { ...wrap.edge, style: target.value as WrapPaper['edge']['style'] } })
          }
        >
          {EDGE_STYLES.map((style) => (
            <MenuItem key={style} value={style}>
              {style}
            </MenuItem>
          ))}
        </SelectField>
        {wrap.edge.style !== 'straight' && (
          <LengthField
            label="How deep"
            value={wrap.edge.depthMm}
            min={0.5}
            max={50}
            onValue={(depthMm) => set({ edge: { ...wrap.edge, depthMm } }, 'edge-depth')}
          />
        )}
      </Pair>
    </>
  );
}

function CutLineFields() {
  const { job, edit } = useJob();
  const { cut } = job;
  const set = (part: Partial<CutChoice>, group = '') =>
    edit((old) => ({ ...old, cut: { ...old.cut, ...part } }), group);
  return (
    <>
      <Choice
        label="Where it is cut"
        value={cut.line}
        options={[
          ['edge', 'Straight round it'],
          ['contour', 'Along the art'],
          ...(TRANSFERS[job.transfer].preprinted
            ? [['ground', 'What is left round it'] as const]
            : []),
        ]}
        onChoose={(line) => set({ line })}
      />
      <OffsetField
        label="Room between art and cut"
        value={cut.marginMm}
        min={-20}
        max={50}
        helperText="0 cuts close, where film or a rim would show; minus leaves half a gap between loose parts"
        onValue={(marginMm) => set({ marginMm }, 'cut-margin')}
      />
      {cut.line === 'ground' && (
        <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
          {fittedInto(job).length > 0
            ? 'Cut so that the pieces of the other sheets fit into it: both are pressed at once.'
            : 'The sheet is kept, its art falls out. Another row of “What is made” can take that.'}
        </Typography>
      )}
      {cut.line === 'contour' && (
        <>
          <Choice
            label="Holes in the art"
            value={cut.holes}
            options={[
              ['keep', 'Holes cut out'],
              ['close', 'Holes left in'],
            ]}
            onChoose={(holes) => set({ holes })}
          />
          <SwitchField
            label="Every loose part a piece of its own"
            checked={cut.apart}
            onTurn={(apart) => set({ apart })}
          />
        </>
      )}
    </>
  );
}

function FoldFields() {
  const { job, edit } = useJob();
  return (
    <>
      <SwitchField
        label="Both sides on one strip, folded over"
        checked={job.fold !== null}
        onTurn={(on) => edit((old) => ({ ...old, fold: on ? { gapMm: USUAL_FOLD_GAP_MM } : null }))}
      />
      {job.fold && (
        <LengthField
          label="Between the two faces"
          value={job.fold.gapMm}
          min={0}
          max={200}
          helperText="fold half way; the back is turned by half a turn"
          onValue={(gapMm) => edit((old) => ({ ...old, fold: { gapMm } }), 'fold-gap')}
        />
      )}
    </>
  );
}

/** How paper is made of it: ends, halves, edges, the cut line, the fold. */
export function CutFields() {
  const { job, plan, itemId } = useJob();
  const { length } = useUnits();
  const { form } = job.blank;
  const cup = isCup(form);
  const { preprinted } = TRANSFERS[job.transfer];
  const first = piecesOfItem(plan.pieces, itemId);
  const along = first.reduce((sum, { cut }) => sum + edgeLength(cut), 0);
  const islands = first.reduce((sum, { cut }) => sum + islandsOf(cut).length, 0);
  const line = LINE_WORDS[cutLineOf(job)];
  const now = cup && (!preprinted || job.cut.line === 'edge') ? PARTS_WORDS[job.wrap.parts] : line;
  return (
    <Tucked title="Paper and cut" now={job.fold ? 'folded pair' : now}>
      {cup && <WrapFields seamed={form.handleGapMm === 0} />}
      {canFold(job.blank) && <FoldFields />}
      {(!cup || preprinted) && !job.fold && <CutLineFields />}
      {first.length > 0 && (
        <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
          {formatLength(along, length)} to cut, {islands} {islands === 1 ? 'piece' : 'pieces'} to
          weed.
        </Typography>
      )}
    </Tucked>
  );
}

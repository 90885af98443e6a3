'use client';

import Typography from '@mui/material/Typography';
import { repeatBoxes, stepFor } from '@/core/layout';
import type { Repeat } from '@/core/model';
import { Choice } from '@/ui/fields/Choice';
import { CountField } from '@/ui/fields/CountField';
import { LengthField } from '@/ui/fields/QuantityField';
import { Pair } from '@/ui/Section';
import { Tucked } from '@/ui/Tucked';
import { useJob } from '@/ui/job/jobContext';
import type { OnFace, Selection } from './useSelection';
import { FACE_WORDS } from '@/words';

type Pattern = Repeat['pattern'] | 'once';

const PATTERNS: readonly (readonly [Pattern, string])[] = [
  ['once', 'Once'],
  ['grid', 'Grid'],
  ['brick', 'Brick'],
  ['half-drop', 'Half-drop'],
];

/** A repeat starts with this much room between motifs, in motif widths and heights (own choice). */
const START_ROOM = 1.5;

/** The motif over the whole face, by spacing or by how many fit across. */
export function RepeatFields({ selection, selected }: { selection: Selection; selected: OnFace }) {
  const { plan } = useJob();
  const { placement, box, face } = selected;
  const { repeat } = placement;
  const { trim } = selection;
  const set = (next: Repeat | null, group = '') =>
    selection.change(
      placement.id,
      (each) => ({
        ...each,
        repeat: next,
        // a repeated motif has a size of its own; covering or fitting would fill the face with one
        sizing:
          next && each.sizing.mode !== 'exact'
            ? { mode: 'exact', widthMm: box.width / 5, heightMm: box.height / 5, locked: true }
            : each.sizing,
      }),
      group,
    );
  const choose = (pattern: Pattern) => {
    if (pattern === 'once') return set(null);
    const size = placement.sizing.mode === 'exact' ? 1 : 1 / 5;
    set(
      repeat
        ? { ...repeat, pattern }
        : {
            pattern,
            stepXMm: Math.max(1, box.width * size * START_ROOM),
            stepYMm: Math.max(1, box.height * size * START_ROOM),
            atEdge: 'cut',
          },
    );
  };
  const shown = plan.pieces
    .flatMap(({ arts }) => arts)
    .filter(({ placementId }) => placementId === placement.id);
  const whole = shown.filter(({ cutOffShare }) => cutOffShare < 0.001).length;
  const across = repeat && trim ? Math.round(trim.width / repeat.stepXMm) : 1;
  const down = repeat && trim ? Math.round(trim.height / repeat.stepYMm) : 1;
  const total = repeat && trim ? repeatBoxes(box, repeat, trim).length : 1;
  return (
    <Tucked title="Repeat" now={repeat ? `${total} motifs` : 'once'} open={repeat !== null}>
      <Choice
        label="Pattern"
        value={repeat?.pattern ?? 'once'}
        options={PATTERNS}
        onChoose={choose}
      />
      {repeat && trim && (
        <>
          <Pair>
            <LengthField
              label="Middle to middle, across"
              value={repeat.stepXMm}
              min={1}
              max={2000}
              onValue={(stepXMm) => set({ ...repeat, stepXMm }, 'step-x')}
            />
            <LengthField
              label="Middle to middle, down"
              value={repeat.stepYMm}
              min={1}
              max={2000}
              onValue={(stepYMm) => set({ ...repeat, stepYMm }, 'step-y')}
            />
          </Pair>
          <Pair>
            <CountField
              label="How many across"
              value={across}
              min={1}
              max={60}
              onValue={(count) => set({ ...repeat, stepXMm: stepFor(count, trim.width) }, 'step-x')}
            />
            <CountField
              label="How many rows"
              value={down}
              min={1}
              max={60}
              onValue={(count) =>
                set({ ...repeat, stepYMm: stepFor(count, trim.height) }, 'step-y')
              }
            />
          </Pair>
          <Choice
            label="Motifs at the edge"
            value={repeat.atEdge}
            options={[
              ['cut', 'Cut by the edge'],
              ['whole only', 'Whole ones only'],
            ]}
            onChoose={(atEdge) => set({ ...repeat, atEdge })}
          />
          <Typography sx={{ fontSize: 14 }}>
            {whole} whole and {shown.length - whole} cut on the{' '}
            {FACE_WORDS[face.called].toLowerCase()}.
          </Typography>
        </>
      )}
    </Tucked>
  );
}

'use client';

import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { Paper, Product } from '@/core/model';
import type { Piece } from '@/core/layout';
import { offcutOf, type Sheet } from '@/core/sheet';
import { withPaper, withSheet } from '@/core/job';
import { comesOn, isFor, ownPaper } from '@/core/shelf';
import { formatSize } from '@/words/units';
import { SelectField } from '@/ui/fields/SelectField';
import { useBench } from '@/ui/bench/BenchProvider';
import { useJob } from '@/ui/job/jobContext';
import { useNotify } from '@/ui/notify';
import { Section } from '@/ui/Section';
import { COLOURS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { productLine, sheetsCost } from '@/words';
import { newId } from '@/store';

const PaperDialog = dynamic(() => import('@/ui/stock').then((m) => m.PaperDialog));

/** What is left of the last sheet, to be kept; or the offcut in use, to be struck off once it is used. */
function Offcut({
  paper,
  sheets,
  pieces,
}: {
  paper: Paper;
  sheets: readonly Sheet[];
  pieces: readonly Piece[];
}) {
  const { addToShelf } = useBench();
  const { length } = useUnits();
  const notify = useNotify();
  const last = sheets.at(-1);
  const left = last ? offcutOf(last, pieces, paper) : null;
  const small = { size: 'small', sx: { alignSelf: 'flex-start' } } as const;
  if (paper.offcut && paper.used)
    return <Typography sx={{ fontSize: 14 }}>This offcut is used up.</Typography>;
  const size = left && formatSize(left.widthMm, left.heightMm, length);
  async function keep(room: NonNullable<typeof left>) {
    const id = newId();
    const name = `${room.gone.length > 0 ? 'Rest' : 'Offcut'} of ${paper.name}`.slice(0, 120);
    const product = paper.product && { ...paper.product, left: null };
    const used = paper.offcut ? [{ ...paper, used: true }] : [];
    await addToShelf({
      papers: [
        ...used,
        {
          ...paper,
          ...{ id, name, product },
          ...room,
          offcut: true,
          used: false,
          origin: 'measured',
        },
      ],
    });
    notify({ tone: 'success', text: `“${name}” is on the shelf and is offered first.` });
  }
  return (
    <>
      {left && (
        <Button {...small} onClick={() => void keep(left)}>
          {left.gone.length > 0 ? 'Keep what is left of it' : `Keep the offcut, ${size}`}
        </Button>
      )}
      {paper.offcut && (
        <Button {...small} onClick={() => void addToShelf({ papers: [{ ...paper, used: true }] })}>
          Used up: strike this offcut off
        </Button>
      )}
    </>
  );
}

/** What is known of the paper as it was bought, and how many sheets of it are left. */
function Stock({ paper, sheets }: { paper: Paper; sheets: number }) {
  const { edit } = useJob();
  const { addToShelf, shelf } = useBench();
  const units = useUnits();
  const notify = useNotify();
  const [bought, setBought] = useState<Paper | null>(null);
  const { product } = paper;
  const known = product ? productLine(paper, product, units) : '';
  const cost = product ? sheetsCost(product, sheets) : null;
  function take(from: Product, left: number) {
    const was = paper;
    addToShelf({ papers: [{ ...paper, product: { ...from, left } }] });
    notify({
      tone: 'info',
      text: `${left} of “${paper.name}” are left.`,
      action: { label: 'Undo', run: () => void addToShelf({ papers: [was] }) },
    });
  }
  function keep(kept: Paper) {
    if (!addToShelf({ papers: [kept] })) return;
    edit((job) => withPaper(job, kept));
    setBought(null);
  }
  const left = product?.left ?? null;
  return (
    <>
      {(known || cost) && (
        <Typography sx={{ fontSize: 14, color: COLOURS.graphite }}>
          {known} {cost}
        </Typography>
      )}
      {product && left !== null && sheets > 0 && (
        <Button
          size="small"
          sx={{ alignSelf: 'flex-start' }}
          disabled={left === 0}
          onClick={() => take(product, Math.max(0, left - sheets))}
        >
          Used: take {Math.min(sheets, left)} off the {left} that are left
        </Button>
      )}
      <Button
        size="small"
        sx={{ alignSelf: 'flex-start' }}
        onClick={() => setBought(ownPaper(paper, shelf.papers, newId()))}
      >
        {product || paper.offcut ? 'As it was bought' : 'Another size, or one you bought'}
      </Button>
      {bought && <PaperDialog start={bought} onKeep={keep} onClose={() => setBought(null)} />}
    </>
  );
}

function Choose({
  label,
  chosen,
  papers,
  onChoose,
}: {
  label: string;
  chosen: Paper;
  papers: readonly Paper[];
  onChoose: (id: string) => void;
}) {
  const { length } = useUnits();
  return (
    <SelectField label={label} value={chosen.id} onChange={({ target }) => onChoose(target.value)}>
      {papers.map((paper) => (
        <MenuItem key={paper.id} value={paper.id}>
          {paper.name} ({formatSize(paper.widthMm, paper.heightMm, length)})
        </MenuItem>
      ))}
    </SelectField>
  );
}

/** Which paper is printed on, or which sheet is cut, and the film below where there is one. */
export function PaperFields() {
  const { job, plan, edit } = useJob();
  const { shelf } = useBench();
  const { paper, film: filmSheet } = plan.tools;
  const { film } = plan;
  const suits = (is: Paper['is'], chosen: Paper) =>
    shelf.papers.filter(
      (each) =>
        each.id === chosen.id || (!each.used && each.is === is && isFor(each, job.transfer)),
    );
  const choose = (part: Partial<typeof job.sheet>) => edit((old) => withSheet(old, part));
  return (
    <>
      <Section title={paper.is === 'paper' ? 'Paper' : 'Sheet'}>
        <Choose
          label={paper.is === 'paper' ? 'Paper' : 'Sheet'}
          chosen={paper}
          papers={suits(comesOn(job.transfer), paper)}
          onChoose={(paperId) => choose({ paperId })}
        />
        <Stock key={paper.id} paper={paper} sheets={plan.sheets.length} />
        <Offcut paper={paper} sheets={plan.sheets} pieces={plan.pieces} />
      </Section>
      {film && filmSheet && (
        <Section title="Film">
          <Choose
            label="Film"
            chosen={filmSheet}
            papers={suits('film', filmSheet)}
            onChoose={(filmId) => choose({ filmId })}
          />
          <Stock key={filmSheet.id} paper={filmSheet} sheets={film.sheets.length} />
          <Offcut paper={filmSheet} sheets={film.sheets} pieces={film.pieces} />
        </Section>
      )}
    </>
  );
}

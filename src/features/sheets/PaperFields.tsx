'use client';

import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { offcutOf } from '@/core/sheet';
import { inches } from '@/core/units';
import { formatSize } from '@/words/units';
import { useBench } from '@/ui/bench/BenchProvider';
import { LengthField } from '@/ui/fields/QuantityField';
import { useJob } from '@/ui/job/jobContext';
import { useNotify } from '@/ui/notify';
import { Pair, Section } from '@/ui/Section';
import { useUnits } from '@/ui/units';

function OwnPaper({ onDone }: { onDone: () => void }) {
  const { addToShelf } = useBench();
  const { edit } = useJob();
  const { length } = useUnits();
  const [size, setSize] = useState({ widthMm: inches(8.5), heightMm: inches(14) });

  async function keep() {
    const { widthMm, heightMm } = size;
    const id = crypto.randomUUID();
    const [short, long] = [Math.min(widthMm, heightMm), Math.max(widthMm, heightMm)];
    const name = `Own paper ${formatSize(short, long, length)}`;
    await addToShelf({
      papers: [
        {
          id,
          name,
          widthMm: short,
          heightMm: long,
          preprinted: false,
          offcut: false,
          used: false,
          origin: 'measured',
        },
      ],
    });
    edit((job) => ({ ...job, sheet: { ...job.sheet, paperId: id } }));
    onDone();
  }

  return (
    <>
      <Pair>
        <LengthField
          label="Short side"
          value={size.widthMm}
          min={50}
          max={2000}
          onValue={(widthMm) => setSize((old) => ({ ...old, widthMm }))}
        />
        <LengthField
          label="Long side"
          value={size.heightMm}
          min={50}
          max={5000}
          onValue={(heightMm) => setSize((old) => ({ ...old, heightMm }))}
        />
      </Pair>
      <Button variant="outlined" onClick={() => void keep()}>
        Use this paper
      </Button>
    </>
  );
}

/** What is left of the last sheet, to be kept; or the offcut in use, to be struck off once printed. */
function Offcut() {
  const { plan } = useJob();
  const { addToShelf } = useBench();
  const { length } = useUnits();
  const notify = useNotify();
  const { paper } = plan.tools;
  const last = plan.sheets.at(-1);
  const left = last ? offcutOf(last) : null;
  if (paper.offcut)
    return paper.used ? (
      <Typography sx={{ fontSize: 14 }}>This offcut is used up.</Typography>
    ) : (
      <Button
        size="small"
        sx={{ alignSelf: 'flex-start' }}
        onClick={() => void addToShelf({ papers: [{ ...paper, used: true }] })}
      >
        Printed: strike this offcut off
      </Button>
    );
  if (!left) return null;
  const size = formatSize(left.widthMm, left.heightMm, length);
  async function keep(room: NonNullable<typeof left>) {
    const id = crypto.randomUUID();
    const name = `Offcut ${size}`;
    await addToShelf({
      papers: [{ ...paper, id, name, ...room, offcut: true, used: false, origin: 'measured' }],
    });
    notify({ tone: 'success', text: `${name} is on the shelf and is offered first.` });
  }
  return (
    <Button size="small" sx={{ alignSelf: 'flex-start' }} onClick={() => void keep(left)}>
      Keep the offcut, {size}
    </Button>
  );
}

/** Which paper is printed on. */
export function PaperFields() {
  const { job, edit } = useJob();
  const { shelf } = useBench();
  const { length } = useUnits();
  const [own, setOwn] = useState(false);
  const papers = shelf.papers.filter(({ used, id }) => !used || id === job.sheet.paperId);
  return (
    <Section title="Paper">
      <TextField
        select
        label="Paper"
        value={job.sheet.paperId}
        onChange={({ target }) =>
          edit((old) => ({ ...old, sheet: { ...old.sheet, paperId: target.value } }))
        }
      >
        {papers.map((paper) => (
          <MenuItem key={paper.id} value={paper.id}>
            {paper.name} ({formatSize(paper.widthMm, paper.heightMm, length)})
          </MenuItem>
        ))}
      </TextField>
      {own ? (
        <OwnPaper onDone={() => setOwn(false)} />
      ) : (
        <Button size="small" onClick={() => setOwn(true)} sx={{ alignSelf: 'flex-start' }}>
          Another size
        </Button>
      )}
      <Offcut />
    </Section>
  );
}

'use client';

import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { formatSize, inches } from '@/core/units';
import { useBench } from '@/ui/bench/BenchProvider';
import { LengthField } from '@/ui/fields/QuantityField';
import { useJob } from '@/ui/job/JobProvider';
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
      papers: [{ id, name, widthMm: short, heightMm: long, offcut: false, origin: 'measured' }],
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

/** Which paper is printed on. */
export function PaperFields() {
  const { job, edit } = useJob();
  const { shelf } = useBench();
  const { length } = useUnits();
  const [own, setOwn] = useState(false);
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
        {shelf.papers.map((paper) => (
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
    </Section>
  );
}

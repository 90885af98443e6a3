'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { formatSize } from '@/words/units';
import { Choice } from '@/ui/fields/Choice';
import { JobFrame } from '@/ui/job/JobFrame';
import { useJob } from '@/ui/job/jobContext';
import { StageBar } from '@/ui/stage/StageBar';
import { COLOURS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { SheetDrawing } from './SheetDrawing';
import { SheetPager } from './SheetPager';
import { SheetsCard } from './SheetsCard';
import { TableStage } from './TableStage';
import { useTable } from './useTable';
import { pieceWords, sheetWords } from '@/words';

/** The sheets one by one; or those of a large piece together, as they are laid or as they look. */
type Show = 'sheets' | 'lies' | 'seen';

/** What the sheet on the stage is. */
function SheetWords({ at }: { at: number }) {
  const { plan } = useJob();
  const { length } = useUnits();
  const sheet = plan.sheets[at];
  if (!sheet) return <Typography sx={{ fontSize: 15 }}>No sheet yet.</Typography>;
  const mirrored = sheet.items.some((item) => item.mirrored);
  return (
    <>
      <Typography sx={{ fontSize: 15 }}>
        <strong>{sheet.paper}</strong>, {sheet.orientation},{' '}
        {formatSize(sheet.widthMm, sheet.heightMm, length)}
        {plan.tools.paper.preprinted ? ', to be cut only.' : ', as in the PDF.'}
      </Typography>
      {mirrored && (
        <Typography sx={{ fontSize: 15, fontWeight: 700, color: COLOURS.bluebell }}>
          mirrored
        </Typography>
      )}
    </>
  );
}

/** Station 3: from the piece to paper that can be trusted. */
export function SheetsStation() {
  const { plan } = useJob();
  const table = useTable();
  const [at, setAt] = useState(0);
  const [show, setShow] = useState<Show>('sheets');
  const [marking, setMarking] = useState(false);
  const count = plan.sheets.length;
  const here = Math.min(at, Math.max(0, count - 1));
  const sheet = plan.sheets[here];
  const together = show !== 'sheets' && table.shown !== null;
  const choose = (next: Show) => {
    setShow(next);
    if (next !== 'sheets') table.setView(next);
    else setMarking(false);
  };
  const mark = () => {
    if (!together) choose('lies');
    setMarking((on) => !on);
  };
  return (
    <JobFrame
      station="sheets"
      stage={
        <>
          <StageBar>
            {table.shown && (
              <Box sx={{ flexShrink: 0, '& button': { whiteSpace: 'nowrap' } }}>
                <Choice
                  label="What is shown"
                  value={together ? show : 'sheets'}
                  options={[
                    ['sheets', 'Sheets'],
                    ['lies', 'On the table'],
                    ['seen', 'As seen'],
                  ]}
                  onChoose={choose}
                />
              </Box>
            )}
            {together && table.shown ? (
              <>
                <Typography sx={{ fontSize: 15 }}>
                  {show === 'lies' ? 'Printed side up.' : 'As it will look.'} Drag a seam, or use
                  the arrow keys.
                </Typography>
                <SheetPager
                  at={Math.min(table.at, plan.tilings.length - 1)}
                  count={plan.tilings.length}
                  name={pieceWords(table.shown.piece)}
                  onAt={table.setAt}
                />
              </>
            ) : (
              <>
                <SheetWords at={here} />
                <SheetPager
                  at={here}
                  count={count}
                  name={sheet ? sheetWords(sheet.called) : ''}
                  onAt={setAt}
                />
              </>
            )}
          </StageBar>
          {together && table.shown ? (
            <TableStage table={table.shown} marking={marking} onMarked={() => setMarking(false)} />
          ) : (
            <SheetDrawing sheet={plan.sheets[here]} />
          )}
        </>
      }
      card={
        <SheetsCard
          sheet={plan.sheets[here]}
          tiling={table.shown?.tiling ?? null}
          marking={marking}
          onMark={mark}
        />
      }
    />
  );
}

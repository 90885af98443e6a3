'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { isPrintedOn, type Paper } from '@/core/model';
import type { Sheet } from '@/core/sheet';
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

/** The sheets one by one, or those of film; or those of a large piece together, as they are laid or as they look. */
type Show = 'sheets' | 'film' | 'lies' | 'seen';

/** How the sheets of a large piece may be shown together. */
const TOGETHER = [
  ['lies', 'On the table'],
  ['seen', 'As seen'],
] as const;

/** What the sheet on the stage is. */
function SheetWords({ sheet, paper }: { sheet: Sheet | undefined; paper: Paper }) {
  const { length } = useUnits();
  if (!sheet) return <Typography sx={{ fontSize: 15 }}>No sheet yet.</Typography>;
  const mirrored = sheet.items.some((item) => item.mirrored);
  return (
    <>
      <Typography sx={{ fontSize: 15 }}>
        <strong>{sheet.paper}</strong>, {sheet.orientation},{' '}
        {formatSize(sheet.widthMm, sheet.heightMm, length)}
        {isPrintedOn(paper) ? ', as in the PDF.' : ', to be cut only.'}
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
  const film = show === 'film' ? plan.film : null;
  const { sheets, pieces } = film ?? plan;
  const count = sheets.length;
  const here = Math.min(at, Math.max(0, count - 1));
  const sheet = sheets[here];
  const together = (show === 'lies' || show === 'seen') && table.shown !== null;
  const choose = (next: Show) => {
    setShow(next);
    if (next === 'lies' || next === 'seen') table.setView(next);
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
            {(table.shown || plan.film) && (
              <Box sx={{ flexShrink: 0, '& button': { whiteSpace: 'nowrap' } }}>
                <Choice
                  label="What is shown"
                  value={together || film ? show : 'sheets'}
                  options={[
                    ['sheets', 'Sheets'],
                    ...(plan.film ? [['film', 'Film'] as const] : []),
                    ...(table.shown ? TOGETHER : []),
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
                <SheetWords sheet={sheet} paper={film?.paper ?? plan.tools.paper} />
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
            <SheetDrawing sheet={sheet} pieces={pieces} />
          )}
        </>
      }
      card={
        <SheetsCard
          sheet={plan.sheets[Math.min(at, plan.sheets.length - 1)]}
          tiling={table.shown?.tiling ?? null}
          marking={marking}
          onMark={mark}
        />
      }
    />
  );
}

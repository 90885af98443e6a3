'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Pagination from '@mui/material/Pagination';
import Typography from '@mui/material/Typography';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useTheme } from '@mui/material/styles';
import { useState } from 'react';
import { namesOf, withRow } from '@/core/job';
import { itemLabels, NAME_SIGN, thingsIn } from '@/core/model';
import { useArtPreviews } from '@/ui/bench/useArtPreviews';
import { useFileDrop } from '@/ui/art/useFileDrop';
import { useJob } from '@/ui/job/jobContext';
import { COLOURS } from '@/ui/theme';
import { TaskProgress } from '@/ui/useTask';
import { ForeignSigns } from '../ForeignSigns';
import type { TakeIn } from '../useTakeIn';
import { ItemLine } from './ItemLine';
import { NamesFields, useNames } from './NamesFields';
import { newId } from '@/store';
import type { Items } from './useItems';

/** Rows shown at once. */
const A_PAGE = 20;
/** Places of the design that show a picture in every row, at most. */
const MOST_PLACES = 3;

function NamesDraft({ items, onDone }: { items: Items; onDone: () => void }) {
  const { text, setText, read } = useNames();
  const take = async () => {
    const found = await read();
    if (!found) return;
    onDone();
    void items.setNames(found);
  };
  return (
    <Box sx={{ py: 1.5, maxWidth: 420, display: 'flex', flexDirection: 'column', gap: 1 }}>
      <NamesFields text={text} onText={setText} />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button variant="contained" onClick={() => void take()}>
          A row for each name
        </Button>
        <Button color="inherit" onClick={onDone}>
          Never mind
        </Button>
      </Box>
    </Box>
  );
}

/** What is made of the design: a table of rows, each with its own name, blank, pictures and copies. */
export function ItemsDialog({
  items,
  takeIn,
  onClose,
}: {
  items: Items;
  takeIn: TakeIn;
  onClose: () => void;
}) {
  const { design, editDesign } = useJob();
  const [page, setPage] = useState(1);
  const [naming, setNaming] = useState(false);
  const small = useMediaQuery(useTheme().breakpoints.down('sm'));
  const previews = useArtPreviews(design.arts.map(({ sha256 }) => sha256));
  const drop = useFileDrop((files) => void items.addPictures(files));
  const labels = itemLabels(design);
  const pages = Math.ceil(design.items.length / A_PAGE);
  const from = (Math.min(page, pages) - 1) * A_PAGE;
  const places = design.placements.slice(0, MOST_PLACES);
  const things = thingsIn(design);
  const namedFonts = design.arts.flatMap(({ text }) =>
    text?.words.includes(NAME_SIGN) ? [text.font] : [],
  );
  const close = () => {
    onClose();
    void items.letterAnew();
  };
  return (
    <Dialog open fullWidth fullScreen={small} maxWidth="md" onClose={close}>
      <DialogTitle>What is made</DialogTitle>
      <DialogContent {...drop.rootProps}>
        <input {...drop.getInputProps({ 'aria-label': 'Pictures, a row for each' })} />
        <Typography sx={{ color: COLOURS.graphite, mb: 1.5 }}>
          Every row is the same design, with its own picture, name or blank where you give it one.
          Drop or paste several pictures here: each makes a row.
        </Typography>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mb: 1 }}>
          <Button variant="outlined" onClick={drop.open}>
            Pictures, a row for each
          </Button>
          <Button variant="outlined" onClick={() => setNaming(true)}>
            Names, a row for each
          </Button>
          <Button
            variant="outlined"
            onClick={() => {
              editDesign((now) => withRow(now, newId()));
              setPage(Math.ceil((design.items.length + 1) / A_PAGE));
            }}
          >
            One more row
          </Button>
        </Box>
        <TaskProgress task={takeIn.task} />
        <Box sx={{ mb: 1, '&:empty': { display: 'none' } }}>
          <ForeignSigns fonts={namedFonts} text={namesOf(design).join(' ')} />
        </Box>
        {naming && <NamesDraft items={items} onDone={() => setNaming(false)} />}
        {design.items.slice(from, from + A_PAGE).map((item, i) => (
          <ItemLine
            key={item.id}
            item={item}
            label={labels[from + i] ?? ''}
            places={places}
            previews={previews}
            items={items}
          />
        ))}
        {pages > 1 && (
          <Pagination
            count={pages}
            page={Math.min(page, pages)}
            onChange={(_, next) => setPage(next)}
            sx={{ mt: 1 }}
          />
        )}
      </DialogContent>
      <DialogActions sx={{ justifyContent: 'space-between', px: 3 }}>
        <Typography>
          {things} {things === 1 ? 'thing' : 'things'} in {design.items.length}{' '}
          {design.items.length === 1 ? 'row' : 'rows'}
        </Typography>
        <Button variant="contained" onClick={close}>
          Done
        </Button>
      </DialogActions>
    </Dialog>
  );
}

'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useStore } from 'zustand';
import type { Shelf } from '@/core/model';
import { useBench } from '@/ui/bench/BenchProvider';
import { useNotify } from '@/ui/notify';
import { COLOURS } from '@/ui/theme';

const LISTS = [
  ['machines', 'Machine'],
  ['printers', 'Printer'],
  ['papers', 'Paper'],
  ['cutters', 'Cutting machine'],
] as const;

/** Machines, printers, papers and cutters the person put right or added, each to be taken off again. */
export function OwnTools() {
  const { own, addToShelf, removeFromShelf } = useBench();
  const notify = useNotify();
  const mine = useStore(own.shelf);
  const tools = LISTS.flatMap(([list, word]) =>
    mine[list].map((tool) => ({ list, word, id: tool.id, name: tool.name, tool })),
  );
  if (tools.length === 0) return null;
  function takeOff({ list, id, name, tool }: (typeof tools)[number]) {
    removeFromShelf(list, id);
    const back: Partial<Shelf> = { [list]: [tool] };
    notify({
      tone: 'info',
      text: `“${name}” was taken off the shelf.`,
      action: { label: 'Undo', run: () => void addToShelf(back) },
    });
  }
  return (
    <Box sx={{ mb: 3 }}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        Your tools
      </Typography>
      <Typography sx={{ mb: 1, fontSize: 14, color: COLOURS.graphite }}>
        Taken off, a preset of the same kind shows as it came; a job that names one which is gone
        says so.
      </Typography>
      <Box component="ul" aria-label="Your tools" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {tools.map((each) => (
          <Box
            component="li"
            key={`${each.list}/${each.id}`}
            sx={{ display: 'flex', alignItems: 'center', gap: 1.5, py: 0.25 }}
          >
            <Typography sx={{ minWidth: 0, overflowWrap: 'anywhere' }}>
              {each.name}{' '}
              <Typography component="span" sx={{ color: COLOURS.graphite, fontSize: 14 }}>
                {each.word.toLowerCase()}
              </Typography>
            </Typography>
            <Button
              size="small"
              aria-label={`Take off: ${each.name}`}
              onClick={() => takeOff(each)}
            >
              Take off
            </Button>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import type { Unreadable } from '@/store';
import { saveAside } from '../bench/aside';
import { useBench } from '../bench/BenchProvider';

/** While a job is read or worked out. */
export const Opening = ({ words }: { words?: string }) => (
  <Box component="main" aria-busy="true" sx={{ p: 6 }}>
    {words && <Typography role="status">{words}</Typography>}
  </Box>
);

/** In place of a job that is not on the bench, or is there and cannot be read. */
export function NotThere({ lost }: { lost: Unreadable | null }) {
  const { name } = useBench();
  return (
    <Box component="main" sx={{ p: 6, maxWidth: 720 }}>
      <Alert
        severity="warning"
        action={
          lost && (
            <Button color="inherit" onClick={() => saveAside(lost)}>
              Save it as a file
            </Button>
          )
        }
      >
        {lost
          ? lost.newer
            ? 'This job was written by a newer Lucky Sheet, and this one cannot read it. It is kept as it is; reload to get the newer one.'
            : `This job cannot be read (${lost.reason}). It is kept as it is; nothing overwrites it.`
          : 'This job is not on the bench; it was deleted, or belongs to another browser.'}{' '}
        <Link href={`/${name}`}>Go to the bench</Link>
      </Alert>
    </Box>
  );
}

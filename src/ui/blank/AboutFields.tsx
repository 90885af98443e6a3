'use client';

import Box from '@mui/material/Box';
import Rating from '@mui/material/Rating';
import Typography from '@mui/material/Typography';
import type { AboutBlank } from '@/core/model';
import { Choice } from '../fields/Choice';
import { PriceField } from '../fields/PriceField';
import { WordsField } from '../fields/WordsField';
import { Tucked } from '../Tucked';
import { useBlankEdit } from './BlankEditor';

const AGAIN = [
  ['yes', 'Yes'],
  ['no', 'No'],
  ['open', 'Not decided'],
] as const;

/** What somebody who buys it again wants to know. */
export function AboutFields() {
  const { blank, edit } = useBlankEdit();
  const { note, source, price, rating, again } = blank.about;
  const change = (part: Partial<AboutBlank>) =>
    edit((old) => ({ ...old, about: { ...old.about, ...part } }), 'blank-about');
  return (
    <Tucked title="Bought and judged" now={rating === null ? '' : `${rating} of 5`}>
      <WordsField
        label="Where it was bought"
        value={source}
        most={200}
        onWords={(words) => change({ source: words })}
      />
      <PriceField
        label="Price of one"
        value={price}
        onValue={(figure) => change({ price: figure })}
        onClear={() => change({ price: null })}
      />
      <Box component="fieldset" sx={{ border: 0, m: 0, p: 0 }}>
        <Typography component="legend" sx={{ fontSize: 15 }}>
          How good it turned out
        </Typography>
        <Rating
          name="rating-of-blank"
          value={rating}
          onChange={(_, stars) => change({ rating: stars })}
        />
      </Box>
      <Typography sx={{ fontSize: 15 }}>Would you buy it again?</Typography>
      <Choice
        label="Would you buy it again?"
        value={again === null ? 'open' : again ? 'yes' : 'no'}
        options={AGAIN}
        onChoose={(said) => change({ again: said === 'open' ? null : said === 'yes' })}
      />
      <WordsField
        label="Note"
        rows={2}
        value={note}
        most={500}
        onWords={(words) => change({ note: words })}
      />
    </Tucked>
  );
}

'use client';

import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { SelectField } from '@/ui/fields/SelectField';
import { useJob } from '@/ui/job/jobContext';
import { PrintAgain } from '@/ui/look/PrintAgain';
import { sheetNames } from '@/ui/look/what';

/** Of a piece in parts only the bad one is printed again: which, and its print file. */
export function ReprintPart() {
  const { job, plan } = useJob();
  const [bad, setBad] = useState('');
  const sheet = plan.sheets.find(({ id }) => id === bad);
  return (
    <>
      <SelectField
        size="small"
        label="Which sheet is bad"
        value={sheet ? bad : ''}
        onChange={({ target }) => setBad(target.value)}
        sx={{ display: 'block', my: 1, maxWidth: 360, '& .MuiInputBase-root': { width: '100%' } }}
      >
        {[...sheetNames(plan)].map(([id, words]) => (
          <MenuItem key={id} value={id}>
            {words}
          </MenuItem>
        ))}
      </SelectField>
      {sheet && <PrintAgain of={{ job, plan }} sheets={[sheet]} />}
    </>
  );
}

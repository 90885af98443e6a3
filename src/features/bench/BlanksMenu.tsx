'use client';

import ListSubheader from '@mui/material/ListSubheader';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import type { Blank } from '@/core/model';
import { FORM_KINDS, FORM_PARTS } from '@/ui/blank/formParts';

/** The blanks of the shelf by their form, to choose one. */
export function BlanksMenu({
  anchor,
  blanks,
  onClose,
  onBlank,
}: {
  anchor: HTMLElement;
  blanks: readonly Blank[];
  onClose: () => void;
  onBlank: (blank: Blank) => void;
}) {
  const groups = FORM_KINDS.map((kind) => ({
    kind,
    own: blanks.filter(({ form }) => form.kind === kind),
  })).filter(({ own }) => own.length > 0);
  return (
    <Menu
      anchorEl={anchor}
      open
      onClose={onClose}
      slotProps={{ paper: { sx: { maxHeight: 520 } } }}
    >
      {groups.flatMap(({ kind, own }) => [
        <ListSubheader key={kind} sx={{ lineHeight: '32px' }}>
          {FORM_PARTS[kind].label}
        </ListSubheader>,
        ...own.map((blank) => (
          <MenuItem key={blank.id} dense onClick={() => onBlank(blank)}>
            {blank.name}
          </MenuItem>
        )),
      ])}
    </Menu>
  );
}

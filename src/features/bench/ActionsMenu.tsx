'use client';

import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';

/** What can be done with a job on the bench. */
export interface CardActions {
  readonly onRename: () => void;
  readonly onDuplicate: () => void;
  readonly onExport: () => void;
  readonly onHandOver: () => void;
  readonly onDelete: () => void;
}

/** What can be done with a job, to choose one. */
export function ActionsMenu({
  anchor,
  actions,
  onClose,
}: {
  anchor: HTMLElement;
  actions: CardActions;
  onClose: () => void;
}) {
  const item = (label: string, run: () => void) => (
    <MenuItem
      onClick={() => {
        onClose();
        run();
      }}
    >
      {label}
    </MenuItem>
  );
  return (
    <Menu anchorEl={anchor} open onClose={onClose}>
      {item('Rename', actions.onRename)}
      {item('Duplicate', actions.onDuplicate)}
      {item('Export job file', actions.onExport)}
      {item('Take to another device', actions.onHandOver)}
      {item('Delete', actions.onDelete)}
    </Menu>
  );
}

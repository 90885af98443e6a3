'use client';

import Button from '@mui/material/Button';

/** A button that takes a file from the device; choosing the same one again counts again. */
export function FileButton({
  label,
  accept,
  onFile,
}: {
  label: string;
  accept: string;
  onFile: (file: File) => void;
}) {
  return (
    <Button component="label" variant="outlined" size="small">
      {label}
      <input
        type="file"
        hidden
        accept={accept}
        aria-label={label}
        onChange={({ target }) => {
          const [file] = target.files ?? [];
          target.value = '';
          if (file) onFile(file);
        }}
      />
    </Button>
  );
}

import Alert from '@mui/material/Alert';
import type { TextSpec } from '@/core/model';
import { foreignSigns } from '@/ui/art/lettersOf';
import { foreignSignsWords } from '@/words';

/** Says which signs of a text its letters do not have, before an empty box is printed. */
export function ForeignSigns({
  fonts,
  text,
}: {
  fonts: readonly TextSpec['font'][];
  text: string;
}) {
  return [...new Set(fonts)].map((font) => {
    const signs = foreignSigns(font, text);
    if (signs.length === 0) return null;
    return (
      <Alert key={font} severity="warning">
        {foreignSignsWords(signs, font)}
      </Alert>
    );
  });
}

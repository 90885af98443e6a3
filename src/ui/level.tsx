'use client';

import DangerousOutlinedIcon from '@mui/icons-material/DangerousOutlined';
import InfoOutlinedIcon from '@mui/icons-material/InfoOutlined';
import WarningAmberOutlinedIcon from '@mui/icons-material/WarningAmberOutlined';
import type { SvgIconComponent } from '@mui/icons-material';
import type { Level } from '@/core/check';
import { COLOURS } from './theme';

/** How each level of finding is shown: never by colour alone. */
export const LEVELS: Record<Level, { word: string; colour: string; Icon: SvgIconComponent }> = {
  stop: { word: 'Stop', colour: COLOURS.ember, Icon: DangerousOutlinedIcon },
  warn: { word: 'Take care', colour: COLOURS.saffron, Icon: WarningAmberOutlinedIcon },
  note: { word: 'Note', colour: COLOURS.graphite, Icon: InfoOutlinedIcon },
};

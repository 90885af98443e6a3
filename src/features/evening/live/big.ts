import { NIGHT } from '@/ui/press';

/** The one big button of a screen read from two metres: in sight whatever has to be looked at above it. */
export const BIG = {
  ...{ position: 'sticky', bottom: 12, zIndex: 1 },
  minHeight: 96,
  fontSize: { xs: 26, sm: 34 },
  borderRadius: 3,
  bgcolor: NIGHT.button,
  color: NIGHT.onButton,
  '&:hover': { bgcolor: NIGHT.buttonHover },
  '&.Mui-disabled': { bgcolor: NIGHT.waiting, color: NIGHT.onWaiting },
} as const;

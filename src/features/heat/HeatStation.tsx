'use client';

import { JobFrame } from '@/ui/job/JobFrame';
import { HeatCard } from './HeatCard';
import { PressCard } from './PressCard';

/** Station 4: the machine, the figures, and the whole pressing on one card. */
export function HeatStation() {
  return <JobFrame station="heat" stage={<PressCard />} card={<HeatCard />} />;
}

import type { Blank, HeatSettings, Job, TransferKind } from '@/core/model';
import { inches } from '@/core/units';
import { withPass } from '@/core/shelf';
import { artwork, jobOn, shelf } from './jobs';

/** A work as the trade names it: on what, by which transfer, with which machine. */
export interface Row {
  readonly on: string;
  readonly by?: TransferKind;
  readonly with: string;
  readonly heat?: Partial<HeatSettings>;
  /** Further transfers on the same item, without pictures of their own. */
  readonly also?: readonly TransferKind[];
  readonly made?: Partial<Blank['substrate']>;
  readonly artIn?: readonly [number, number];
  readonly line: string;
}

/** A job for such a work, its picture 8 × 4 in unless said. */
export const jobFor = ({
  on,
  by = 'sublimation',
  with: machineId,
  heat,
  made,
  artIn,
  also = [],
}: Row): Job => {
  const job = jobOn(on, artwork());
  const [width, height] = artIn ?? [8, 4];
  const pressed: Job = {
    ...job,
    transfer: by,
    blank: { ...job.blank, substrate: { ...job.blank.substrate, ...made } },
    placements: job.placements.map((each) => ({
      ...each,
      sizing: {
        ...{ mode: 'exact' as const, locked: false },
        ...{ widthMm: inches(width), heightMm: inches(height) },
      },
    })),
    heat: { ...job.heat, machineId, ...heat },
  };
  return also.reduce((sum, kind) => withPass(sum, kind, kind, shelf), pressed);
};

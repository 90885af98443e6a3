'use client';

import { useDrag } from '@use-gesture/react';
import type { KeyboardEvent } from 'react';
import { repeatBoxes, artMatrix } from '@/core/layout';
import type { Box } from '@/core/geometry';
import type { Placement } from '@/core/model';
import { MM_PER_INCH } from '@/core/units';
import { Picture } from '@/ui/stage/PiecePicture';
import { useMmPerPx } from '@/ui/stage/TrueScale';
import { COLOURS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { snapped } from './snap';
import { shifted, type OnFace, type Selection } from './useSelection';

/** Boxes of a picture as it is placed and repeated over what is printed of its face (`trim`), face mm. */
const boxesOf = ({ placement, box }: OnFace, trim: Box): Box[] =>
  placement.repeat ? repeatBoxes(box, placement.repeat, trim) : [box];

interface InkProps {
  item: OnFace;
  href: string | undefined;
  trim: Box;
  /** Id of the clip path of the ink's edge; null where it is cut out of what is printed. */
  clip: string | null;
  selected: boolean;
}

/** What a picture prints; of a chosen one, what its edge cuts off too, faintly. */
export function PlacedInk({ item, href, trim, clip, selected }: InkProps) {
  const { placement, box } = item;
  const matrixOf = (each: Box) => artMatrix(each, placement.turns);
  return (
    <>
      {selected && !placement.repeat && (
        <g opacity={0.22}>
          <Picture href={href} matrix={matrixOf(box)} />
        </g>
      )}
      {clip !== null && (
        <g clipPath={`url(#${clip})`}>
          {boxesOf(item, trim).map((each, i) => (
            <Picture key={i} href={href} matrix={matrixOf(each)} />
          ))}
        </g>
      )}
    </>
  );
}

interface HandleProps {
  item: OnFace;
  selection: Selection;
  trim: Box;
  selected: boolean;
}

/** Where a drag began. */
interface DragStart {
  readonly box: Box;
  readonly at: Placement['at'];
  /** All of one drag is one step of undo. */
  readonly hand: symbol;
}

/** How near a datum line pulls, screen pixels. */
const SNAP_PX = 7;

const ARROWS: Record<string, readonly [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** What one takes a picture by: drag it, or focus it and use the arrow keys. */
export function PlacedHandle({ item, selection, trim, selected }: HandleProps) {
  const { placement, art, box, face } = item;
  const mmPerPx = useMmPerPx();
  const { length } = useUnits();
  const nudge = length === 'in' ? MM_PER_INCH / 16 : 1;

  const bindDrag = useDrag(
    ({ movement: [mx, my], first, memo, altKey, touches, cancel }) => {
      if (touches > 1) return cancel(); // two fingers look closer
      if (first) selection.choose(placement.id);
      const start = (memo as DragStart | undefined) ?? {
        ...{ box, at: placement.at, hand: Symbol('drag') },
      };
      const free = { ...start.box, x: start.box.x + mx * mmPerPx, y: start.box.y + my * mmPerPx };
      // Alt lets go of the datum lines
      const to = altKey ? free : snapped(free, face, SNAP_PX * mmPerPx);
      const at = {
        ...start.at,
        dxMm: start.at.dxMm + to.x - start.box.x,
        dyMm: start.at.dyMm + to.y - start.box.y,
      };
      if (mx !== 0 || my !== 0)
        selection.change(placement.id, (each) => ({ ...each, at }), start.hand);
      return start;
    },
    { filterTaps: true, pointer: { keys: false } },
  );

  function onKeyDown(event: KeyboardEvent) {
    const arrow = ARROWS[event.key];
    if (!arrow) return;
    event.preventDefault();
    const step = nudge * (event.shiftKey ? 4 : 1);
    selection.change(placement.id, shifted(arrow[0] * step, arrow[1] * step), 'nudge');
  }

  return (
    <g
      {...bindDrag()}
      tabIndex={0}
      role="button"
      aria-label={`Picture ${art.name}: arrow keys move it`}
      aria-pressed={selected}
      onFocus={() => selection.choose(placement.id)}
      onKeyDown={onKeyDown}
      style={{ cursor: 'grab', touchAction: 'none' }}
    >
      {placement.repeat &&
        boxesOf(item, trim).map((each, i) => <rect key={i} {...each} fill="transparent" />)}
      <rect
        {...box}
        fill="transparent"
        stroke={selected ? COLOURS.clover : 'none'}
        strokeWidth={2 * mmPerPx}
      />
    </g>
  );
}

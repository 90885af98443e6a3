'use client';

import { usePinch } from '@use-gesture/react';
import { useState, type KeyboardEvent, type RefObject } from 'react';
import type { Point } from '@/core/geometry';
import { RULER_PX } from './Rulers';

/** Most that a drawing is enlarged beyond filling its room. */
const MOST = 12;
/** A key makes it so many times as large, or pushes it about by so much, pixels (own choice). */
const KEY_TIMES = 1.25;
const KEY_PX = 60;

/** What keys do: times as large, and pushed so far each way. */
const LENS_KEYS: Readonly<Record<string, readonly [number, number, number]>> = {
  '+': [KEY_TIMES, 0, 0],
  '=': [KEY_TIMES, 0, 0],
  '-': [1 / KEY_TIMES, 0, 0],
  ArrowLeft: [1, -1, 0],
  ArrowRight: [1, 1, 0],
  ArrowUp: [1, 0, -1],
  ArrowDown: [1, 0, 1],
};

interface Lens {
  /** Times as large as the whole drawing in its room. */
  readonly zoom: number;
  /** What stands in the middle, mm from the drawing's own middle. */
  readonly off: Point;
}

const WHOLE: Lens = { zoom: 1, off: { x: 0, y: 0 } };

/** What lay under the fingers when they came down, and the lens then. */
interface Hold {
  readonly lens: Lens;
  readonly at: Point;
}

/**
 * A drawing looked at closer: by two fingers, which also push it about, by the wheel with Ctrl, or by keys. What lies
 * under the fingers stays under them; by keys, what stands in the middle.
 * @param mmPerPx of the whole drawing in its room.
 * @param of what is drawn: of something else the whole is shown again.
 */
export function useLens(room: RefObject<HTMLElement | null>, mmPerPx: number, of: string) {
  const [kept, setKept] = useState<{ readonly of: string; readonly lens: Lens }>({
    ...{ of, lens: WHOLE },
  });
  const lens = kept.of === of ? kept.lens : WHOLE;

  usePinch(
    ({ origin: [x, y], movement: [times], first, memo, event }) => {
      if (event.cancelable) event.preventDefault(); // the page neither scrolls nor grows under it
      const box = room.current?.getBoundingClientRect();
      if (!box) return undefined;
      /** From the middle of what the rulers leave, px. */
      const finger = {
        x: x - box.x - (box.width + RULER_PX) / 2,
        y: y - box.y - (box.height + RULER_PX) / 2,
      };
      const hold: Hold =
        first || !memo
          ? {
              lens,
              at: {
                x: lens.off.x + (finger.x * mmPerPx) / lens.zoom,
                y: lens.off.y + (finger.y * mmPerPx) / lens.zoom,
              },
            }
          : (memo as Hold);
      const zoom = Math.min(MOST, Math.max(1, hold.lens.zoom * times));
      const off =
        zoom === 1
          ? WHOLE.off
          : {
              x: hold.at.x - (finger.x * mmPerPx) / zoom,
              y: hold.at.y - (finger.y * mmPerPx) / zoom,
            };
      setKept({ of, lens: { zoom, off } });
      return hold;
    },
    { target: room, eventOptions: { passive: false }, pointer: { touch: true } },
  );

  const showAll = () => setKept({ of, lens: WHOLE });

  /** `+`, `−` and `0` anywhere on the drawing; arrow keys where they move nothing on it. */
  function onKeyDown(event: KeyboardEvent) {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key === '0') return showAll();
    const does = LENS_KEYS[event.key];
    if (!does) return;
    const [times, right, down] = does;
    const pushes = times === 1;
    if (pushes && (lens.zoom === 1 || event.target !== event.currentTarget)) return;
    event.preventDefault();
    const zoom = Math.min(MOST, Math.max(1, lens.zoom * times));
    const step = (KEY_PX * mmPerPx) / zoom;
    const off = { x: lens.off.x + right * step, y: lens.off.y + down * step };
    setKept({ of, lens: zoom === 1 ? WHOLE : { zoom, off } });
  }

  return { ...lens, showAll, onKeyDown };
}

'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import {
  createContext,
  useContext,
  useEffect,
  useRef,
  useState,
  type ReactNode,
  type Ref,
} from 'react';
import type { Box as MmBox } from '@/core/geometry';
import { COLOURS } from '../theme';
import { useUnits } from '../units';
import { Rulers, RULER_PX } from './Rulers';
import { useLens } from './useLens';

const MmPerPx = createContext(1);

/** How many mm one screen pixel is on the stage: multiply wanted pixels by it. */
export const useMmPerPx = (): number => useContext(MmPerPx);

interface TrueScaleProps {
  /** What must be in view, mm; the drawing keeps its proportions and fills the room. */
  view: MmBox;
  label: string;
  children: ReactNode;
  svgRef?: Ref<SVGSVGElement>;
}

/** A drawing in true proportion with rulers in the user's unit, to be looked at closer. Children are SVG in mm. */
export function TrueScale({ view, label, children, svgRef }: TrueScaleProps) {
  const room = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState({ width: 0, height: 0 });
  const { length } = useUnits();

  useEffect(() => {
    if (!room.current) return;
    const observer = new ResizeObserver(([entry]) => entry && setSize(entry.contentRect));
    observer.observe(room.current);
    return () => observer.disconnect();
  }, []);

  const wholeMmPerPx = Math.max(
    view.width / Math.max(50, size.width - RULER_PX),
    view.height / Math.max(50, size.height - RULER_PX),
  );
  const { zoom, off, showAll, onKeyDown } = useLens(room, wholeMmPerPx, label);
  const mmPerPx = wholeMmPerPx / zoom;
  const shown: MmBox = {
    x: view.x + view.width / 2 + off.x - ((size.width + RULER_PX) * mmPerPx) / 2,
    y: view.y + view.height / 2 + off.y - ((size.height + RULER_PX) * mmPerPx) / 2,
    width: size.width * mmPerPx,
    height: size.height * mmPerPx,
  };

  return (
    <Box
      ref={room}
      sx={{ flex: 1, minHeight: 0, minWidth: 0, position: 'relative', overflow: 'hidden' }}
    >
      {size.width > 0 && (
        <svg
          ref={svgRef}
          width={size.width}
          height={size.height}
          viewBox={`${shown.x} ${shown.y} ${shown.width} ${shown.height}`}
          role="group"
          aria-label={label}
          tabIndex={0}
          onKeyDown={onKeyDown}
          style={{
            position: 'absolute',
            inset: 0,
            background: COLOURS.paper,
            outlineOffset: -3,
          }}
        >
          <MmPerPx value={mmPerPx}>
            <g style={{ ['--px' as string]: mmPerPx }}>
              {children}
              <Rulers shown={shown} mmPerPx={mmPerPx} unit={length} />
            </g>
          </MmPerPx>
        </svg>
      )}
      {zoom > 1 && (
        <Button
          variant="outlined"
          size="small"
          onClick={showAll}
          sx={{ position: 'absolute', right: 8, top: RULER_PX + 8, bgcolor: COLOURS.card }}
        >
          See all of it
        </Button>
      )}
    </Box>
  );
}

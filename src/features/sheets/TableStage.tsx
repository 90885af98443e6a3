'use client';

import { isCup } from '@/core/form';
import { useDrag } from '@use-gesture/react';
import { useRef, useState } from 'react';
import { bottom, inverse, mapBox, pathData, right, type Box } from '@/core/geometry';
import { withSeamAt, withSheet } from '@/core/job';
import { wholesOn, type Tile } from '@/core/sheet';
import { useArtPreviews } from '@/ui/bench/useArtPreviews';
import { useJob } from '@/ui/job/jobContext';
import { PieceGuides, PiecePicture } from '@/ui/stage/PiecePicture';
import { TrueScale, useMmPerPx } from '@/ui/stage/TrueScale';
import { COLOURS, FONTS } from '@/ui/theme';
import { SeamLine } from './SeamLine';
import type { OnTable } from './useTable';
import { newId } from '@/store';
import { pieceWords } from '@/words';

/** A tile's name and when it is laid, in its middle. */
function TileName({ tile, nth, table }: { tile: Tile; nth: number; table: OnTable }) {
  const px = useMmPerPx();
  const { x, y, width, height } = table.toBox(tile.shown);
  return (
    <g pointerEvents="none">
      <rect
        x={x + width / 2 - 26 * px}
        y={y + height / 2 - 21 * px}
        width={52 * px}
        height={38 * px}
        rx={8 * px}
        fill="#fff"
        opacity={0.86}
      />
      <text
        x={x + width / 2}
        y={y + height / 2 - 2 * px}
        textAnchor="middle"
        fontFamily={FONTS.heading}
        fontWeight={700}
        fontSize={17 * px}
        fill={COLOURS.ink}
      >
        {tile.name}
      </text>
      <text
        x={x + width / 2}
        y={y + height / 2 + 12 * px}
        textAnchor="middle"
        fontFamily={FONTS.text}
        fontSize={11 * px}
        fill={COLOURS.graphite}
      >
        laid {nth + 1}.
      </text>
    </g>
  );
}

/** The flaps that stay under their neighbours, hatched. */
function Flaps({ table }: { table: OnTable }) {
  const px = useMmPerPx();
  const flaps = table.tiling.tiles.flatMap(({ name, shown, printed, edges }) => {
    // what lies above was laid before and lies under: no flap is kept at an upper edge
    const strips = {
      left: { ...printed, width: shown.x - printed.x },
      right: { ...printed, x: right(shown), width: right(printed) - right(shown) },
      bottom: { ...printed, y: bottom(shown), height: bottom(printed) - bottom(shown) },
    };
    return (['left', 'right', 'bottom'] as const)
      .filter((side) => edges[side] === 'under')
      .map((side) => ({ key: `${name}-${side}`, box: table.toBox(strips[side]) }));
  });
  return (
    <g fill={COLOURS.bluebell} opacity={0.28} pointerEvents="none">
      {flaps.map(({ key, box }) => (
        <rect key={key} {...box} rx={px} />
      ))}
    </g>
  );
}

function Seams({ table }: { table: OnTable }) {
  const { edit } = useJob();
  const { tiling, piece, toX } = table;
  const shift = (axis: 'down' | 'across', nth: number, at: number, hand?: symbol) =>
    edit((job) => withSeamAt(job, tiling, axis, nth, at), hand ?? `seam-${axis}-${nth}`);
  return (
    <>
      {tiling.downAtMm.map((at, nth) => (
        <SeamLine
          key={`down-${nth}`}
          axis="down"
          at={toX(at)}
          from={0}
          to={piece.heightMm}
          most={piece.widthMm}
          label={`Upright seam ${nth + 1}: arrow keys move it`}
          onMove={(to, hand) => shift('down', nth, toX(to), hand)}
        />
      ))}
      {tiling.acrossAtMm.map((at, nth) => (
        <SeamLine
          key={`across-${nth}`}
          axis="across"
          at={at}
          from={0}
          to={piece.widthMm}
          most={piece.heightMm}
          label={`Level seam ${nth + 1}: arrow keys move it`}
          onMove={(to, hand) => shift('across', nth, to, hand)}
        />
      ))}
    </>
  );
}

/** Parts no seam may cross, as lie on the stage. */
function Wholes({ table }: { table: OnTable }) {
  const { job } = useJob();
  const px = useMmPerPx();
  return (
    <g fill={COLOURS.clover} fillOpacity={0.14} stroke={COLOURS.clover} pointerEvents="none">
      {wholesOn(table.piece, job.sheet.keepWhole).map((box, i) => (
        <rect key={i} {...table.toBox(box)} strokeWidth={2 * px} />
      ))}
    </g>
  );
}

/** Where a wrap closes, beside its taped seams. */
function ClosingSeam({ table }: { table: OnTable }) {
  const { job } = useJob();
  const px = useMmPerPx();
  const { form } = job.blank;
  if (!isCup(form)) return null;
  const { widthMm, heightMm } = table.piece;
  const words = form.handleGapMm > 0 ? 'handle' : 'closes here';
  return (
    <g fontFamily={FONTS.text} fontSize={12 * px} fill={COLOURS.clover} textAnchor="middle">
      {[-9 * px, widthMm + 16 * px].map((x) => (
        <text key={x} transform={`translate(${x} ${heightMm / 2}) rotate(-90)`}>
          {words}
        </text>
      ))}
    </g>
  );
}

/** Drawn over the stage while a part is marked: a drag makes the box. */
function Marking({ table, onDone }: { table: OnTable; onDone: () => void }) {
  const { edit } = useJob();
  const px = useMmPerPx();
  const area = useRef<SVGRectElement>(null);
  const [box, setBox] = useState<Box | null>(null);
  const bind = useDrag(
    ({ xy: [x, y], initial: [x0, y0], last }) => {
      const matrix = area.current?.getScreenCTM()?.inverse();
      if (!matrix) return;
      const [a, b] = [new DOMPoint(x0, y0), new DOMPoint(x, y)].map((p) =>
        p.matrixTransform(matrix),
      );
      if (!a || !b) return;
      const drawn = {
        x: Math.min(a.x, b.x),
        y: Math.min(a.y, b.y),
        width: Math.abs(a.x - b.x),
        height: Math.abs(a.y - b.y),
      };
      setBox(drawn);
      if (!last) return;
      const slot = table.piece.slots[0];
      if (slot && drawn.width > 2 && drawn.height > 2) {
        const onFace = mapBox(inverse(slot.toStrip), table.toBox(drawn));
        const kept = {
          id: newId(),
          faceId: slot.faceId,
          xMm: onFace.x,
          yMm: onFace.y,
          widthMm: onFace.width,
          heightMm: onFace.height,
        };
        edit((job) => withSheet(job, { keepWhole: [...job.sheet.keepWhole, kept] }));
      }
      onDone();
    },
    { filterTaps: true },
  );
  return (
    <g {...bind()} style={{ cursor: 'crosshair', touchAction: 'none' }}>
      <rect
        ref={area}
        width={table.piece.widthMm}
        height={table.piece.heightMm}
        fill={COLOURS.clover}
        fillOpacity={0.06}
      />
      {box && <rect {...box} fill="none" stroke={COLOURS.clover} strokeWidth={2 * px} />}
    </g>
  );
}

/** All sheets of a piece together, in true proportion: where they meet, and in which order they are laid. */
export function TableStage({
  table,
  marking,
  onMarked,
}: {
  table: OnTable;
  marking: boolean;
  onMarked: () => void;
}) {
  const { job } = useJob();
  const previews = useArtPreviews(job.arts.map(({ sha256 }) => sha256));
  const { piece, tiling } = table;
  const room = Math.max(piece.widthMm, piece.heightMm) * 0.05;
  return (
    <TrueScale
      label={`The sheets of ${pieceWords(piece)} together`}
      view={{
        x: -room,
        y: -room,
        width: piece.widthMm + 2 * room,
        height: piece.heightMm + 2 * room,
      }}
    >
      <g transform={`matrix(${table.map.join(' ')})`}>
        <path d={pathData(piece.cut)} fill="#fff" />
        <PiecePicture piece={piece} previews={previews} />
        <PieceGuides piece={piece} />
      </g>
      <Flaps table={table} />
      <ClosingSeam table={table} />
      <Wholes table={table} />
      {tiling.tiles.map((tile, nth) => (
        <TileName key={tile.name} tile={tile} nth={nth} table={table} />
      ))}
      {marking ? <Marking table={table} onDone={onMarked} /> : <Seams table={table} />}
    </TrueScale>
  );
}

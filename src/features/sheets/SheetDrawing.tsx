'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import { useId } from 'react';
import { chain, mirrorIn, pathData, translation } from '@/core/geometry';
import type { Piece } from '@/core/layout';
import type { CutGuide, Foot, Line, Sheet, SheetItem } from '@/core/sheet';
import { formatLength } from '@/core/units';
import { useArtPreviews } from '@/ui/bench/useArtPreviews';
import { useJob } from '@/ui/job/JobProvider';
import { DimensionLine } from '@/ui/stage/DimensionLine';
import { PiecePicture } from '@/ui/stage/PiecePicture';
import { TrueScale, useMmPerPx } from '@/ui/stage/TrueScale';
import { COLOURS, FONTS } from '@/ui/theme';
import { useUnits } from '@/ui/units';

function PieceOnPage({
  item,
  piece,
  previews,
}: {
  item: SheetItem;
  piece: Piece;
  previews: ReadonlyMap<string, string>;
}) {
  const px = useMmPerPx();
  const clip = useId();
  const { tile } = item;
  const stroke = item.mirrored ? COLOURS.bluebell : COLOURS.graphite;
  return (
    <g transform={`matrix(${item.matrix.join(' ')})`}>
      {tile && (
        <clipPath id={clip}>
          <rect {...tile.printed} />
        </clipPath>
      )}
      <g clipPath={tile ? `url(#${clip})` : undefined}>
        <PiecePicture piece={piece} previews={previews} />
        <path
          d={pathData(piece.cut)}
          fill="none"
          stroke={stroke}
          strokeWidth={2 * px}
          strokeDasharray={`${6 * px} ${3 * px}`}
        />
      </g>
      {tile && (
        <rect
          {...tile.shown}
          fill="none"
          stroke={COLOURS.ember}
          strokeWidth={1.5 * px}
          strokeDasharray={`${7 * px} ${4 * px}`}
        />
      )}
    </g>
  );
}

const linesPath = (lines: readonly Line[]): string =>
  lines.map(({ from, to }) => `M${from.x} ${from.y} L${to.x} ${to.y}`).join(' ');

function CutGuideDrawing({ guide }: { guide: CutGuide }) {
  const px = useMmPerPx();
  const clip = useId();
  const path = guide.kind === 'line' ? pathData(guide.rings) : linesPath(guide.lines);
  const within = guide.kind === 'line' ? guide.within : null;
  return (
    <g>
      {within && (
        <clipPath id={clip}>
          <rect {...within} />
        </clipPath>
      )}
      {guide.kind === 'strip' && <path d={path} fill="none" stroke="#fff" strokeWidth={3 * px} />}
      <path
        d={path}
        fill="none"
        stroke={COLOURS.ink}
        strokeWidth={px}
        clipPath={within ? `url(#${clip})` : undefined}
      />
    </g>
  );
}

function FootDrawing({ foot }: { foot: Foot }) {
  const px = useMmPerPx();
  const { box, bar } = foot;
  const flip = foot.mirroredInFile
    ? chain(translation(-box.x, 0), mirrorIn(box.width), translation(box.x, 0))
    : null;
  const end = bar.stops.at(-1)?.atMm ?? 0;
  return (
    <g
      fontFamily={FONTS.text}
      fill={COLOURS.ink}
      transform={flip ? `matrix(${flip.join(' ')})` : undefined}
    >
      {foot.lines.map(({ x, y, text }) => (
        <text key={y} x={x} y={y} fontSize={foot.textSizeMm}>
          {text}
        </text>
      ))}
      <g stroke={COLOURS.ink} strokeWidth={px}>
        <line x1={bar.x} x2={bar.x + end} y1={bar.y} y2={bar.y} />
        {bar.stops.map(({ atMm }) => (
          <line key={atMm} x1={bar.x + atMm} x2={bar.x + atMm} y1={bar.y - 2} y2={bar.y} />
        ))}
      </g>
      {bar.stops.map(({ atMm, text, side }) => (
        <text
          key={atMm}
          x={bar.x + atMm + (side === 'left' ? -0.7 : 0.7)}
          textAnchor={side === 'left' ? 'end' : 'start'}
          y={bar.y - 0.6}
          fontSize={foot.textSizeMm * 0.85}
        >
          {text}
        </text>
      ))}
    </g>
  );
}

function Page({ sheet, previews }: { sheet: Sheet; previews: ReadonlyMap<string, string> }) {
  const { plan } = useJob();
  const { length } = useUnits();
  const px = useMmPerPx();
  const show = (mm: number) => formatLength(mm, length);
  return (
    <g>
      <rect
        width={sheet.widthMm}
        height={sheet.heightMm}
        fill="#fff"
        stroke={COLOURS.ink}
        strokeWidth={1.4 * px}
      />
      <rect
        {...sheet.printable}
        fill="none"
        stroke={COLOURS.graphite}
        strokeWidth={px}
        strokeDasharray={`${2 * px} ${3 * px}`}
      />
      {sheet.items.map((item) => {
        const piece = plan.pieces.find(({ id }) => id === item.pieceId);
        return (
          piece && (
            <PieceOnPage
              key={`${item.pieceId}#${item.copy}`}
              item={item}
              piece={piece}
              previews={previews}
            />
          )
        );
      })}
      {sheet.marks.cutGuides.map((guide, i) => (
        <CutGuideDrawing key={i} guide={guide} />
      ))}
      <path
        d={linesPath([...sheet.marks.up, ...sheet.marks.corners])}
        fill="none"
        stroke={COLOURS.ink}
        strokeWidth={px}
      />
      {sheet.marks.foot && <FootDrawing foot={sheet.marks.foot} />}
      <DimensionLine
        axis="x"
        from={0}
        to={sheet.widthMm}
        edge={sheet.heightMm}
        at={sheet.heightMm + 26 * px}
        label={show(sheet.widthMm)}
      />
      <DimensionLine
        axis="y"
        from={0}
        to={sheet.heightMm}
        edge={0}
        at={-26 * px}
        label={show(sheet.heightMm)}
      />
    </g>
  );
}

function NoSheet() {
  const { plan, pathTo } = useJob();
  const misfit = plan.checks.find(({ id }) => id.startsWith('misfit') || id === 'too-many');
  return (
    <Box sx={{ flex: 1, display: 'grid', placeItems: 'center', p: 4 }}>
      <Box sx={{ maxWidth: 460, textAlign: 'center' }}>
        <Typography sx={{ mb: 2, fontSize: 17 }}>
          {misfit ? misfit.text : 'There is nothing to print until a picture is on the blank.'}
        </Typography>
        {!misfit && (
          <Button component={NextLink} href={pathTo('art')} variant="contained">
            Go to the art
          </Button>
        )}
      </Box>
    </Box>
  );
}

/** The sheet in true proportion, as the PDF holds it. */
export function SheetDrawing({ sheet }: { sheet: Sheet | undefined }) {
  const { job } = useJob();
  const previews = useArtPreviews(job.arts.map(({ sha256 }) => sha256));
  if (!sheet) return <NoSheet />;
  const room = Math.max(sheet.widthMm, sheet.heightMm) * 0.09;
  return (
    <TrueScale
      label={`Sheet for ${job.name}`}
      view={{
        x: -room,
        y: -room / 3,
        width: sheet.widthMm + room * 1.4,
        height: sheet.heightMm + room * 1.4,
      }}
    >
      <Page sheet={sheet} previews={previews} />
    </TrueScale>
  );
}

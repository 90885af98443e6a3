'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import { useId } from 'react';
import { pathData, type Point } from '@/core/geometry';
import type { Piece } from '@/core/layout';
import type { Drawing } from '@/core/drawing';
import { drawingOf, type Sheet, type SheetItem } from '@/core/sheet';
import { formatLength } from '@/words/units';
import { useArtPreviews } from '@/ui/bench/useArtPreviews';
import { useJob } from '@/ui/job/jobContext';
import { DimensionLine } from '@/ui/stage/DimensionLine';
import { PiecePicture } from '@/ui/stage/PiecePicture';
import { TrueScale, useMmPerPx } from '@/ui/stage/TrueScale';
import { COLOURS, FONTS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { checkWords, sheetTexts, textWidthMm } from '@/words';

const lineData = (points: readonly Point[], closed: boolean): string =>
  `M${points.map(({ x, y }) => `${x.toFixed(3)} ${y.toFixed(3)}`).join('L')}${closed ? 'Z' : ''}`;

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

/** What is inked besides the art, as in the print file; hairlines are never thinner than a pixel here. */
function Inked({ drawing }: { drawing: Drawing }) {
  const px = useMmPerPx();
  const clip = useId();
  return (
    <g>
      {drawing.strokes.map(({ lines, closed, widthMm, grey, dashMm, within }, i) => (
        <g key={i}>
          {within && (
            <clipPath id={`${clip}${i}`}>
              <rect {...within} />
            </clipPath>
          )}
          <path
            d={lines.map((points) => lineData(points, closed)).join('')}
            fill="none"
            stroke={
              grey === 0
                ? COLOURS.ink
                : `rgb(${Array(3)
                    .fill(255 * grey)
                    .join(' ')})`
            }
            strokeWidth={Math.max(widthMm, grey === 1 ? 3 * px : px)}
            strokeDasharray={dashMm.join(' ') || undefined}
            clipPath={within ? `url(#${clip}${i})` : undefined}
          />
        </g>
      ))}
      <g
        fontFamily={FONTS.text}
        fill={COLOURS.ink}
        transform={`matrix(${drawing.textFlip.join(' ')})`}
      >
        {drawing.texts.map(({ x, y, text, sizeMm, align, widestMm }) => (
          <text
            key={`${x} ${y}`}
            x={x}
            y={y}
            fontSize={sizeMm * Math.min(1, widestMm / textWidthMm(text, sizeMm))}
            textAnchor={align === 'right' ? 'end' : 'start'}
          >
            {text}
          </text>
        ))}
      </g>
    </g>
  );
}

function Page({
  sheet,
  pieces,
  previews,
}: {
  sheet: Sheet;
  pieces: readonly Piece[];
  previews: ReadonlyMap<string, string>;
}) {
  const units = useUnits();
  const px = useMmPerPx();
  const show = (mm: number) => formatLength(mm, units.length);
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
      <Gone sheet={sheet} />
      {sheet.items.map((item) => {
        const piece = pieces.find(({ id }) => id === item.pieceId);
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
      <Inked drawing={drawingOf(sheet, pieces, sheetTexts(sheet, units))} />
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
  const units = useUnits();
  const misfit = plan.checks.find(({ code }) => code === 'misfit' || code === 'too-many');
  return (
    <Box sx={{ flex: 1, display: 'grid', placeItems: 'center', p: 4 }}>
      <Box sx={{ maxWidth: 460, textAlign: 'center' }}>
        <Typography sx={{ mb: 2, fontSize: 17 }}>
          {misfit
            ? checkWords(misfit, units).text
            : 'There is nothing to print until a picture is on the blank.'}
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

/** What has been cut out of an offcut before. */
function Gone({ sheet }: { sheet: Sheet }) {
  const px = useMmPerPx();
  return sheet.gone.map((box, i) => (
    <rect
      key={i}
      {...box}
      fill={COLOURS.hairline}
      stroke={COLOURS.graphite}
      strokeWidth={px}
      strokeDasharray={`${4 * px} ${3 * px}`}
    />
  ));
}

/**
 * The sheet in true proportion, as the PDF holds it.
 * @param pieces those that may lie on it.
 */
export function SheetDrawing({
  sheet,
  pieces,
}: {
  sheet: Sheet | undefined;
  pieces: readonly Piece[];
}) {
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
      <Page sheet={sheet} pieces={pieces} previews={previews} />
    </TrueScale>
  );
}

import { paintCometWrap, seeded, type Brush } from './paint';

const { asin, PI, sin } = Math;

/** How a pressing of the demo’s log came out, as its photo shows it. */
export type Came = 'good' | 'faded' | 'ghost' | 'scorched';

/** The body of the mug in the photo, shares of it. */
const BODY = { left: 0.27, right: 0.67, top: 0.17, low: 0.83 } as const;
/** How round the rim and the foot are seen, share of the height. */
const ROUND = 0.055;
/** How far its middle hangs lower than its sides, share of the wrap’s height. */
const SAG = 0.05;
/** The part of the wrap that is seen: half of the way round, from here, shares of it. */
const SEEN_FROM = -0.04;
const SEEN = 0.46;
/** The wrap is painted so large for a photo. */
const WRAP = { width: 900, height: 400 } as const;

/** A table and the wall behind it, in evening light. */
function room(brush: Brush, width: number, height: number): void {
  const wall = brush.createLinearGradient(0, 0, width, height * 0.6);
  wall.addColorStop(0, '#e9dfcf');
  wall.addColorStop(1, '#c4b7a3');
  brush.fillStyle = wall;
  brush.fillRect(0, 0, width, height);
  const table = brush.createLinearGradient(0, height * 0.6, 0, height);
  table.addColorStop(0, '#8a6a4a');
  table.addColorStop(1, '#5f452d');
  brush.fillStyle = table;
  brush.fillRect(0, height * 0.6, width, height * 0.4);
  const random = seeded(3);
  brush.strokeStyle = 'rgba(50, 32, 16, 0.16)';
  for (let line = 0; line < 26; line++) {
    const y = height * (0.61 + 0.38 * random());
    brush.beginPath();
    brush.moveTo(0, y);
    brush.quadraticCurveTo(width * random(), y + 8 * random() - 4, width, y + 4 * random());
    brush.stroke();
  }
  brush.fillStyle = 'rgba(30, 18, 8, 0.35)';
  brush.beginPath();
  brush.ellipse(width * 0.5, height * 0.86, width * 0.27, height * 0.06, 0, 0, 2 * PI);
  brush.fill();
}

/** The wrap round the mug, seen from the side: narrower towards both edges. */
function wrapped(width: number, height: number): OffscreenCanvas {
  const [wrap, round] = [
    new OffscreenCanvas(WRAP.width, WRAP.height),
    new OffscreenCanvas(width, height),
  ];
  const [painter, brush] = [wrap.getContext('2d'), round.getContext('2d')];
  if (!painter || !brush) throw new Error('This browser cannot draw the demo pictures.');
  paintCometWrap(painter, WRAP.width, WRAP.height);
  const strips = 160;
  const across = (share: number) => SEEN_FROM + SEEN * (0.5 + asin(2 * share - 1) / PI);
  for (let strip = 0; strip < strips; strip++) {
    const [from, to] = [across(strip / strips), across((strip + 1) / strips)];
    if (from < 0) continue;
    const sag = sin((PI * strip) / strips) * height * SAG;
    brush.drawImage(
      wrap,
      ...([from * wrap.width, 0, (to - from) * wrap.width, wrap.height] as const),
      ...([(strip * width) / strips, sag, width / strips + 0.6, height * (1 - SAG)] as const),
    );
  }
  return round;
}

/** Paints the photo of a mug of the demo’s log: one that came out well, or with a fault as it looks. */
export const paintPhoto =
  (came: Came) =>
  (brush: Brush, width: number, height: number): void => {
    room(brush, width, height);
    const [left, right] = [width * BODY.left, width * BODY.right];
    const [top, low, round] = [height * BODY.top, height * BODY.low, height * ROUND];
    const [middle, half] = [(left + right) / 2, (right - left) / 2];

    brush.strokeStyle = '#efe8da';
    brush.lineWidth = width * 0.035;
    brush.beginPath();
    brush.ellipse(right, (top + low) / 2, width * 0.1, height * 0.19, 0, -PI / 2, PI / 2);
    brush.stroke();

    brush.save();
    brush.beginPath();
    brush.moveTo(left, top);
    brush.lineTo(left, low - round);
    brush.ellipse(middle, low - round, half, round, 0, PI, 0, true);
    brush.lineTo(right, top);
    brush.closePath();
    brush.clip();
    brush.fillStyle = '#fbf7ee';
    brush.fillRect(left, top, right - left, low - top);
    const print = wrapped(right - left, low - top - 2.1 * round);
    brush.globalAlpha = came === 'faded' ? 0.42 : 1;
    brush.drawImage(print, left, top + round);
    brush.globalAlpha = 0.4;
    if (came === 'ghost') brush.drawImage(print, left + 9, top + round - 5);
    brush.globalAlpha = 1;
    if (came === 'scorched') {
      brush.globalCompositeOperation = 'multiply';
      const brown = brush.createRadialGradient(middle, low, 10, middle, low, height * 0.55);
      brown.addColorStop(0, '#b98a3c');
      brown.addColorStop(1, '#f1dfb6');
      brush.fillStyle = brown;
      brush.fillRect(left, top, right - left, low - top);
      brush.globalCompositeOperation = 'source-over';
    }
    const shade = brush.createLinearGradient(left, 0, right, 0);
    shade.addColorStop(0, 'rgba(20, 12, 4, 0.42)');
    shade.addColorStop(0.3, 'rgba(255, 255, 255, 0.16)');
    shade.addColorStop(1, 'rgba(20, 12, 4, 0.38)');
    brush.fillStyle = shade;
    brush.fillRect(left, top, right - left, low - top);
    brush.restore();

    brush.fillStyle = '#d8cfbf';
    brush.strokeStyle = '#fbf7ee';
    brush.lineWidth = 5;
    brush.beginPath();
    brush.ellipse(middle, top, half, round, 0, 0, 2 * PI);
    brush.fill();
    brush.stroke();
  };

/** A brush for the demo's pictures: any 2-D canvas context will do. */
export type Brush = OffscreenCanvasRenderingContext2D;

/** Small repeatable random numbers (mulberry32), so that the demo looks the same every time. */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const HEADING = '"Bricolage Grotesque Variable", sans-serif';

export function nightSky(brush: Brush, width: number, height: number): void {
  const sky = brush.createLinearGradient(0, 0, 0, height);
  sky.addColorStop(0, '#0d1638');
  sky.addColorStop(0.6, '#2b3a7a');
  sky.addColorStop(1, '#d8875a');
  brush.fillStyle = sky;
  brush.fillRect(0, 0, width, height);
}

export function stars(
  brush: Brush,
  width: number,
  height: number,
  count: number,
  seed: number,
): void {
  const random = seeded(seed);
  for (let i = 0; i < count; i++) {
    const size = (0.0008 + 0.0026 * random() ** 3) * width;
    brush.fillStyle = `rgba(255, ${225 + Math.round(30 * random())}, ${190 + Math.round(60 * random())}, ${0.5 + random() / 2})`;
    brush.beginPath();
    brush.arc(random() * width, random() * height * 0.8, size, 0, 2 * Math.PI);
    brush.fill();
  }
}

/** A ridge line along the bottom: a few sine hills, the same at both ends so that a wrap meets itself. */
function ridge(
  brush: Brush,
  width: number,
  height: number,
  colour: string,
  base: number,
  seed: number,
): void {
  const random = seeded(seed);
  const waves = Array.from({ length: 5 }, (_, i) => ({
    turns: i + 1,
    size: (0.09 * random()) / (i + 1),
    start: 2 * Math.PI * random(),
  }));
  brush.fillStyle = colour;
  brush.beginPath();
  brush.moveTo(0, height);
  for (let x = 0; x <= width; x += width / 400) {
    const hill = waves.reduce(
      (sum, { turns, size, start }) =>
        sum + size * Math.sin((2 * Math.PI * turns * x) / width + start),
      0,
    );
    brush.lineTo(x, height * (base + hill));
  }
  brush.lineTo(width, height);
  brush.fill();
}

export function comet(brush: Brush, x: number, y: number, size: number): void {
  for (let i = 40; i >= 0; i--) {
    const share = i / 40;
    brush.strokeStyle = `rgba(255, 240, 200, ${0.05 + 0.05 * (1 - share)})`;
    brush.lineWidth = size * (0.25 + 0.9 * share);
    brush.lineCap = 'round';
    brush.beginPath();
    brush.moveTo(x, y);
    brush.quadraticCurveTo(
      x + size * 3 * share,
      y - size * 0.4 * share,
      x + size * 9 * share,
      y - size * 3.2 * share,
    );
    brush.stroke();
  }
  brush.fillStyle = '#fff7dc';
  brush.beginPath();
  brush.arc(x, y, size * 0.55, 0, 2 * Math.PI);
  brush.fill();
}

export function lettering(
  brush: Brush,
  text: string,
  x: number,
  y: number,
  size: number,
  colour: string,
): void {
  brush.font = `700 ${size}px ${HEADING}`;
  brush.textAlign = 'center';
  brush.textBaseline = 'alphabetic';
  brush.fillStyle = colour;
  brush.fillText(text, x, y);
}

/** The comet wrap: sky, stars, comet, ridge and lettering round the whole mug. */
export function paintCometWrap(brush: Brush, width: number, height: number): void {
  nightSky(brush, width, height);
  stars(brush, width, height, 260, 7);
  comet(brush, width * 0.17, height * 0.46, height * 0.08);
  ridge(brush, width, height, '#2c2450', 0.8, 3);
  ridge(brush, width, height, '#171331', 0.89, 11);
  lettering(brush, 'HOLLOW RIDGE', width * 0.75, height * 0.42, height * 0.125, '#fff4d8');
  lettering(brush, 'Star Party', width * 0.75, height * 0.56, height * 0.11, '#f5b878');
}

/** Seven moons from new to full and back on a clear ground, with a line of lettering. */
export function paintMoonPhases(brush: Brush, width: number, height: number): void {
  const radius = height * 0.27;
  for (let i = 0; i < 7; i++) {
    const x = (width * (i + 0.5)) / 7;
    const y = height * 0.36;
    const lit = (i + 1) / 8;
    brush.fillStyle = '#2a2f4f';
    brush.beginPath();
    brush.arc(x, y, radius * 0.9, 0, 2 * Math.PI);
    brush.fill();
    brush.fillStyle = '#f1dfae';
    brush.beginPath();
    brush.arc(x, y, radius * 0.9, -Math.PI / 2, Math.PI / 2);
    brush.ellipse(
      x,
      y,
      Math.abs(1 - 2 * lit) * radius * 0.9,
      radius * 0.9,
      0,
      Math.PI / 2,
      -Math.PI / 2,
      lit < 0.5,
    );
    brush.fill();
  }
  lettering(
    brush,
    'Hollow Ridge, new moon to full',
    width / 2,
    height * 0.92,
    height * 0.17,
    '#2a2f4f',
  );
}

/** A daylight horizon with the club’s name, 17 : 10. */
export function paintHorizon(brush: Brush, width: number, height: number): void {
  const sky = brush.createLinearGradient(0, 0, 0, height);
  sky.addColorStop(0, '#7fb2d9');
  sky.addColorStop(1, '#fbe3bd');
  brush.fillStyle = sky;
  brush.fillRect(0, 0, width, height);
  brush.fillStyle = '#fdf6dd';
  brush.beginPath();
  brush.arc(width * 0.5, height * 0.42, height * 0.2, 0, 2 * Math.PI);
  brush.fill();
  ridge(brush, width, height, '#6c8f6f', 0.68, 21);
  ridge(brush, width, height, '#2f5a48', 0.82, 5);
  lettering(brush, 'Hollow Ridge', width / 2, height * 0.94, height * 0.11, '#fdf6dd');
}

import { comet, lettering, nightSky, seeded, stars, type Brush } from './paint';

/** A round badge on a clear ground: the comet over the ridge, the club's name under it. */
export function paintBadge(brush: Brush, width: number, height: number): void {
  const radius = Math.min(width, height) / 2;
  brush.save();
  brush.beginPath();
  brush.arc(width / 2, height / 2, radius, 0, 2 * Math.PI);
  brush.clip();
  nightSky(brush, width, height);
  stars(brush, width, height, 160, 31);
  comet(brush, width * 0.3, height * 0.5, height * 0.055);
  brush.fillStyle = '#171331';
  brush.beginPath();
  brush.moveTo(0, height);
  brush.lineTo(0, height * 0.72);
  brush.quadraticCurveTo(width * 0.3, height * 0.56, width * 0.52, height * 0.72);
  brush.quadraticCurveTo(width * 0.75, height * 0.6, width, height * 0.74);
  brush.lineTo(width, height);
  brush.fill();
  lettering(brush, 'HOLLOW RIDGE', width / 2, height * 0.86, height * 0.085, '#fff4d8');
  brush.restore();
}

/** The badge's other side: the date of the dark weekend, on a pale ground. */
export function paintBadgeBack(brush: Brush, width: number, height: number): void {
  brush.fillStyle = '#fbe9c8';
  brush.fillRect(0, 0, width, height);
  stars(brush, width, height * 0.5, 30, 5);
  lettering(brush, 'Dark sky', width / 2, height * 0.46, height * 0.14, '#2a2f4f');
  lettering(brush, 'weekend', width / 2, height * 0.62, height * 0.14, '#2a2f4f');
  lettering(brush, 'Hollow Ridge', width / 2, height * 0.76, height * 0.075, '#7a4a2c');
}

/** One five-pointed star on a clear ground, to be repeated. */
export function paintStar(brush: Brush, width: number, height: number): void {
  const [x, y, radius] = [width / 2, height / 2, Math.min(width, height) * 0.48];
  brush.fillStyle = '#e0a83a';
  brush.beginPath();
  for (let i = 0; i < 10; i++) {
    const angle = (i * Math.PI) / 5 - Math.PI / 2;
    const reach = i % 2 === 0 ? radius : radius * 0.42;
    const [px, py] = [x + reach * Math.cos(angle), y + reach * Math.sin(angle)];
    if (i === 0) brush.moveTo(px, py);
    else brush.lineTo(px, py);
  }
  brush.fill();
}

/** A chart of an invented sky: hour lines, stars by magnitude, constellations of our own. */
export function paintStarChart(brush: Brush, width: number, height: number): void {
  const random = seeded(2026);
  brush.fillStyle = '#0f1a3d';
  brush.fillRect(0, 0, width, height);
  const [x, y, radius] = [width / 2, height * 0.46, width * 0.44];
  brush.strokeStyle = 'rgba(200, 215, 255, 0.35)';
  brush.lineWidth = width / 900;
  for (const share of [0.25, 0.5, 0.75, 1]) {
    brush.beginPath();
    brush.arc(x, y, radius * share, 0, 2 * Math.PI);
    brush.stroke();
  }
  for (let hour = 0; hour < 24; hour++) {
    const angle = (hour * Math.PI) / 12;
    brush.beginPath();
    brush.moveTo(x + radius * 0.05 * Math.cos(angle), y + radius * 0.05 * Math.sin(angle));
    brush.lineTo(x + radius * Math.cos(angle), y + radius * Math.sin(angle));
    brush.stroke();
  }
  const places = Array.from({ length: 420 }, () => {
    const reach = radius * Math.sqrt(random()) * 0.98;
    const angle = 2 * Math.PI * random();
    return { x: x + reach * Math.cos(angle), y: y + reach * Math.sin(angle), size: random() ** 4 };
  });
  for (const { x: px, y: py, size } of places) {
    brush.fillStyle = '#fff6dc';
    brush.beginPath();
    brush.arc(px, py, width * (0.0007 + 0.0042 * size), 0, 2 * Math.PI);
    brush.fill();
  }
  const bright = places.filter(({ size }) => size > 0.35);
  brush.strokeStyle = 'rgba(245, 184, 120, 0.7)';
  brush.lineWidth = width / 600;
  bright.forEach((star, i) => {
    const next = bright[i + 1];
    if (!next || Math.hypot(next.x - star.x, next.y - star.y) > radius * 0.55) return;
    brush.beginPath();
    brush.moveTo(star.x, star.y);
    brush.lineTo(next.x, next.y);
    brush.stroke();
  });
  lettering(brush, 'The sky over Hollow Ridge', x, height * 0.87, width * 0.062, '#fff4d8');
  lettering(brush, 'new moon, the Star Party weekend', x, height * 0.915, width * 0.034, '#f5b878');
}

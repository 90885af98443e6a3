import { mapRegion, mirrorIn } from '../geometry';
import { nameOf, type Piece } from '../layout';
import { ringLines, type Sketch } from './sketch';

/** The outlines film is cut along, carrier side down: one for every piece that differs. */
export const filmOutlines = (films: readonly Piece[]): Sketch[] =>
  films.map((film) => ({
    kind: 'film-outline',
    ...(films.length > 1
      ? { of: { id: film.id, called: { kind: 'piece', piece: nameOf(film) } as const } }
      : {}),
    widthMm: film.widthMm,
    heightMm: film.heightMm,
    lines: ringLines('cut', mapRegion(mirrorIn(film.widthMm), film.cut)),
    marks: [],
  }));

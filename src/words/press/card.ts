import { rectRing } from '@/core/geometry';
import { line, ringLines } from '@/core/jig';
import type { Job, Layer, Program } from '@/core/model';
import type { PressPlan, Recipe } from '@/core/press';
import { formatRuns, type UnitStyle } from '../units';
import type { Pattern } from '../drawings/pattern';
import {
  heading,
  LINE_MM,
  paragraph,
  setLines,
  TEXT_MM,
  TEXT_WIDTH_MM,
} from '../drawings/textPage';
import { CARE_WORDS, tapingWords } from './advice';
import { displayLine, roundsLine, rowsLine } from './figures';
import { layerWords, wearWords } from './layers';
import { cardSteps, operationFigures } from './operations';
import { CAUTION_WORDS, RECIPE_WORDS } from './recipes';
import { FACE_WORDS } from '../places';
import { supplyWords } from './supplies';
import { heatLine, testPieceWords, VERDICT_WORDS } from './testPieces';

/** Room for the plate's footprints, mm. */
const FOOTPRINTS_MM = 60;

/** A layer in a breath: what it is, and how it comes out. */
function layerLine(layer: Layer, program: Program): string {
  const { name, note } = layerWords(layer, program);
  const more = [note, wearWords(layer)].filter(Boolean).join('; ');
  return more ? `${name} (${more})` : name;
}

interface CardInput {
  readonly job: Job;
  readonly press: PressPlan;
  readonly machine: string;
  readonly recipe: Recipe;
  readonly units: UnitStyle;
  /** How much of it goes on one page, mm. */
  readonly pageHeightMm: number;
}

/** The whole press plan as lines of text, headings marked. */
function cardLines({ job, press, machine, recipe, units }: CardInput) {
  const { program } = press;
  const [head, say] = [heading, paragraph];
  const sayIf = (text: string | null) => (text === null ? [] : say(text));
  const sections = press.sides.flatMap(({ called, sections: each }) =>
    each.length > 1 ? [`${FACE_WORDS[called]}: ${each.length} placements of the plate.`] : [],
  );
  const steps = cardSteps(program, units).flatMap(({ operation, title, detail }, i) => {
    const { heat, time, pressure } = operationFigures(operation, units);
    const figures = [heat, time, pressure].filter(Boolean);
    return say(`${i + 1}. ${title}${figures.length ? ` (${figures.join(', ')})` : ''}. ${detail}`);
  });
  const boxes = Object.values(VERDICT_WORDS)
    .map((word) => `[   ] ${word}`)
    .join('    ');
  const pieces = testPieceWords(job, press, units).map(
    ({ letter, figures }) => `${letter}   ${figures}:    ${boxes}`,
  );
  const layers = program.layUps[press.passes.findIndex((pass) => pass.recipe === recipe)] ?? [];
  return [
    head(job.name),
    ...say(`${machine}: ${heatLine(press, units)}`),
    ...sayIf(displayLine(press.display, units)),
    ...(press.timer.length > 1 ? say(`Timer: ${formatRuns(press.timer)}, without opening.`) : []),
    ...sections.flatMap(say),
    ...sayIf(rowsLine(press.atOnce, units.length)),
    ...sayIf(roundsLine(press.rounds)),
    ...say(
      `From the heat inwards: ${layers.map((layer) => layerLine(layer, program)).join(', ')}.`,
    ),
    head('Take care'),
    ...recipe.cautions.flatMap((caution) => say(CAUTION_WORDS[caution])),
    head('Tape'),
    ...press.taping.flatMap((taping) => say(tapingWords(taping, units.length))),
    head('Lay ready'),
    ...say(press.supplies.map((each) => supplyWords(each, units)).join('; ') + '.'),
    ...(pieces.length > 0
      ? [head('Test pieces: tick how each came out'), ...pieces.flatMap(say)]
      : []),
    head('In this order'),
    ...steps,
    head('It is done when'),
    ...say(RECIPE_WORDS[recipe.id].done),
    head('For the one who gets it'),
    ...press.care.flatMap((care) => say(CARE_WORDS[care])),
    ...(press.wash === '' ? [] : say(`Its maker: ${press.wash}.`)),
  ];
}

/** The press plan of a job on one page, with its footprints where the plate is put down often. */
export function pressCard(input: CardInput): Pattern {
  const lines = cardLines(input);
  const [side] = input.press.sides;
  const { texts, endMm } = setLines(lines);
  const after = endMm + LINE_MM;
  const box = side && side.sections.length > 1 ? side.sections.map((each) => each.box) : [];
  const right = Math.max(1, ...box.map((b) => b.x + b.width));
  const left = Math.min(0, ...box.map((b) => b.x));
  const top = Math.min(0, ...box.map((b) => b.y));
  const bottom = Math.max(1, ...box.map((b) => b.y + b.height));
  const scale = box.length
    ? Math.min(FOOTPRINTS_MM / (right - left), FOOTPRINTS_MM / (bottom - top))
    : 0;
  // the footprints stay whole: on the next page where this one ends in them
  const page = input.pageHeightMm;
  const restMm = page - (after % page);
  const below = restMm < (bottom - top) * scale + LINE_MM ? after + restMm + LINE_MM : after;
  const to = (x: number, y: number) => ({ x: (x - left) * scale, y: below + (y - top) * scale });
  const footprints = (side?.sections ?? []).filter(() => box.length > 0);
  return {
    id: 'press-card',
    name: 'Press card',
    use: 'The whole pressing on paper, for the table.',
    widthMm: TEXT_WIDTH_MM,
    heightMm: below + (bottom - top) * scale,
    flows: true,
    lines: [
      line('mark', { x: 0, y: 0 }, { x: TEXT_WIDTH_MM, y: 0 }),
      ...footprints.flatMap(({ box: b }) =>
        ringLines('draw', [
          rectRing({ ...to(b.x, b.y), width: b.width * scale, height: b.height * scale }),
        ]),
      ),
    ],
    texts: [
      ...texts,
      ...footprints.map(({ number, box: b }) => ({
        ...to(b.x + b.width / 2, b.y + b.height / 2),
        ...{ text: String(number), sizeMm: TEXT_MM },
      })),
    ],
  };
}

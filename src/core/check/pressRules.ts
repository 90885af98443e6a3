import type { Pressure } from '../model';
import { isCloth, MACHINES } from '../traits';
import { cools, DYE_MOVES_FROM_C, effectivePlate, MOST_SECTIONS } from '../press';
import { fahrenheitToC, formatDuration, formatRuns, formatSize, formatTemperature } from '../units';
import type { Check, Findings, Rule } from './check';

/** Heat-rated tape and shrink sleeves are made for about this (common practice; sleeves from memory). */
const TAPE_HOLDS_TO_C = fahrenheitToC(400);
/** What dye is usually pressed at (common practice). */
const DYE_HEAT_C = fahrenheitToC(400);
/** Longer than this a hot press tempts one to walk away (own choice). */
const LONG_S = 240;
/** Peeled before this many seconds, it is peeled hot or warm. */
const COLD_AFTER_S = 60;

const heatFix = (
  { job }: Findings,
  label: string,
  part: Partial<Findings['job']['heat']>,
): Check['fixes'] => [{ label, patch: { heat: { ...job.heat, ...part } } }];

const at = (
  id: string,
  level: Check['level'],
  text: string,
  figure: string,
  fixes?: Check['fixes'],
): Check[] => [{ id, level, station: 'heat', text, figure, ...(fixes ? { fixes } : {}) }];

const cracks: Rule = (f) => {
  const { recipe, press } = f;
  const { pressure } = press.settings;
  if (!recipe.needsPad || (pressure !== 'firm' && pressure !== 'medium')) return [];
  const can = f.machine.pressures.length === 0 || f.machine.pressures.includes('light');
  const fix = can
    ? heatFix(f, 'Press lightly', { own: { ...f.job.heat.own, pressure: 'light' } })
    : undefined;
  return at(
    'cracks',
    pressure === 'firm' ? 'stop' : 'warn',
    `Thin hard blanks crack under ${pressure} pressure. Press lightly, on a soft pad.`,
    pressure,
    fix,
  );
};

const pad: Rule = (f) =>
  f.recipe.needsPad && !f.machine.pad && !f.job.heat.pad
    ? at(
        'pad',
        'warn',
        `“${f.machine.name}” has no soft pad: a thin hard blank cracks on a bare base. Put one under it.`,
        'no pad',
        heatFix(f, 'I put a pad under it', { pad: true }),
      )
    : [];

const blankLimit: Rule = ({ job, press, units }) => {
  const { temperatureC } = press.settings;
  const { maxC } = job.blank.substrate;
  if (temperatureC === null || maxC === null || temperatureC <= maxC + 0.5) return [];
  const figure = formatTemperature(temperatureC, units.temperature);
  return at(
    'blank-limit',
    'stop',
    `${figure} is over what “${job.blank.name}” bears, ${formatTemperature(maxC, units.temperature)}. Press it cooler, or take another transfer.`,
    figure,
  );
};

const tapeLimit: Rule = ({ press, machine, units }) => {
  const { temperatureC } = press.settings;
  if (temperatureC === null || temperatureC <= TAPE_HOLDS_TO_C + 1) return [];
  const figure = formatTemperature(temperatureC, units.temperature);
  const what = MACHINES[machine.kind].sleeved
    ? 'Tape and shrink sleeves are'
    : 'Heat-rated tape is';
  return at(
    'tape-limit',
    'warn',
    `${figure}: ${what} made for about ${formatTemperature(TAPE_HOLDS_TO_C, units.temperature)}. See what is printed on yours.`,
    figure,
  );
};

const timer: Rule = ({ press, machine }) => {
  if (press.timer.length < 2) return [];
  const runs = formatRuns(press.timer);
  return at(
    'timer',
    'note',
    `${formatDuration(press.settings.dwellS)} is longer than the timer of “${machine.name}”: run it ${runs} without opening.`,
    runs,
  );
};

const pressureLacking: Rule = (f) => {
  const { pressure } = f.press.settings;
  const has: readonly Pressure[] = f.machine.pressures;
  if (pressure === null || has.length === 0 || has.includes(pressure)) return [];
  return at(
    'pressure-lacking',
    'warn',
    `“${f.machine.name}” gives ${has.join(' or ')} pressure; ${pressure} is wanted. Lean on it evenly, or use another machine.`,
    pressure,
  );
};

const plateSmall: Rule = ({ press, recipe, machine, faces, units }) => {
  const plate = effectivePlate(machine);
  const [side] = press.sides;
  const [face] = faces;
  if (!plate || !side || !face || recipe.sides !== 'together' || side.sections.length < 2)
    return [];
  const two = press.sides.length > 1;
  const figure = formatSize(face.widthMm, face.heightMm, units.length);
  return at(
    'plate-small',
    two ? 'stop' : 'warn',
    `A hard blank is pressed in one go${two ? ', both sides together' : ''}: it measures ${figure}, and “${machine.name}” heats ${formatSize(plate.widthMm, plate.heightMm, units.length)} evenly. Use a larger plate.`,
    figure,
  );
};

const ironForDye: Rule = ({ machine, transfer, units }) =>
  !MACHINES[machine.kind].steady && transfer.dye
    ? at(
        'iron-dye',
        'stop',
        `An iron is too uneven for dye: it has cool spots, steam holes, and no steady ${formatTemperature(DYE_HEAT_C, units.temperature)}. Use a press, or iron-on paper.`,
        machine.name,
      )
    : [];

const printSide: Rule = ({ transfer, printer }) =>
  transfer.ink !== null && printer.feedSide.trim() === ''
    ? [
        {
          id: 'print-side',
          level: 'warn',
          station: 'sheets',
          text: `It is not noted which way up paper goes into “${printer.name}”. Print on the blank side: mark one sheet, print, and note it at the printer.`,
          figure: 'side unknown',
        },
      ]
    : [];

const spentCover: Rule = (f) =>
  f.transfer.dye && f.job.heat.cover === 'used'
    ? at(
        'spent-cover',
        'warn',
        'Uncoated paper is spent after one pressing: the dye it caught goes into the next blank. Take fresh paper.',
        'used paper',
        heatFix(f, 'Take fresh paper', { cover: 'fresh' }),
      )
    : [];

const overDye: Rule = ({ job, press, units }) => {
  const { temperatureC } = press.settings;
  const again = press.passes.find(({ fadesDye }) => fadesDye);
  const hot = job.heat.overDye && temperatureC !== null && temperatureC >= DYE_MOVES_FROM_C;
  if (!again && !hot) return [];
  const figure = formatTemperature(
    again?.settings.temperatureC ?? temperatureC ?? 0,
    units.temperature,
  );
  return at(
    'over-dye',
    'warn',
    `${figure} over finished dye turns it to gas again: it fades, worst under tape. Do the hotter work first, or cover it and keep it short.`,
    figure,
  );
};

const peelRule: Rule = (f) => {
  const { transfer, recipe, job } = f;
  const chosen = recipe.cool[job.heat.coolSchool];
  if (transfer.peel !== 'cold' || (chosen.durationS ?? 0) >= COLD_AFTER_S) return [];
  return at(
    'peel',
    'warn',
    `${transfer.label} is peeled cold; peeled hot it comes off the cloth.`,
    'peeled hot',
    heatFix(f, 'Let it go fully cold', { coolSchool: 'B' }),
  );
};

const unattended: Rule = ({ press, machine }) =>
  press.settings.temperatureC !== null && press.settings.dwellS > LONG_S
    ? at(
        'unattended',
        'note',
        `${formatDuration(press.settings.dwellS)} is long enough to walk away. “${machine.name}” stays hot: stay with it, and switch it off at the plug.`,
        formatDuration(press.settings.dwellS),
      )
    : [];

const drop: Rule = ({ job, machine, units }) =>
  isCloth(job.blank.substrate) && cools(job) && machine.plate !== null && machine.dropC === 0
    ? at(
        'drop',
        'note',
        `A plate cools on ${job.blank.substrate.texture === 'sequin' ? 'sequins' : 'thick goods'}: set it about ${units.temperature === '°F' ? '2 °F' : '1 °C'} up, or note at “${machine.name}” how far it drops.`,
        'no drop noted',
      )
    : [];

/** A plate far too small for the thing, or a timer far too short for the time. */
const beyondPlan: Rule = ({ press, machine, units }) => {
  const plate = effectivePlate(machine);
  const many = press.sides.find(({ tooMany }) => tooMany !== null)?.tooMany ?? null;
  if (many !== null && plate)
    return at(
      'too-many-sections',
      'stop',
      `“${machine.name}” heats ${formatSize(plate.widthMm, plate.heightMm, units.length)} evenly: it would be put down ${many} times and more; up to ${MOST_SECTIONS} are planned. Use a larger plate.`,
      `${many} times`,
    );
  const { tooManyPresses, timer: runs } = press;
  return tooManyPresses === null
    ? []
    : at(
        'too-many-presses',
        'stop',
        `That would be ${tooManyPresses} presses, the timer set ${runs.length} times for each. Use a machine with a longer timer or a larger plate.`,
        `${tooManyPresses} presses`,
      );
};

/** What would spoil the blank at the press: pressure, pad, limits, covers, second heats. */
export const PRESS_RULES: readonly Rule[] = [
  cracks,
  pad,
  blankLimit,
  tapeLimit,
  timer,
  pressureLacking,
  plateSmall,
  ironForDye,
  printSide,
  spentCover,
  overDye,
  peelRule,
  unattended,
  drop,
  beyondPlan,
];

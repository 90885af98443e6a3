import type { Size } from './vocabulary';
import type { Pressure, TransferKind } from '../model';
import { isCloth, MACHINES, TAPE_HOLDS_TO_C } from '../traits';
import {
  coolestC,
  cools,
  DYE_MOVES_FROM_C,
  effectivePlate,
  evenPart,
  MOST_SECTIONS,
  hottestOf,
} from '../press';
import { fahrenheitToC } from '../units';
import { at, finder, type RuleOf } from './finding';
import { fix } from './fixes';
import { otherWays } from './otherWays';

/** What would spoil the blank at the press? */
export const PRESS_KINDS = {
  cracks: at<{ pressure: Pressure }>('heat'),
  pad: at<{ machine: string }>('heat'),
  'blank-limit': at<{ temperatureC: number; blank: string; mostC: number }>('heat'),
  'tape-limit': at<{ temperatureC: number; holdsC: number; sleeved: boolean }>('heat'),
  timer: at<{ dwellS: number; machine: string; runsS: readonly number[] }>('heat'),
  'pressure-lacking': at<{ machine: string; has: readonly Pressure[]; wanted: Pressure }>('heat'),
  'plate-small': at<Size & { twoSides: boolean; machine: string; plate: Size }>('heat'),
  /** Part of the plate is not evenly hot: what is, from its left and back edge, mm; the coolest place, °C below. */
  'plate-uneven': at<{
    machine: string;
    even: Size;
    fromLeftMm: number;
    fromBackMm: number;
    coolerC: number;
  }>('heat'),
  'iron-dye': at<{ machine: string; dyeC: number }>('heat'),
  'print-side': at<{ printer: string }>('sheets'),
  'spent-cover': at('heat'),
  /** Heat over dye that is finished. */
  'over-dye': at<{ temperatureC: number }>('heat'),
  peel: at<{ transfer: TransferKind }>('heat'),
  unattended: at<{ dwellS: number; machine: string }>('heat'),
  drop: at<{ sequins: boolean; machine: string }>('heat'),
  'too-many-sections': at<{ machine: string; plate: Size; times: number; most: number }>('heat'),
  'too-many-presses': at<{ presses: number; runs: number }>('heat'),
};
const found = finder(PRESS_KINDS);
type PressRule = RuleOf<typeof PRESS_KINDS>;

/** What dye is usually pressed at (common practice). */
const DYE_HEAT_C = fahrenheitToC(400);
/** Longer than this a hot press tempts one to walk away (own choice). */
const LONG_S = 240;
/** Peeled before this many seconds, it is peeled hot or warm. */
const COLD_AFTER_S = 60;

const cracks: PressRule = ({ recipe, press, machine }) => {
  const { pressure } = press.settings;
  if (!recipe.needsPad || (pressure !== 'firm' && pressure !== 'medium')) return [];
  const can = machine.pressures.length === 0 || machine.pressures.includes('light');
  const level = pressure === 'firm' ? 'stop' : 'warn';
  return [found('cracks', level, { pressure }, { fixes: can ? [fix('press-lightly', {})] : [] })];
};

const pad: PressRule = ({ recipe, machine, job }) =>
  recipe.needsPad && !machine.pad && !job.heat.pad
    ? [found('pad', 'warn', { machine: machine.name }, { fixes: [fix('pad-under', {})] })]
    : [];

const blankLimit: PressRule = ({ job: { blank }, press }) => {
  const temperatureC = hottestOf(press);
  const { maxC: mostC } = blank.substrate;
  if (temperatureC === null || mostC === null || temperatureC <= mostC + 0.5) return [];
  return [found('blank-limit', 'stop', { temperatureC, blank: blank.name, mostC })];
};

const tapeLimit: PressRule = ({ press, machine }) => {
  const temperatureC = hottestOf(press);
  if (temperatureC === null || temperatureC <= TAPE_HOLDS_TO_C + 1) return [];
  const { sleeved } = MACHINES[machine.kind];
  return [found('tape-limit', 'warn', { temperatureC, holdsC: TAPE_HOLDS_TO_C, sleeved })];
};

const timer: PressRule = ({ press, machine }) => {
  const { timer: runsS, settings } = press;
  if (runsS.length < 2) return [];
  return [found('timer', 'note', { dwellS: settings.dwellS, machine: machine.name, runsS })];
};

const pressureLacking: PressRule = ({ press, machine }) => {
  const { pressure: wanted } = press.settings;
  const has: readonly Pressure[] = machine.pressures;
  if (wanted === null || has.length === 0 || has.includes(wanted)) return [];
  return [found('pressure-lacking', 'warn', { machine: machine.name, has, wanted })];
};

const plateSmall: PressRule = ({ press, recipe, machine, faces }) => {
  const plate = effectivePlate(machine);
  const [side] = press.sides;
  const [face] = faces;
  if (!plate || !side || !face || recipe.sides !== 'together' || side.sections.length < 2)
    return [];
  const twoSides = press.sides.length > 1;
  const { widthMm, heightMm } = face;
  const facts = { widthMm, heightMm, twoSides, machine: machine.name, plate };
  return [found('plate-small', twoSides ? 'stop' : 'warn', facts)];
};

/** Less of the plate than this is worth a word (own choice). */
const UNEVEN_SHARE = 0.97;

const plateUneven: PressRule = ({ machine, press }) => {
  const [part, whole] = [evenPart(machine), evenPart({ ...machine, readings: null })];
  if (!part || !whole || !press.sides.some(({ sections }) => sections.length > 0)) return [];
  if (part.width * part.height > UNEVEN_SHARE * whole.width * whole.height) return [];
  const facts = {
    ...{ machine: machine.name, fromLeftMm: part.x, fromBackMm: part.y },
    ...{ even: { widthMm: part.width, heightMm: part.height } },
    coolerC: coolestC(machine.readings),
  };
  return [found('plate-uneven', 'note', facts)];
};

const ironForDye: PressRule = (findings) => {
  const { machine, transfer } = findings;
  if (MACHINES[machine.kind].steady || !transfer.dye) return [];
  const facts = { machine: machine.name, dyeC: DYE_HEAT_C };
  return [found('iron-dye', 'stop', facts, { fixes: otherWays(findings) })];
};

const printSide: PressRule = ({ transfer, printer }) =>
  transfer.ink !== null && printer.feedSide.trim() === ''
    ? [found('print-side', 'warn', { printer: printer.name })]
    : [];

const spentCover: PressRule = ({ transfer, job }) =>
  transfer.dye && job.heat.cover === 'used'
    ? [found('spent-cover', 'warn', {}, { fixes: [fix('fresh-paper', {})] })]
    : [];

const overDye: PressRule = ({ job, press }) => {
  const { temperatureC } = press.settings;
  const again = press.passes.find(({ fadesDye }) => fadesDye);
  const hot = job.heat.overDye && temperatureC !== null && temperatureC >= DYE_MOVES_FROM_C;
  if (!again && !hot) return [];
  return [
    found('over-dye', 'warn', {
      temperatureC: again?.settings.temperatureC ?? temperatureC ?? 0,
    }),
  ];
};

const peelRule: PressRule = ({ transfer, recipe, job }) => {
  const chosen = recipe.cool[job.heat.coolSchool];
  if (transfer.peel !== 'cold' || (chosen.durationS ?? 0) >= COLD_AFTER_S) return [];
  return [found('peel', 'warn', { transfer: job.transfer }, { fixes: [fix('cool-fully', {})] })];
};

const unattended: PressRule = ({ press: { settings }, machine }) =>
  settings.temperatureC !== null && settings.dwellS > LONG_S
    ? [found('unattended', 'note', { dwellS: settings.dwellS, machine: machine.name })]
    : [];

const drop: PressRule = ({ job, machine }) => {
  const { substrate } = job.blank;
  const noted = machine.plate === null || machine.dropC !== 0;
  if (!isCloth(substrate) || !cools(job) || noted) return [];
  return [
    found('drop', 'note', { sequins: substrate.texture === 'sequin', machine: machine.name }),
  ];
};

/** A plate far too small for the thing, or a timer far too short for the time. */
const beyondPlan: PressRule = ({ press, machine }) => {
  const plate = effectivePlate(machine);
  const times = press.sides.find(({ tooMany }) => tooMany !== null)?.tooMany ?? null;
  if (times !== null && plate) {
    const facts = { machine: machine.name, plate, times, most: MOST_SECTIONS };
    return [found('too-many-sections', 'stop', facts)];
  }
  const { tooManyPresses: presses, timer: runs } = press;
  return presses === null
    ? []
    : [found('too-many-presses', 'stop', { presses, runs: runs.length })];
};

/** What would spoil the blank at the press: pressure, pad, limits, covers, second heats. */
export const PRESS_RULES: readonly PressRule[] = [
  cracks,
  pad,
  blankLimit,
  tapeLimit,
  timer,
  pressureLacking,
  plateSmall,
  plateUneven,
  ironForDye,
  printSide,
  spentCover,
  overDye,
  peelRule,
  unattended,
  drop,
  beyondPlan,
];

import { areTestPieces, type TransferKind } from '../model';
import { fahrenheitToC } from '../units';
import { canTake, DYE_MOVES_FROM_C, hottestOf, worksOn, type Recipe } from '../press';
import { MACHINES } from '../traits';
import { at, finder, type RuleOf } from './finding';
import { fix } from './fixes';
import { byMachine, otherWays } from './otherWays';

/** Can this machine do it, and is it hot and long enough? */
export const HEAT_KINDS = {
  'machine-range': at<{ wantedC: number; machine: string; limitC: number; tooHot: boolean }>(
    'heat',
  ),
  'too-cool': at<{ temperatureC: number; leastC: number }>('heat'),
  'too-hot': at<{ temperatureC: number; mostC: number }>('heat'),
  dwell: at<{ dwellS: number; leastS: number; mostS: number; origin: Recipe['origin'] }>('heat'),
  /** `never` where the transfer does not go on the blank at all. */
  'no-recipe': at<{ machine: string; blank: string; transfer: TransferKind; never: boolean }>(
    'heat',
  ),
  'tapered-in-straight': at<{ machine: string }>('heat'),
  'food-oven': at('heat'),
};
const found = finder(HEAT_KINDS);
type HeatRule = RuleOf<typeof HEAT_KINDS>;

/** Ceramics and tape are spoiled above (from memory). */
const SCORCHES_ABOVE_C = fahrenheitToC(420);

const machineRange: HeatRule = (findings) => {
  const { machine, press } = findings;
  const wantedC = hottestOf(press);
  if (wantedC === null) return [];
  const tooHot = machine.maxC !== null && wantedC > machine.maxC + 0.5;
  const tooCool = machine.minC !== null && wantedC < machine.minC - 0.5;
  const limitC = tooHot ? machine.maxC : tooCool ? machine.minC : null;
  if (limitC === null) return [];
  const facts = { wantedC, machine: machine.name, limitC, tooHot };
  return [found('machine-range', 'stop', facts, { fixes: byMachine(findings) })];
};

const temperature: HeatRule = ({ transfer, press, recipe }) => {
  const { temperatureC } = press.settings;
  if (temperatureC === null || !transfer.dye) return [];
  // what its own recipe asks for is not too cool for it
  const leastC = Math.min(DYE_MOVES_FROM_C, recipe.temperatureC ?? Infinity);
  if (temperatureC < leastC - 0.5) return [found('too-cool', 'warn', { temperatureC, leastC })];
  return temperatureC > SCORCHES_ABOVE_C + 0.5
    ? [found('too-hot', 'warn', { temperatureC, mostC: SCORCHES_ABOVE_C })]
    : [];
};

const dwell: HeatRule = ({ job, press, recipe }) => {
  // test pieces are pressed otherwise on purpose
  if (areTestPieces(job)) return [];
  const { dwellS } = press.settings;
  const [leastS, mostS] = recipe.dwellRangeS;
  if (dwellS >= leastS && dwellS <= mostS) return [];
  const facts = { dwellS, leastS, mostS, origin: recipe.origin };
  return [
    found('dwell', 'warn', facts, { fixes: [fix('recipe-time', { dwellS: recipe.dwellS })] }),
  ];
};

const noRecipe: HeatRule = (findings) => {
  const { job, machine, transfer } = findings;
  if (worksOn(machine, job.blank, job.transfer)) return [];
  // said better by the rule about irons
  if (!MACHINES[machine.kind].steady && transfer.dye) return [];
  const never = !canTake(job.blank, job.transfer);
  const facts = { machine: machine.name, blank: job.blank.name, transfer: job.transfer, never };
  return [found('no-recipe', 'stop', facts, { fixes: otherWays(findings) })];
};

const taperedInStraight: HeatRule = (findings) => {
  const { faces, machine } = findings;
  if (!faces.some(({ development }) => development) || !MACHINES[machine.kind].straightOnly)
    return [];
  const fixes = byMachine(findings);
  return [found('tapered-in-straight', 'warn', { machine: machine.name }, { fixes })];
};

const foodOven: HeatRule = ({ machine }) =>
  MACHINES[machine.kind].cooks ? [found('food-oven', 'note', {})] : [];

/** Can this machine do it, and is it hot and long enough? */
export const HEAT_RULES: readonly HeatRule[] = [
  machineRange,
  temperature,
  dwell,
  noRecipe,
  taperedInStraight,
  foodOven,
];

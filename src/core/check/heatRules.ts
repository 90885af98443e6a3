import { NOTHING_OWN } from '../model';
import { fahrenheitToC, formatDuration, formatTemperature } from '../units';
import { canTake, DYE_MOVES_FROM_C, worksOn } from '../press';
import { machinesFor } from '../shelf';
import { MACHINES } from '../traits';
import type { Rule } from './check';

/** Ceramics and tape are spoiled above (from memory). */
const SCORCHES_ABOVE_C = fahrenheitToC(420);

const machineRange: Rule = ({ machine, press, units }) => {
  const { temperatureC } = press.settings;
  if (temperatureC === null) return [];
  const tooHot = machine.maxC !== null && temperatureC > machine.maxC + 0.5;
  const tooCool = machine.minC !== null && temperatureC < machine.minC - 0.5;
  const limitC = tooHot ? machine.maxC : tooCool ? machine.minC : null;
  if (limitC === null) return [];
  const wanted = formatTemperature(temperatureC, units.temperature);
  return [
    {
      id: 'machine-range',
      level: 'stop',
      station: 'heat',
      text: `${wanted} is wanted; “${machine.name}” ${tooHot ? 'reaches' : 'begins at'} ${formatTemperature(limitC, units.temperature)}. Use another machine.`,
      figure: wanted,
    },
  ];
};

const temperature: Rule = ({ transfer, press, recipe, units }) => {
  const { temperatureC } = press.settings;
  if (temperatureC === null || !transfer.dye) return [];
  const figure = formatTemperature(temperatureC, units.temperature);
  const limit = (c: number) => formatTemperature(c, units.temperature);
  // what its own recipe asks for is not too cool for it
  const least = Math.min(DYE_MOVES_FROM_C, recipe.temperatureC ?? Infinity);
  if (temperatureC < least - 0.5) {
    return [
      {
        id: 'too-cool',
        level: 'warn',
        station: 'heat',
        text: `${figure} is cool for dye: under about ${limit(least)} it comes out faded.`,
        figure,
      },
    ];
  }
  if (temperatureC > SCORCHES_ABOVE_C + 0.5) {
    return [
      {
        id: 'too-hot',
        level: 'warn',
        station: 'heat',
        text: `${figure} is hot: over about ${limit(SCORCHES_ABOVE_C)} colours brown and heat-rated tape lets go.`,
        figure,
      },
    ];
  }
  return [];
};

const dwell: Rule = ({ job, press, recipe }) => {
  const { settings } = press;
  const [least, most] = recipe.dwellRangeS;
  if (settings.dwellS >= least && settings.dwellS <= most) return [];
  const figure = formatDuration(settings.dwellS);
  const usual =
    least === most ? formatDuration(least) : `${formatDuration(least)} to ${formatDuration(most)}`;
  return [
    {
      id: 'dwell',
      level: 'warn',
      station: 'heat',
      text: `${figure} is ${settings.dwellS < least ? 'shorter' : 'longer'} than the usual ${usual} for this machine (${recipe.origin}).`,
      figure,
      fixes: [
        {
          label: `Use ${formatDuration(recipe.dwellS)}`,
          patch: { heat: { ...job.heat, own: { ...job.heat.own, dwellS: null } } },
        },
      ],
    },
  ];
};

const noRecipe: Rule = ({ job, machine, transfer }) =>
  worksOn(machine, job.blank, job.transfer) || (!MACHINES[machine.kind].steady && transfer.dye)
    ? []
    : [
        {
          id: 'no-recipe',
          level: 'stop',
          station: 'heat',
          text: canTake(job.blank, job.transfer)
            ? `“${machine.name}” cannot press “${job.blank.name}” by ${transfer.label.toLowerCase()}. Choose another machine.`
            : `${transfer.label} does not go on “${job.blank.name}”. Choose another transfer.`,
          figure: machine.name,
        },
      ];

const taperedInStraight: Rule = ({ job, faces, machine, shelf }) =>
  faces.some(({ development }) => development) && MACHINES[machine.kind].straightOnly
    ? [
        {
          id: 'tapered-in-straight',
          level: 'warn',
          station: 'heat',
          text: `“${machine.name}” closes round a straight wall; a tapered cup needs a tapered element, or an oven with a shrink sleeve.`,
          figure: 'tapered',
          fixes: machinesFor(job.blank, job.transfer, shelf)
            .filter(({ kind }) => !MACHINES[kind].straightOnly)
            .slice(0, 2)
            .map(({ id, name }) => ({
              label: `Use “${name}”`,
              patch: { heat: { ...job.heat, machineId: id, own: NOTHING_OWN } },
            })),
        },
      ]
    : [];

const foodOven: Rule = ({ machine }) =>
  MACHINES[machine.kind].cooks
    ? [
        {
          id: 'food-oven',
          level: 'note',
          station: 'heat',
          text: 'An oven used for dye is not used for food again.',
          figure: '',
        },
      ]
    : [];

/** Can this machine do it, and is it hot and long enough? */
export const HEAT_RULES: readonly Rule[] = [
  machineRange,
  temperature,
  dwell,
  noRecipe,
  taperedInStraight,
  foodOven,
];

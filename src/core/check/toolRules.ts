import type { Check, Fix, Rule, Station } from './check';

/** What the job is printed, cut and pressed with is not on the shelf it stands on. */
const missingTool: Rule = ({ missing, job }) =>
  missing.map(({ what, id, instead }): Check => {
    const fix: Fix = instead
      ? {
          label: `Use ${instead.name}`,
          patch:
            what === 'machine'
              ? { heat: { ...job.heat, machineId: instead.id } }
              : { sheet: { ...job.sheet, [`${what}Id`]: instead.id } },
        }
      : { label: 'Cut by hand', patch: { sheet: { ...job.sheet, cutterId: null } } };
    return {
      id: `missing-${what}`,
      level: 'stop',
      station: what === 'machine' ? 'heat' : 'sheets',
      text: instead
        ? `The ${what} this job names (“${id}”) is not on your shelf; it is planned with “${instead.name}”. Choose one you have.`
        : `The ${what} this job names (“${id}”) is not on your shelf. Choose one you have, or cut by hand.`,
      figure: id,
      fixes: [fix],
    };
  });

const WHERE: Readonly<Record<string, Station>> = { sheets: 'sheets', press: 'heat' };

/** What there is too much of is told, with what to make fewer of. */
const tooMuch: Rule = ({ overwork }) =>
  overwork.map(({ stage, what }) => ({
    id: `too-much-${stage}`,
    level: 'stop',
    station: WHERE[stage] ?? 'art',
    text: `This is more than can be worked out: too many ${what}. Take a simpler outline, fewer names, larger steps or fewer copies.`,
    figure: what,
  }));

/** Is everything there that it is made with, and can it be worked out at all? */
export const TOOL_RULES: readonly Rule[] = [missingTool, tooMuch];

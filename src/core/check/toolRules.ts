import type { Check, Fix, Rule } from './check';

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

/** Is everything there that it is made with? */
export const TOOL_RULES: readonly Rule[] = [missingTool];

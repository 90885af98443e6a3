import { figureSources, recipeFor, type RecipeInput } from '../../press';
import type { PressRecord } from '../../model';
import { triedOn, type Now, type Setting, type Tried } from './observed';

/** What a window is worked out from: recipe and schools, what was tried, and how hot anything may become. */
export interface WindowAsk {
  readonly from: Setting;
  readonly schools: readonly Setting[];
  readonly tried: readonly Tried[];
  /** °C that blank and machine bear; null where nothing is known. */
  readonly mostC: number | null;
}

/**
 * What is asked of a pressing: usual figures and those of the paper's maker as schools, never the person's own, since
 * these come of the same log.
 * @param records of that blank and transfer, on any machine.
 */
export function windowAsk(
  input: RecipeInput,
  records: readonly PressRecord[],
  now: Now,
): WindowAsk {
  const plain = { ...input, figures: [] };
  const [from, ...others] = figureSources(plain);
  const usual = recipeFor({ ...plain, product: null, school: 'A' });
  const settings = [...others, ...(usual.schoolB ? [usual.schoolB] : [])];
  const setting = ({ temperatureC, dwellS }: Setting): Setting => ({ temperatureC, dwellS });
  const most = [input.blank.substrate.maxC, input.machine.maxC].filter((c) => c !== null);
  return {
    ...{
      from: setting(from ?? usual),
      schools: settings.map(setting),
      mostC: most.length > 0 ? Math.min(...most) : null,
    },
    tried: triedOn(records, now),
  };
}

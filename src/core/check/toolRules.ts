import { found, type Rule } from './check';
import type { Station } from './vocabulary';
import { fix } from './fixes';

/** What the job is printed, cut and pressed with is not on the shelf it stands on. */
const missingTool: Rule = ({ missing }) =>
  missing.map(({ what, id, instead }) =>
    found(
      'missing',
      'stop',
      { what, id, insteadName: instead?.name ?? null },
      {
        of: what,
        station: what === 'machine' ? 'heat' : 'sheets',
        fixes: [instead ? fix('use-tool', { what, ...instead }) : fix('cut-by-hand', {})],
      },
    ),
  );

const WHERE: Readonly<Record<string, Station>> = { sheets: 'sheets', press: 'heat' };

/** What there is too much of is told, with what to make fewer of. */
const tooMuch: Rule = ({ overwork }) =>
  overwork.map(({ stage, what }) =>
    found('too-much', 'stop', { what }, { of: stage, station: WHERE[stage] ?? 'art' }),
  );

/** Is everything there that it is made with, and can it be worked out at all? */
export const TOOL_RULES: readonly Rule[] = [missingTool, tooMuch];

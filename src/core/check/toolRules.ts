import type { WorkKind } from '../work';
import type { MissingTool } from '../shelf';
import { at, finder, type RuleOf } from './finding';
import type { Station } from './vocabulary';
import { fix } from './fixes';

/** Is everything there that the job is made with, and can it be worked out? */
export const TOOL_KINDS = {
  /** The job names a tool the shelf lacks; `insteadName` is what it is planned with. */
  missing: at<{ what: MissingTool['what']; id: string; insteadName: string | null }>('sheets'),
  /** A stage took more work than a plan may. */
  'too-much': at<{ what: WorkKind }>('art'),
};
const found = finder(TOOL_KINDS);
type ToolRule = RuleOf<typeof TOOL_KINDS>;

/** What the job is printed, cut and pressed with is not on the shelf it stands on. */
const missingTool: ToolRule = ({ missing }) =>
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
const tooMuch: ToolRule = ({ overwork }) =>
  overwork.map(({ stage, what }) =>
    found('too-much', 'stop', { what }, { of: stage, station: WHERE[stage] ?? 'art' }),
  );

/** Is everything there that it is made with, and can it be worked out at all? */
export const TOOL_RULES: readonly ToolRule[] = [missingTool, tooMuch];

/** Adding a kind touches the files that docs/adding.md names, and the compiler names them (TypeScript itself). */
import { readFileSync } from 'node:fs';
import { relative, resolve } from 'node:path';
import ts from 'typescript';

const ROOT = process.cwd();
const configOf = (file: string) =>
  ts.parseJsonConfigFileContent(ts.readConfigFile(file, ts.sys.readFile).config, ts.sys, ROOT);
const CORE = configOf('tsconfig.core.json');
/** The core, and what the interface shows of forms of blanks. */
const WITH_FORMS = {
  options: { ...configOf('tsconfig.json').options, incremental: false },
  fileNames: [...CORE.fileNames, resolve('src/ui/blank/formParts.tsx')],
};

/** An addition: in which file, behind what, which text. */
type Addition = readonly [file: string, behind: string, text: string];
/** Where an addition is made. */
const placeOf = ([file, text]: Addition) => [file, text] as const;

const seen = new Map<string, ts.SourceFile>();

/** Files the compiler has something against once additions are made, from the root. */
function complaints(
  additions: readonly Addition[],
  { options, fileNames }: Pick<typeof CORE, 'options' | 'fileNames'> = CORE,
): string[] {
  const changed = new Map<string, string>();
  for (const [file, behind, text] of additions) {
    const path = resolve(file);
    const now = changed.get(path) ?? readFileSync(path, 'utf8');
    expect([file, now.includes(behind)]).toEqual([file, true]);
    changed.set(path, now.replace(behind, behind + text));
  }
  const host = ts.createCompilerHost(options);
  const read = host.getSourceFile.bind(host);
  host.getSourceFile = (name, version, ...rest) => {
    const text = changed.get(name);
    if (text !== undefined) return ts.createSourceFile(name, text, version, true);
    const file = seen.get(name) ?? read(name, version, ...rest);
    if (file) seen.set(name, file);
    return file;
  };
  const program = ts.createProgram(fileNames, options, host);
  const files = ts.getPreEmitDiagnostics(program).map(({ file }) => file?.fileName ?? 'nowhere');
  return [...new Set(files)].map((file) => relative(ROOT, file)).sort();
}

const MATERIAL: Addition = [
  'src/core/traits/materials.ts',
  'recordsOf<MaterialTraits>()({\n',
  "  slate: { kind: 'hard', ...HARD, thermal: recalled(1.6, 2750, 800) },\n",
];
const HALF_A_MATERIAL: Addition = [...placeOf(MATERIAL), "  slate: { kind: 'hard', ...HARD },\n"];
const MACHINE: Addition = [
  'src/core/traits/machines.ts',
  'recordsOf<MachineTraits>()({\n',
  "  'waffle-press': PRESS,\n",
];
const HALF_A_MACHINE: Addition = [...placeOf(MACHINE), "  'waffle-press': { element: PLATE },\n"];
const TRANSFER: Addition = [
  'src/core/transfer/transfers.ts',
  'recordsOf<Transfer>()({\n',
  "  'glitter-film': { ...DYE, ...SUBLIMATION_INK, cost: 'high' },\n",
];
const RECIPE: Addition = [
  'src/core/press/cupRecipes.ts',
  'CUP_RECIPES = {\n',
  "  'slate-in-oven': cup({ ...SLEEVE, works: ['cup'], temperatureC: 200, dwellS: 900, pressing: 'press-mug-in-oven' }),\n",
];
const TASK: Addition = ['src/core/model/codes.ts', "  'clean-cup',\n", "  'dust-off',\n"];
const CHECK: Addition = [
  'src/core/check/blankRules.ts',
  'BLANK_KINDS = {\n',
  "  dusty: at<{ blank: string }>('blank'),\n",
];
const FIX: Addition = [
  'src/core/check/fixes.ts',
  "  'cut-by-hand': Nothing;\n",
  "  'wipe-it': Nothing;\n",
];
const FORM: Addition = [
  'src/core/form/measures/flat.ts',
  'export const FLAT_MEASURES = { ',
  "tile: measuresOf({ schema: z.object({ kind: z.literal('tile'), sideMm: positiveLengthSchema }), traits: FLAT_TRAITS, start: { kind: 'tile', sideMm: 100 } }), ",
];
const RECORDS: readonly Addition[] = [
  [
    'src/words/transfers.ts',
    'TransferWords>> = {\n',
    "  'glitter-film': { ...DYE, label: 'Glitter', cutting: '', rightSide: '' },\n",
  ],
  [
    'src/words/press/recipes.ts',
    'RecipeWords>> = {\n',
    "  'slate-in-oven': { name: 'Slate', pressure: 'its own weight', done: GHOSTS },\n",
  ],
  [
    'src/words/press/handwork.ts',
    "  weed: { title: 'Weed', detail: 'Lift what is not wanted off the carrier.' },\n",
    "  'dust-off': { title: 'Dust it', detail: 'Dry.' },\n",
  ],
  [
    'src/words/checks/blank.ts',
    'export const BLANK_WORDS = {\n',
    "  dusty: ({ blank }) => ({ text: `“${blank}” is dusty.`, figure: '' }),\n",
  ],
  [
    'src/core/check/fixes.ts',
    "  'cut-by-hand': (job) => onSheet(job, { cutterId: null }),\n",
    "  'wipe-it': (job) => job,\n",
  ],
  [
    'src/words/checks/fixes.ts',
    "  'cut-by-hand': () => 'Cut by hand',\n",
    "  'wipe-it': () => 'Wipe it',\n",
  ],
  [
    'src/core/form/flat.ts',
    'FLAT_FORMS: RulesOf<FlatKind> = {\n',
    '  tile: { faces: () => [], doubt: () => null },\n',
  ],
  [
    'src/ui/blank/formParts.tsx',
    'FormParts<K> } = {\n',
    "  tile: { label: 'Tile', Measures: () => null, thing: '', tape: '', says: '' },\n",
  ],
];

test.each<readonly [string, Addition, readonly string[]]>([
  ['a material', HALF_A_MATERIAL, ['src/core/traits/materials.ts']],
  ['a kind of machine', HALF_A_MACHINE, ['src/core/traits/machines.ts']],
  ['a transfer', TRANSFER, ['src/words/transfers.ts']],
  ['a recipe', RECIPE, ['src/words/press/recipes.ts']],
  ['a task', TASK, ['src/words/press/tasks.ts']],
  ['a finding', CHECK, ['src/words/checks/checks.ts']],
  ['a way out', FIX, ['src/core/check/fixes.ts', 'src/words/checks/fixes.ts']],
])(
  '%s: the compiler names what it lacks',
  (_what, addition, files) => {
    expect(complaints([addition])).toEqual(files);
  },
  120_000,
);

test('a form of blank: the compiler names what it lacks', () => {
  expect(complaints([FORM], WITH_FORMS)).toEqual([
    'src/core/form/flat.ts',
    'src/ui/blank/formParts.tsx',
  ]);
}, 240_000);

test('one of each, with what the page says it needs, leaves nothing open', () => {
  expect(
    complaints(
      [MATERIAL, MACHINE, TRANSFER, RECIPE, TASK, CHECK, FIX, FORM, ...RECORDS],
      WITH_FORMS,
    ),
  ).toEqual([]);
}, 240_000);

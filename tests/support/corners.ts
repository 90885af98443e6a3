import fc from 'fast-check';
import * as z from 'zod/mini';
import { facesOf } from '@/core/blank';
import { jobSchema, shelfSchema, type Job, type Shelf } from '@/core/model';
import type { FormOf } from '@/core/form';

/** The part of JSON Schema that zod writes of ours. */
interface Node {
  readonly type?: string | readonly string[];
  readonly const?: unknown;
  readonly enum?: readonly unknown[];
  readonly anyOf?: readonly Node[];
  readonly oneOf?: readonly Node[];
  readonly allOf?: readonly Node[];
  readonly properties?: Readonly<Record<string, Node>>;
  readonly items?: Node;
  readonly prefixItems?: readonly Node[];
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly exclusiveMinimum?: number;
  readonly pattern?: string;
  readonly format?: string;
  readonly maxLength?: number;
}

const SHAS = ['a', 'b', 'c'].map((letter) => letter.repeat(64));

/** Numbers at and beside both ends of a range, and a few between. */
function number({ type, minimum, exclusiveMinimum, maximum }: Node): fc.Arbitrary<number> {
  const least =
    minimum ??
    (exclusiveMinimum === undefined ? -1e6 : exclusiveMinimum + (type === 'integer' ? 1 : 1e-6));
  const most = maximum ?? 1e6;
  const near = (at: number, by: number) => Math.min(most, Math.max(least, at + by));
  const found = [least, most, near(least, (most - least) * 1e-3), near(most, -1e-3)];
  const usual = [0, 1, 3, 20, 100, 300].map((at) => near(at, 0));
  const whole = type === 'integer' ? Math.round : (n: number) => n;
  return fc.constantFrom(...[...found, ...usual].map(whole));
}

function text({ pattern = '', format }: Node): fc.Arbitrary<string> {
  if (format === 'date-time') return fc.constant('2026-09-12T18:00:00.000Z');
  if (pattern.includes('{64}')) return fc.constantFrom(...SHAS);
  if (pattern.includes('{6}')) return fc.constantFrom('#000000', '#ffffff', '#1f2a44');
  return fc.constantFrom('x', 'front', 'letter', 'long.name-of_60'.padEnd(60, 'x'));
}

/** Values from the corners of a schema: least, most and odd ones, lists empty, single and long. */
function corner(node: Node, mostItems: number): fc.Arbitrary<unknown> {
  if ('const' in node) return fc.constant(node.const);
  if (node.enum) return fc.constantFrom(...node.enum);
  const ways = node.anyOf ?? node.oneOf;
  if (ways) return fc.oneof(...ways.map((way) => corner(way, mostItems)));
  const { type } = node;
  if (typeof type === 'object')
    return fc.oneof(...type.map((one) => corner({ ...node, type: one }, mostItems)));
  if (node.allOf) return corner(Object.assign({}, ...node.allOf) as Node, mostItems);
  if (node.type === 'object')
    return fc.record(
      Object.fromEntries(
        Object.entries(node.properties ?? {}).map(([key, part]) => [key, corner(part, mostItems)]),
      ),
    );
  if (node.prefixItems) return fc.tuple(...node.prefixItems.map((part) => corner(part, mostItems)));
  if (node.type === 'array') {
    const least = node.minItems ?? 0;
    const most = Math.max(least, Math.min(node.maxItems ?? mostItems, mostItems));
    return fc.array(corner(node.items ?? {}, mostItems), {
      minLength: least,
      maxLength: most,
      size: 'max',
    });
  }
  if (node.type === 'number' || node.type === 'integer') return number(node);
  if (node.type === 'boolean') return fc.boolean();
  if (node.type === 'null') return fc.constant(null);
  return text(node);
}

type Ring = FormOf<'outline'>['rings'][number];

/** Outlines that are hard on polygon arithmetic and yet cross themselves nowhere. */
export const HARD_RINGS: Readonly<Record<string, (points: number, mm: number) => Ring>> = {
  circle: (points, mm) =>
    Array.from({ length: points }, (_, i) => {
      const angle = (2 * Math.PI * i) / points;
      return [(mm / 2) * (1 + Math.cos(angle)), (mm / 2) * (1 + Math.sin(angle))];
    }),
  comb: (points, mm) => {
    const teeth = Math.floor(points / 4);
    const tooth = mm / teeth;
    return Array.from({ length: teeth }, (_, i): Ring => {
      const x = i * tooth;
      return [
        [x, 0],
        [x + tooth / 2, 0],
        [x + tooth / 2, mm * 0.9],
        [x + tooth, mm * 0.9],
      ];
    })
      .flat()
      .concat([
        [mm, mm],
        [0, mm],
      ]);
  },
  star: (points, mm) =>
    Array.from({ length: points }, (_, i) => {
      const angle = (2 * Math.PI * i) / points;
      const radius = (mm / 2) * (i % 2 === 0 ? 1 : 0.2);
      return [mm / 2 + radius * Math.cos(angle), mm / 2 + radius * Math.sin(angle)];
    }),
};

const outline = fc
  .record({
    shape: fc.constantFrom(...Object.values(HARD_RINGS)),
    points: fc.constantFrom(12, 200, 3900),
    mm: fc.constantFrom(1, 90, 5000),
  })
  .map(({ shape, points, mm }) => [shape(points, mm)]);

const schemaOf = (schema: z.ZodMiniType): Node => z.toJSONSchema(schema, { io: 'input' }) as Node;

/** Jobs from the corners of their schema, pointing at faces and pictures they have. */
export const cornerJob = (mostItems = 5): fc.Arbitrary<Job> =>
  fc
    .record({
      job: corner(schemaOf(jobSchema), mostItems) as fc.Arbitrary<Job>,
      rings: outline,
      pick: fc.array(fc.nat(50), { minLength: 100, maxLength: 100 }),
    })
    .map(({ job, rings, pick }): Job => {
      const { form } = job.blank;
      const blank =
        form.kind === 'outline' ? { ...job.blank, form: { ...form, rings } } : job.blank;
      const faces = facesOf(blank);
      const arts = SHAS.flatMap((sha256) => {
        const [art] = job.arts;
        return art ? [{ ...art, sha256 }] : [];
      });
      const face = (i: number) => faces[(pick[i] ?? 0) % faces.length];
      const onFaces = (placements: Job['placements'], of: string): Job['placements'] =>
        (arts.length === 0 ? [] : placements).map((each, i) => ({
          ...each,
          id: `${of}${i}`,
          faceId: face(i)?.id ?? 'front',
          at: {
            ...each.at,
            datum: face(i)?.datums[(pick[i + 50] ?? 0) % 5]?.id ?? 'centre',
          },
        }));
      return {
        ...{ ...job, blank, arts },
        placements: onFaces(job.placements, 'p'),
        further: job.further.map((pass, nth) => ({
          ...pass,
          id: `pass-${nth}`,
          placements: onFaces(pass.placements, `q${nth}-`),
        })),
      };
    })
    .filter((job) => jobSchema.safeParse(job).success);

/** Shelves from the corners of their schema, holding what the job names about every other time. */
export const cornerShelf = (job: Job): fc.Arbitrary<Shelf> =>
  fc
    .record({
      shelf: corner(schemaOf(shelfSchema), 4) as fc.Arbitrary<Shelf>,
      named: fc.boolean(),
    })
    .map(({ shelf, named }): Shelf => {
      const call = <T extends { id: string }>(things: readonly T[], id: string | null): T[] =>
        things.map((thing, i) => ({ ...thing, id: named && i === 0 && id ? id : `t${i}` }));
      return {
        ...shelf,
        blanks: [],
        papers: call(shelf.papers, job.sheet.paperId),
        printers: call(shelf.printers, job.sheet.printerId),
        machines: call(shelf.machines, job.heat.machineId),
        cutters: call(shelf.cutters, job.sheet.cutterId),
      };
    });

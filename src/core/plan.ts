import { facesOf } from './blank';
import type { Face } from './form';
import { checkPlan, type Check, type Overwork } from './check';
import { ownColoursFor } from './colour';
import { filmBelow, fittedInto, layOut, type Piece } from './layout';
import { planMirror, type MirrorPlan } from './mirror';
import {
  FIRST_PASS,
  passIds,
  seenFrom,
  type Job,
  type OwnColours,
  type Paper,
  type Shelf,
  type TransferKind,
} from './model';
import { planPress, type PassHeat, type PressPlan, type Recipe } from './press';
import { planSheets, type Misfit, type Sheet, type Tiling } from './sheet';
import { toolsFor, type Tools } from './shelf';
import { TRANSFERS } from './transfer';
import { unlessTooMuch, within } from './work';

/** What follows from one pass of a job: its pieces, sheets and tools. */
export interface PassPlan {
  readonly pieces: readonly Piece[];
  readonly mirror: MirrorPlan;
  readonly sheets: readonly Sheet[];
  readonly misfits: readonly Misfit[];
  readonly tilings: readonly Tiling[];
  readonly tooMany: number | null;
  /** What is cut of film for it; null where its transfer needs none. */
  readonly film: FilmPlan | null;
  /** The shelf's things the pass is made with. */
  readonly tools: Tools & { readonly recipe: Recipe };
}

/** The film below the prints of a pass: pieces of its own, cut from sheets of their own. */
export interface FilmPlan {
  readonly paper: Paper;
  /** How much larger than its print each is cut, mm. */
  readonly beyondMm: number;
  readonly pieces: readonly Piece[];
  readonly sheets: readonly Sheet[];
  readonly misfits: readonly Misfit[];
}

/** A further pass of a job, planned. */
export interface FurtherPlan {
  readonly id: string;
  readonly own: PassPlan;
  readonly heat: PassHeat;
}

/** What one pass leaves on the blank. */
export interface LayerOnBlank {
  readonly passId: string;
  /** Which of the program's passes presses it, from 0: pieces fitted into each other are pressed at once. */
  readonly pass: number;
  readonly transfer: TransferKind;
  readonly pieces: readonly Piece[];
  /** What was measured of its paper and printer on such a surface; null where nothing was. */
  readonly own: OwnColours | null;
}

/** Everything that follows from a job and a shelf, its first pass in front. Computed, never stored. */
export interface JobPlan extends PassPlan {
  readonly faces: readonly Face[];
  /** The other passes, as they stand in the job. */
  readonly further: readonly FurtherPlan[];
  /** What every pass leaves on the blank, in the order they are pressed: each lies over those before. */
  readonly layers: readonly LayerOnBlank[];
  readonly press: PressPlan;
  /** Of all passes. */
  readonly checks: readonly Check[];
}

/**
 * A plan as it is seen from one of the job's passes: that pass's pieces, sheets, tools and heat stand in
 * front. Press program and findings are of the whole job.
 */
export function planSeenFrom(plan: JobPlan, id: string): JobPlan {
  const pass = plan.further.find((each) => each.id === id);
  if (!pass) return plan;
  return { ...plan, ...pass.own, press: { ...plan.press, ...pass.heat } };
}

/** Work of one stage at most, over all passes: about a third of a second on an ordinary computer. */
const STAGE_WORK = 100_000;

/** Does a stage of the plan within its work, or what stands for it where that is too much. */
type Bounded = <T>(stage: Overwork['stage'], work: () => T, instead: () => T) => T;

function boundedBy(overwork: Overwork[], passes: number): Bounded {
  return (stage, work, instead) =>
    unlessTooMuch(
      () => within(STAGE_WORK / passes, work),
      ({ what }) => {
        overwork.push({ stage, what });
        return instead();
      },
    );
}

/** Pieces and sheets of one pass of a job. */
export function layPass(id: string, seen: Job, faces: readonly Face[], shelf: Shelf) {
  const overwork: Overwork[] = [];
  const bounded = boundedBy(overwork, 1 + seen.further.length);
  const tools = toolsFor(seen, shelf);
  const { paper, printer, machine } = tools;
  const pieces = bounded<Piece[]>(
    'pieces',
    () => layOut(seen, faces),
    () => [],
  );
  const mirror = planMirror(TRANSFERS[seen.transfer], printer, seen.sheet.mirrorBy);
  const arts = new Map(seen.arts.map((art) => [art.sha256, art]));
  const onSheets = { job: seen, arts, paper, printer, mirror };
  const sheets = bounded(
    'sheets',
    () => planSheets(pieces, onSheets),
    () => planSheets([], onSheets),
  );
  const film = bounded(
    'sheets',
    () => filmFor(seen, pieces, tools),
    () => null,
  );
  return { id, seen, machine, tools, pieces, mirror, sheets, film, overwork };
}

/** The film below the prints of a pass. It is cut carrier down, so its outline lies mirrored. */
function filmFor(seen: Job, pieces: readonly Piece[], tools: Tools): FilmPlan | null {
  const { film: paper, printer } = tools;
  const transfer = TRANSFERS[seen.transfer];
  const beyondMm = transfer.filmBeyondMm;
  if (!paper || beyondMm === null) return null;
  const films = pieces.map((piece) => filmBelow(piece, beyondMm));
  const mirror = planMirror(transfer, { ...printer, mirrorsOnItsOwn: false }, 'file');
  const { sheets, misfits } = planSheets(films, {
    ...{ job: seen, arts: new Map(), paper, printer, mirror, whole: true },
  });
  return { paper, beyondMm, pieces: films, sheets, misfits };
}

type LaidPass = ReturnType<typeof layPass>;

/**
 * The passes of a job by what is pressed at once: a ground with the pieces of other sheets that are fitted into it,
 * everything else by itself. The one that stands first in the job heads its group.
 */
function pressedTogether(
  laid: readonly LaidPass[],
): readonly (readonly [LaidPass, ...LaidPass[]])[] {
  const fitted = laid.map((pass) => {
    const into = fittedInto(pass.seen).map(({ id }) => id);
    return laid.filter(
      (each) =>
        each === pass ||
        (into.includes(each.id) &&
          each.seen.transfer === pass.seen.transfer &&
          each.machine.id === pass.machine.id),
    );
  });
  const groupOf = (pass: LaidPass) =>
    fitted.find((group) => group.length > 1 && group.includes(pass)) ?? [pass];
  return laid.flatMap((pass) => {
    const [head, ...others] = groupOf(pass);
    return head === pass ? [[head, ...others] as const] : [];
  });
}

/** Findings over every pass; what a further pass finds that another has found already is said once. */
function findingsOf(
  passes: readonly (LaidPass & { recipe: Recipe; heat: PassHeat })[],
  { press, faces, shelf }: { press: PressPlan; faces: readonly Face[]; shelf: Shelf },
): Check[] {
  return checkPlan(
    passes.map(({ id, seen, tools, recipe, heat, overwork, ...laid }) => {
      const { paper, printer, cutter, machine, missing } = tools;
      const { pieces, mirror, sheets, film } = laid;
      return {
        ...{ passId: id, job: seen, transfer: TRANSFERS[seen.transfer] },
        ...{ paper, printer, cutter, machine, missing, recipe, shelf, faces },
        ...{ pieces, mirror, sheets, film, overwork, press: { ...press, ...heat } },
      };
    }),
    (findings, rules) =>
      boundedBy(findings.overwork, passes.length)(
        'checks',
        () => rules(findings),
        () => rules({ ...findings, pieces: [] }),
      ),
  );
}

/**
 * The whole pipeline: blank → faces → pieces → mirror → sheets → press steps → checks, pieces and sheets for every
 * pass. Pure and synchronous. A tool that the shelf lacks is stood in for by the nearest, and a finding says so. Every stage
 * may do so much work, the same on every machine; one that would take more is left out, and a finding says why.
 */
export function planJob(job: Job, shelf: Shelf): JobPlan {
  const faces = within(STAGE_WORK, () => facesOf(job.blank));
  const laid = passIds(job).map((id) => layPass(id, seenFrom(job, id), faces, shelf));
  const [main] = laid;
  if (!main) throw new Error('A job has at least one pass.');
  const groups = pressedTogether(laid);
  const pressed = { faces, figures: shelf.figures };
  const atOnce = groups.map(([head, ...others]) => ({
    ...head,
    pieces: [head, ...others].flatMap(({ pieces }) => pieces),
  }));
  const { each, press } = boundedBy(main.overwork, 1)(
    'press',
    () => planPress({ ...pressed, passes: atOnce }),
    () => planPress({ ...pressed, passes: atOnce.map((pass) => ({ ...pass, pieces: [] })) }),
  );
  const passes = laid.flatMap((pass) => {
    const planned = each[groups.findIndex((group) => group.includes(pass))];
    return planned ? [{ ...pass, ...planned }] : [];
  });
  const plans = passes.map(
    ({ id, pieces, mirror, sheets, film, tools, recipe, heat }): FurtherPlan => ({
      ...{ id, heat },
      own: { pieces, mirror, ...sheets, film, tools: { ...tools, recipe } },
    }),
  );
  const [first, ...further] = plans;
  if (first?.id !== FIRST_PASS) throw new Error('The first pass of a job stands first.');
  const layers = press.passes.flatMap(({ id, transfer }, nth) => {
    const group = groups.find(([head]) => head.id === id) ?? [];
    return group.map((pass): LayerOnBlank => ({
      passId: pass.id,
      pass: nth,
      transfer,
      pieces: pass.pieces,
      own: ownColoursFor(
        shelf.colours,
        { paperId: pass.tools.paper.id, printerId: pass.tools.printer.id },
        job.blank.substrate,
      ),
    }));
  });
  const checks = findingsOf(passes, { press, faces, shelf });
  return { faces, ...first.own, further, layers, press, checks };
}

import { readyAhead } from '@/core/look';
import { ART_KINDS, type ArtKind } from '@tests/support/laidArt';
import { faultsOf, sceneOf, type Fault } from '@tests/support/laidFaults';
import { printedOf } from '@tests/support/laidScenes';
import { tried, type Tried } from '@tests/support/laidTrials';
import { spreadOf } from './stats';

/** Good lay-ups, and faulty ones of each kind: LOOK=40,10 for figures that bear something, hours; LOOK_KINDS=wrap,badge for some. */
const { LOOK = '3,1', LOOK_KINDS = ART_KINDS.join(',') } = process.env;
const [GOOD = 3, EACH = 1] = LOOK.split(',').map(Number);
/** Pictures of one kind: the first was looked at while limits were set, the others not. */
const SEEDS = [1, 2, 3, 4] as const;

interface Told {
  readonly fault: Fault | null;
  readonly seed: number;
  readonly result: Tried;
}

const share = (part: number, of: number): string => (of === 0 ? 'none tried' : `${part} of ${of}`);

function say(kind: ArtKind, told: readonly Told[]): void {
  const good = told.filter(({ fault }) => fault === null);
  const flagged = good.filter(({ result }) => result.look.findings.length > 0);
  const registered = told.filter(({ result }) => result.right);
  const wrong = told.filter(({ result }) => result.look.which !== null && !result.right);
  const off = good.flatMap(({ result }) => (result.right ? [result.offMm] : []));
  const middle = spreadOf(off.map(([median]) => median)).median;
  const far = spreadOf(off.map(([, p95]) => p95)).median;
  console.log(
    `${kind}: found in the photo ${share(registered.length, told.length)}, wrongly ${wrong.length}; off by ${middle.toFixed(2)} mm, ` +
      `${far.toFixed(2)} at the 95th percentile; good ones flagged ${share(flagged.length, good.length)}; ` +
      `looked at in ${(spreadOf(told.map(({ result }) => result.ms)).median / 1000).toFixed(1)} s`,
  );
  const codes = flagged.flatMap(({ result }) => result.look.findings.map(({ code }) => code));
  if (codes.length > 0) console.log(`  flagged for ${codes.join(', ')}`);
  const faulty = told.filter(({ fault }) => fault !== null);
  const beside = faulty.filter(({ result }) => result.beside.length > 0);
  console.log(`  something told beside the fault ${share(beside.length, faulty.length)}`);
  for (const fault of new Set(told.flatMap((each) => each.fault ?? []))) {
    const own = told.filter((each) => each.fault === fault);
    const found = own.filter(({ result }) => result.found).length;
    console.log(`  ${fault}: found ${share(found, own.length)}`);
  }
}

/** Photos of lay-ups by the simulated camera, good ones and ones with one fault each, looked at. */
export async function benchLook(): Promise<void> {
  console.log('photos are simulated, 12 megapixels each; no figure here is of a real camera');
  for (const kind of ART_KINDS.filter((each) => LOOK_KINDS.split(',').includes(each))) {
    const told: Told[] = [];
    for (const seed of SEEDS) {
      const printed = await printedOf(kind, seed);
      // as the app does while the photo is taken
      const things = printed.expected.map(readyAhead);
      const taps = kind === 'repeat';
      const times = (fault: Fault | null) => {
        const all = fault === null ? GOOD : EACH;
        const first = Math.ceil(all / SEEDS.length);
        return Math.max(0, Math.min(first, all - first * (seed - 1)));
      };
      for (const fault of [null, ...faultsOf(printed)])
        for (let nth = 0; nth < times(fault); nth++) {
          const scene = sceneOf(printed, fault, nth + 100 * seed);
          if (!scene) continue;
          const result = await tried(printed, things, scene, nth + 1000 * seed, taps);
          told.push({ fault, seed, result });
          if (GOOD > 3)
            console.log(
              `  ${kind} ${seed} ${fault ?? 'good'} ${nth}: ${result.right ? 'found' : 'not found'}, ` +
                `${result.look.findings.map(({ code }) => code).join(' ') || 'nothing said'}` +
                `${result.beside.length > 0 ? `; beside it ${JSON.stringify(result.beside)}` : ''}`,
            );
        }
    }
    say(kind, told);
  }
}

/** Random evenings, and a checker of plans that shares no code with what makes them. */
import {
  PICK_UP_S,
  LEAST_PART_S,
  type Block,
  type Evening,
  type MachineWork,
  type PieceWork,
  type Schedule,
} from '@/core/evening';

/** Whole steps of ten seconds: what the exhaustive search counts in. */
export const STEP_S = 10;

type Random = () => number;
const below = (random: Random, count: number): number => Math.floor(random() * count);
const steps = (random: Random, least: number, most: number): number =>
  STEP_S * (least + below(random, most - least + 1));

function handWork(random: Random, id: string, waitS: number): Block {
  const lastsS = steps(random, 1, 7);
  const mayPause = lastsS > LEAST_PART_S && random() < 0.6;
  const hands = [{ fromS: 0, toS: lastsS }];
  return { id, waitS, lastsS, hands, use: null, mayPause, seams: [], after: null, behind: [] };
}

function machineRun(random: Random, id: string, waitS: number, machines: MachineWork[]): Block {
  const layS = steps(random, 1, 2);
  const dwellS = steps(random, 1, 8);
  const openS = STEP_S;
  const busy = random() < 0.2;
  const thenS = random() < 0.3 ? steps(random, 1, 2) : 0;
  const end = layS + dwellS + openS + thenS;
  const machine = below(random, machines.length);
  const { off = null, changes = [] } = machines[machine] ?? {};
  const setting = below(random, off ?? changes[0]?.length ?? 1);
  // a thing pressed may leave it cooled beyond its own end
  const coolsIt = machines[machine]?.places === 1 && random() < 0.3;
  const backS = coolsIt ? steps(random, 1, 5) : 0;
  return {
    ...{ id, waitS, lastsS: end, mayPause: false, seams: [], after: null, behind: [] },
    hands: busy
      ? [{ fromS: 0, toS: end }]
      : [
          { fromS: 0, toS: layS },
          { fromS: layS + dwellS, toS: end },
        ],
    use: { machine, setting, fromS: 0, toS: layS + dwellS + openS + backS },
  };
}

function machineOf(random: Random, id: string): MachineWork {
  const settings = 1 + below(random, 2);
  const places = random() < 0.3 ? 2 : 1;
  // the way to a heat leads through the cooler ones: no detour is shorter
  const [warmS, upS, downS] = [steps(random, 0, 6), steps(random, 0, 4), steps(random, 0, 6)];
  const after = (thenS: number) => ({ handsS: STEP_S, thenS });
  const changes = [
    [after(warmS), after(warmS + upS)],
    [after(0), after(upS)],
    [after(downS), after(0)],
  ]
    .slice(0, settings + 1)
    .map((row) => row.slice(0, settings));
  const setTo = random() < 0.3 ? 0 : null;
  const freeFromS = random() < 0.3 ? steps(random, 1, 4) : 0;
  const base = { id, places, freeFromS, turning: null, taken: [], setTo };
  // another part goes on only once it is off and cold
  if (settings === 2 && random() < 0.3) {
    const cools = after(steps(random, 1, 4));
    const parts = [
      [after(warmS), after(warmS), null],
      [after(0), null, cools],
      [null, after(0), cools],
      [after(warmS + STEP_S), after(warmS + STEP_S), after(0)],
    ];
    return { ...base, changes: parts, off: 2 };
  }
  return { ...base, changes, off: null };
}

/** An evening of the whole model: machines with settings and places, waits, held presses, work laid aside, breaks. */
export function randomEvening(random: Random, mostPieces: number, mostBlocks: number): Evening {
  const machines = Array.from({ length: 1 + below(random, 2) }, (_, i) =>
    machineOf(random, String(i)),
  );
  const pieces: PieceWork[] = Array.from({ length: 1 + below(random, mostPieces) }, (_, p) => ({
    id: String(p),
    readyS: random() < 0.2 ? steps(random, 0, 3) : 0,
    blocks: Array.from({ length: 1 + below(random, mostBlocks) }, (_unused, b) => {
      const waitS = b > 0 && random() < 0.4 ? steps(random, 1, 5) : 0;
      const id = `${p}.${b}`;
      return random() < 0.5 ? machineRun(random, id, waitS, machines) : handWork(random, id, waitS);
    }),
  }));
  // prints made ready aside
  if (pieces.length > 1 && random() < 0.3) {
    const [first, second] = pieces;
    const [block, ...more] = second?.blocks ?? [];
    const aside = first?.blocks.every(({ use }) => use === null);
    if (second && block && aside)
      pieces[1] = { ...second, blocks: [{ ...block, after: 0 }, ...more] };
  }
  // wished to go into its machine behind the one before it
  const uses = (p: number) => pieces[p]?.blocks.findIndex(({ use }) => use !== null) ?? -1;
  for (let p = 1; p < pieces.length; p++) {
    const [piece, at] = [pieces[p], uses(p)];
    if (!piece || at < 0 || uses(p - 1) < 0 || random() >= 0.15) continue;
    const blocks = piece.blocks.map((block, b) =>
      b === at ? { ...block, behind: [p - 1] } : block,
    );
    pieces[p] = { ...piece, blocks };
  }
  const people = Array.from({ length: random() < 0.3 ? 2 : 1 }, () =>
    random() < 0.3 ? [{ fromS: 50, toS: 50 + steps(random, 1, 4) }] : [],
  );
  return { pieces, machines, people };
}

/** Everything that is wrong with a plan; nothing where it keeps every rule. */
export function faultsIn(evening: Evening, { placed, changes, endS }: Schedule): string[] {
  const faults: string[] = [];
  const fault = (text: string) => void faults.push(text);
  const at = new Map(placed.map((each) => [`${each.piece}.${each.block}`, each]));
  const count = evening.pieces.reduce((sum, { blocks }) => sum + blocks.length, 0);
  if (at.size !== count || placed.length !== count) fault('not every block is planned once');
  const ends = evening.pieces.map(
    ({ blocks, readyS }, p) =>
      at.get(`${p}.${blocks.length - 1}`)?.endS ?? (blocks.length === 0 ? readyS : 0),
  );
  if (Math.max(0, ...ends) !== endS) fault('the end is not the last end');
  evening.pieces.forEach(({ readyS, blocks }, p) =>
    blocks.forEach((block, b) => {
      const own = at.get(`${p}.${b}`);
      if (!own) return;
      const before = b === 0 ? readyS : (at.get(`${p}.${b - 1}`)?.endS ?? 0);
      if (own.startS < before + block.waitS) fault(`${block.id} begins too early`);
      if (block.after !== null && own.startS < (ends[block.after] ?? 0))
        fault(`${block.id} begins before what it waits for`);
      for (const other of block.behind) {
        const use = evening.pieces[other]?.blocks.findIndex((each) => each.use !== null) ?? -1;
        if (own.startS < (at.get(`${other}.${use}`)?.startS ?? 0))
          fault(`${block.id} goes in before what it goes behind`);
      }
      if (block.mayPause) {
        const sum = own.hands.reduce((total, { fromS, toS }) => total + toS - fromS, 0);
        const over = sum - block.lastsS;
        // laid aside between two steps it costs nothing to go on
        const most = PICK_UP_S * (own.hands.length - 1);
        if (over % PICK_UP_S !== 0 || over > most || over < (block.seams.length > 0 ? 0 : most))
          fault(`${block.id} is not worked on for its time`);
        if (new Set(own.hands.map(({ person }) => person)).size > 1)
          fault(`${block.id} changes hands`);
        own.hands.slice(0, -1).forEach(({ fromS, toS }) => {
          if (toS - fromS < LEAST_PART_S && block.seams.length === 0)
            fault(`${block.id} is laid aside too soon`);
        });
      } else {
        if (own.endS !== own.startS + block.lastsS) fault(`${block.id} is stretched`);
        const wanted = block.hands.map(({ fromS, toS }) => [own.startS + fromS, own.startS + toS]);
        const got = own.hands.map(({ fromS, toS }) => [fromS, toS]);
        if (JSON.stringify(wanted) !== JSON.stringify(got)) fault(`${block.id} lacks hands`);
      }
    }),
  );
  const spans = evening.people.map((away) => [...away]);
  [...placed.flatMap(({ hands }) => hands), ...changes].forEach(({ person, fromS, toS }) =>
    spans[person]?.push({ fromS, toS }),
  );
  spans.forEach((own, person) => {
    const sorted = own.filter(({ fromS, toS }) => toS > fromS).sort((a, b) => a.fromS - b.fromS);
    sorted.slice(1).forEach(({ fromS }, i) => {
      if (fromS < (sorted[i]?.toS ?? 0)) fault(`person ${person} is in two places`);
    });
  });
  evening.machines.forEach((machine, m) => {
    const uses = placed.flatMap(({ piece, block, startS }) => {
      const use = evening.pieces[piece]?.blocks[block]?.use;
      return use?.machine === m
        ? [{ setting: use.setting, fromS: startS + use.fromS, toS: startS + use.toS }]
        : [];
    });
    const own = changes.filter((each) => each.machine === m).sort((a, b) => a.fromS - b.fromS);
    let set = machine.setTo;
    own.forEach((change) => {
      const turned =
        change === own[0] && !uses.some(({ fromS }) => fromS < change.fromS)
          ? (machine.turning?.[change.setting] ?? null)
          : null;
      const cost = turned ?? machine.changes[set === null ? 0 : set + 1]?.[change.setting];
      const busyToS = Math.max(
        turned ? 0 : machine.freeFromS,
        ...machine.taken.map(({ toS }) => toS),
      );
      if (change.fromS < busyToS) fault(`machine ${m} is set while taken up`);
      if (change.toS - change.fromS !== cost?.handsS) fault(`machine ${m} is set in no time`);
      if (change.readyS !== change.toS + (cost?.thenS ?? 0)) fault(`machine ${m} heats in no time`);
      if (uses.some(({ fromS, toS }) => fromS < change.readyS && toS > change.fromS))
        fault(`machine ${m} is set while it works`);
      set = change.setting;
    });
    uses.forEach(({ setting, fromS }) => {
      const last = own.filter(({ readyS }) => readyS <= fromS).at(-1);
      if ((last ? last.setting : machine.setTo) !== setting) fault(`machine ${m} is set otherwise`);
      if (!last && fromS < machine.freeFromS) fault(`machine ${m} is taken up`);
      const busy = [...uses, ...machine.taken].filter(
        (each) => each.fromS <= fromS && each.toS > fromS,
      ).length;
      if (busy > machine.places) fault(`machine ${m} holds too much`);
    });
  });
  return faults;
}

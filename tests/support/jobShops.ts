/**
 * Job-shop instances as published: ft06 and ft10 of Fisher & Thompson (1963), la01 and la05 of Lawrence (1984). A line
 * a job: machine and time, in the order of its operations. The figures are from memory; that their bounds and optima
 * come out as published is what says that they are right.
 */
import type { Evening } from '@/core/evening';

const TEXT = {
  ft06: `2 1 0 3 1 6 3 7 5 3 4 6
1 8 2 5 4 10 5 10 0 10 3 4
2 5 3 4 5 8 0 9 1 1 4 7
1 5 0 5 2 5 3 3 4 8 5 9
2 9 1 3 4 5 5 4 0 3 3 1
1 3 3 3 5 9 0 10 4 4 2 1`,
  ft10: `0 29 1 78 2 9 3 36 4 49 5 11 6 62 7 56 8 44 9 21
0 43 2 90 4 75 9 11 3 69 1 28 6 46 5 46 7 72 8 30
1 91 0 85 3 39 2 74 8 90 5 10 7 12 6 89 9 45 4 33
1 81 2 95 0 71 4 99 6 9 8 52 7 85 3 98 9 22 5 43
2 14 0 6 1 22 5 61 3 26 4 69 8 21 7 49 9 72 6 53
2 84 1 2 5 52 3 95 8 48 9 72 0 47 6 65 4 6 7 25
1 46 0 37 3 61 2 13 6 32 5 21 9 32 8 89 7 30 4 55
2 31 0 86 1 46 5 74 4 32 6 88 8 19 9 48 7 36 3 79
0 76 1 69 3 76 5 51 2 85 9 11 6 40 7 89 4 26 8 74
1 85 0 13 2 61 6 7 8 64 9 76 5 47 3 52 4 90 7 45`,
  la01: `1 21 0 53 4 95 3 55 2 34
0 21 3 52 4 16 2 26 1 71
3 39 4 98 1 42 2 31 0 12
1 77 0 55 4 79 2 66 3 77
0 83 3 34 2 64 1 19 4 37
1 54 2 43 4 79 0 92 3 62
3 69 4 77 1 87 2 87 0 93
2 38 0 60 1 41 3 24 4 83
3 17 1 49 4 25 0 44 2 98
4 77 3 79 2 43 1 75 0 96`,
  la05: `1 72 0 87 4 95 2 66 3 60
4 5 3 35 0 48 2 39 1 54
1 46 3 20 2 21 0 97 4 55
0 59 3 19 4 46 1 34 2 37
4 23 2 73 3 25 1 24 0 28
3 28 0 45 4 5 1 78 2 83
0 53 3 71 1 37 4 29 2 12
4 12 2 87 3 33 1 55 0 38
2 49 3 83 1 40 0 48 4 7
2 65 3 17 0 90 4 27 1 23`,
} as const;

/** A published instance as an evening: every operation a block on its machine, with no hands. */
export function jobShop(name: keyof typeof TEXT): Evening {
  const rows = TEXT[name].split('\n').map((line) => line.split(' ').map(Number));
  const machines = 1 + Math.max(...rows.flatMap((row) => row.filter((_, i) => i % 2 === 0)));
  return {
    people: [],
    machines: Array.from({ length: machines }, (_, i) => ({
      ...{
        id: String(i),
        places: 1,
        freeFromS: 0,
        turning: null,
        taken: [],
        setTo: 0,
        changes: [[], []],
        off: null,
      },
    })),
    pieces: rows.map((row, job) => ({
      id: String(job),
      readyS: 0,
      blocks: Array.from({ length: row.length / 2 }, (_, i) => {
        const lastsS = row[2 * i + 1] ?? 0;
        const use = { machine: row[2 * i] ?? 0, setting: 0, fromS: 0, toS: lastsS };
        return {
          id: `${job}.${i}`,
          waitS: 0,
          lastsS,
          hands: [],
          use,
          mayPause: false,
          seams: [],
          after: null,
          behind: [],
        };
      }),
    })),
  };
}

import { readFileSync, readdirSync } from 'node:fs';
import { zipSync, strToU8 } from 'fflate';
import { asStored, inspectImage, isMeantAsStored } from '@/files/image';
import { readJobFile } from '@/files/jobFile';
import { readPatchList } from '@/files/chartFile';
import { readLogJson } from '@/files/logFile';
import { readReadings } from '@/files/readingsFile';
import { toBackup } from '@/files/backup';
import { openBackup } from '@/files/backup/zip';
import { readBlanksFile } from '@/files/shelfFile';
import { beginsAsSvg } from '@/files/svg/sniff';
import sharp, { type Sharp } from 'sharp';
import { standInForTheBrowser } from '../support/dom';
import { fromAProgram } from '../support/drawings';
import { pngPicture } from '../support/pictures';
import { seeded } from '@/demo/paint';
import { LONGEST_S, type Ordeal } from './ordeal';

/** A file with some of its bytes changed, cut off, doubled or swapped. */
export function mutated(bytes: Uint8Array, random: () => number): Uint8Array {
  const made = bytes.slice();
  const at = () => Math.floor(random() * made.length);
  for (let i = 0; i < 1 + random() * 12; i++) made[at()] = Math.floor(random() * 256);
  if (random() < 0.3) return made.subarray(0, at());
  if (random() < 0.2) return new Uint8Array([...made, ...made.subarray(at())]);
  return made;
}

type Reader = (bytes: Uint8Array) => unknown;
const asText = (bytes: Uint8Array): string => new TextDecoder().decode(bytes);

const READINGS = 'x_mm,y_mm,display_C,plate_C\n0,0,190,188\n100,0,190,187.5\n0,100,190,191\n';
const PATCHES = 'patch;L;a;b\n0;95;0;-2\n1;40;60;30\n2;50;-50;40\n3;30;20;-60\n';

/** A backup of one record. */
const backupOf = (record: string): Uint8Array => {
  const kept = {
    kind: 'record',
    id: 'r',
    version: 3,
    savedAt: '',
    body: JSON.parse(record) as unknown,
  };
  return zipSync({ 'backup.json': strToU8(JSON.stringify(toBackup([kept], [], [], new Date(0)))) });
};

/** What is done with a picture file before it is decoded. */
const lookedInto: Reader = (bytes) => [
  inspectImage(bytes),
  asStored(bytes as Uint8Array<ArrayBuffer>),
  isMeantAsStored(bytes),
];

/** The reader of drawings, which needs a DOM as it is loaded. */
async function drawingReader(): Promise<Reader> {
  standInForTheBrowser();
  const { readSvg } = await import('@/files/svg');
  return (bytes) => readSvg(asText(bytes));
}

async function samples(): Promise<readonly (readonly [string, Uint8Array, Reader])[]> {
  const folder = 'tests/fixtures/documents';
  const png = sharp(await pngPicture(40, 30)).withMetadata({ orientation: 6 });
  const turned = async (encode: (picture: Sharp) => Sharp) =>
    new Uint8Array(await encode(png.clone()).toBuffer());
  const comments = `${'<!-- x -->'.repeat(3000)}<svg width="1mm" height="1mm"/>`;
  const jobs = readdirSync(folder)
    .filter((name) => name.startsWith('job-file'))
    .map((name) => zipSync({ 'job.json': strToU8(readFileSync(`${folder}/${name}`, 'utf8')) }));
  return [
    ['png', await turned((picture) => picture.png()), lookedInto],
    ['jpeg', await turned((picture) => picture.jpeg()), lookedInto],
    ['webp', await turned((picture) => picture.webp()), lookedInto],
    [
      'backup',
      backupOf(readFileSync(`${folder}/record.v3.json`, 'utf8')),
      (bytes) => openBackup(new Blob([bytes as Uint8Array<ArrayBuffer>])),
    ],
    [
      'log',
      strToU8('{"format":"lucky-sheet-log","version":1,"records":[]}'),
      (bytes) => readLogJson(asText(bytes)),
    ],
    ['readings', strToU8(READINGS), (bytes) => readReadings(asText(bytes), '°C')],
    ['patches', strToU8(PATCHES), (bytes) => readPatchList(asText(bytes))],
    ['drawing', strToU8(await fromAProgram()), await drawingReader()],
    ['svg', strToU8(comments), (bytes) => beginsAsSvg(asText(bytes))],
    [
      'blanks',
      new Uint8Array(readFileSync(`${folder}/blanks-file.v3.json`)),
      (bytes) => readBlanksFile(asText(bytes)),
    ],
    ...jobs.map((zip) => ['job', zip, readJobFile] as const),
  ];
}

/** Files of every kind, mutated: each is taken or refused, in time, and no reader breaks. */
export const files: Ordeal = async ({ seed, goesOn }) => {
  const random = seeded(seed);
  const all = await samples();
  const troubles: string[] = [];
  let count = 0;
  while (goesOn(count)) {
    const [kind, bytes, read] = all[Math.floor(random() * all.length)] as (typeof all)[number];
    const before = process.cpuUsage();
    try {
      await read(mutated(bytes, random));
    } catch (error) {
      troubles.push(`${kind} ${count}: ${String(error)}`);
    }
    const { user, system } = process.cpuUsage(before);
    if ((user + system) / 1e6 > LONGEST_S) troubles.push(`${kind} ${count}: too long`);
    count++;
  }
  return { count, troubles };
};

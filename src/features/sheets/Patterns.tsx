'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { cutFilesFor, filmOutlines, jigsFor, sheetCutFile, type Purpose } from '@/core/jig';
import type { Piece } from '@/core/layout';
import { plainPaper } from '@/core/plainProof';
import { liesMirrored } from '@/core/sheet';
import { patternToSvg } from '@/files/svg';
import { formatSize } from '@/words/units';
import { SelectField } from '@/ui/fields/SelectField';
import { useBench } from '@/ui/bench/BenchProvider';
import { download, fileName } from '@/ui/files';
import { useJob } from '@/ui/job/jobContext';
import { COLOURS } from '@/ui/theme';
import { Tucked } from '@/ui/Tucked';
import { useUnits } from '@/ui/units';
import { TaskButton, TaskProgress, useTask } from '@/ui/useTask';
import { assemblyGuide, patternOf, pieceWords, type Pattern } from '@/words';
import { patternPdfTask } from '@/workers';

const STROKES: Readonly<Record<Purpose, string>> = {
  cut: COLOURS.ember,
  draw: COLOURS.bluebell,
  fold: COLOURS.saffron,
  mark: COLOURS.graphite,
};

/** A small look at a drawing, in its own proportions. */
function Thumbnail({ pattern }: { pattern: Pattern }) {
  const { widthMm: w, heightMm: h } = pattern;
  const thin = Math.max(w, h) / 90;
  return (
    <svg
      width={92}
      height={72}
      viewBox={`${-thin} ${-thin} ${w + 2 * thin} ${h + 2 * thin}`}
      aria-hidden="true"
      style={{ flexShrink: 0, background: COLOURS.paper }}
    >
      {pattern.lines.map(({ purpose, points, closed }, i) => (
        <path
          key={i}
          d={`M${points.map(({ x, y }) => `${x} ${y}`).join('L')}${closed ? 'Z' : ''}`}
          fill="none"
          stroke={STROKES[purpose]}
          strokeWidth={thin}
          strokeDasharray={purpose === 'fold' ? `${3 * thin} ${2 * thin}` : undefined}
        />
      ))}
    </svg>
  );
}

function PatternRow({ pattern, pdf }: { pattern: Pattern; pdf: boolean }) {
  const { job, plan } = useJob();
  const { length } = useUnits();
  // no jig is printed on a dye sheet or on film
  const paper = plainPaper(plan.tools);
  const task = useTask();
  const name = (ending: string) => fileName(job.name, ending, pattern.name);
  async function savePdf() {
    const file = await task.run((onProgress) => patternPdfTask(pattern, paper, onProgress));
    if (file) download(name('pdf'), file);
  }
  const saveSvg = () =>
    download(name('svg'), new Blob([patternToSvg(pattern)], { type: 'image/svg+xml' }));
  return (
    <Box component="li" sx={{ display: 'flex', gap: 1.5, alignItems: 'flex-start' }}>
      <Thumbnail pattern={pattern} />
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Typography sx={{ fontWeight: 700, fontSize: 15 }}>{pattern.name}</Typography>
        <Typography sx={{ fontSize: 13.5, color: COLOURS.graphite }}>
          {formatSize(pattern.widthMm, pattern.heightMm, length)}. {pattern.use}
        </Typography>
        {pdf && (
          <TaskButton
            task={task}
            size="small"
            onClick={() => void savePdf()}
            aria-label={`${pattern.name} as PDF`}
          >
            PDF
          </TaskButton>
        )}
        <Button size="small" onClick={saveSvg} aria-label={`${pattern.name} as SVG`}>
          SVG
        </Button>
        <TaskProgress task={task} />
      </Box>
    </Box>
  );
}

function PatternList({ patterns, pdf }: { patterns: readonly Pattern[]; pdf: boolean }) {
  return (
    <Box
      component="ul"
      sx={{ listStyle: 'none', m: 0, p: 0, display: 'flex', flexDirection: 'column', gap: 1.5 }}
    >
      {patterns.map((pattern) => (
        <PatternRow key={pattern.id} pattern={pattern} pdf={pdf} />
      ))}
    </Box>
  );
}

/** The jigs of the job: for its blank, its film and what is laid together of several sheets. */
function useJigs(): Pattern[] {
  const { job, plan } = useJob();
  const units = useUnits();
  const { faces, pieces, tilings, tools, film } = plan;
  const mirrored = liesMirrored(plan);
  const sketches = [
    ...filmOutlines(film?.pieces ?? []),
    ...jigsFor({ job, faces, pieces, ruler: units.length }),
  ];
  return [
    ...sketches.map((sketch) => patternOf(sketch, units)),
    ...tilings.flatMap((tiling) => {
      const piece = pieces.find(({ id }) => id === tiling.pieceId);
      return piece ? [assemblyGuide(piece, tiling, mirrored, tools.paper, job.name)] : [];
    }),
  ];
}

/** The files for a cutter or plotter: those of a piece, and one for every sheet and every sheet of film. */
function useCutFiles(piece: Piece | undefined): Pattern[] {
  const { job, plan } = useJob();
  const { shelf } = useBench();
  const units = useUnits();
  const { faces, pieces, mirror, sheets, film } = plan;
  const cutter = shelf.cutters.find(({ id }) => id === job.sheet.cutterId) ?? null;
  const later = mirror.flippers.filter(({ who, flips }) => who !== 'file' && flips).length;
  const filmCuts = (film?.sheets ?? []).flatMap((sheet) => {
    const cut = sheetCutFile(sheet, film?.pieces ?? [], 0, cutter);
    return cut ? [{ ...cut, kind: 'film-sheet-cut' as const }] : [];
  });
  const files = [
    ...(piece ? cutFilesFor({ piece, job, faces, mirrored: mirror.needed }) : []),
    ...sheets.flatMap((sheet) => sheetCutFile(sheet, pieces, later, cutter) ?? []),
    ...filmCuts,
  ];
  return files.map((sketch) => patternOf(sketch, units));
}

/** The files of one piece at a time, and of the sheets; worked out only where they are asked for. */
function CutFiles() {
  const { plan } = useJob();
  const { pieces } = plan;
  const [nth, setNth] = useState(0);
  const at = Math.min(nth, pieces.length - 1);
  const files = useCutFiles(pieces[at]);
  return (
    <>
      {pieces.length > 1 && (
        <SelectField
          label="Piece"
          value={at}
          onChange={({ target }) => setNth(Number(target.value))}
        >
          {pieces.map((piece, i) => (
            <MenuItem key={piece.id} value={i}>
              {pieceWords(piece)}
            </MenuItem>
          ))}
        </SelectField>
      )}
      {files.length > 0 ? (
        <PatternList patterns={files} pdf={false} />
      ) : (
        <Typography sx={{ color: COLOURS.graphite }}>Nothing of it is cut by a machine.</Typography>
      )}
    </>
  );
}

/** True-size jigs, and files for a cutting or plotting machine. */
export function Patterns() {
  const { plan } = useJob();
  const { pieces, mirror, film } = plan;
  const jigs = useJigs();
  return (
    <>
      <Tucked title="Jigs in true size" now={String(jigs.length)}>
        <PatternList patterns={jigs} pdf />
      </Tucked>
      {(pieces.length > 0 || film !== null) && (
        <Tucked title="For cutting and pen" now={mirror.needed ? 'mirrored' : ''}>
          <CutFiles />
        </Tucked>
      )}
    </>
  );
}

'use client';

import DownloadIcon from '@mui/icons-material/Download';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import type { Face } from '@/core/form';
import { pathData } from '@/core/geometry';
import type { PlateRows } from '@/core/press';
import { formatRuns } from '@/words/units';
import { download, fileName } from '@/ui/files';
import { useJob } from '@/ui/job/jobContext';
import { LayerStack } from '@/ui/LayerStack';
import { COLOURS, FONTS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { TaskProgress, useTask } from '@/ui/useTask';
import { textHeightOn } from '@/files/pdf/page';
import {
  CARE_WORDS,
  CAUTION_WORDS,
  displayLine,
  heatLine,
  cardSteps,
  operationFigures,
  type CardStep,
  pressCard,
  RECIPE_WORDS,
  roundsLine,
  rowsLine,
  supplyWords,
  tapingWords,
} from '@/words';
import { patternPdfTask } from '@/workers';
import { Lines } from './Lines';
import { PieceTable } from './PieceTable';

function Step({ step, number }: { step: CardStep; number: number }) {
  const units = useUnits();
  const { operation, title, detail } = step;
  const { heat, time, pressure } = operationFigures(operation, units);
  const hot = operation.kind === 'press' || operation.kind === 'warm-up';
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: '36px 1fr auto',
        gap: 1.5,
        py: 1,
        borderTop: `1px solid ${COLOURS.hairline}`,
      }}
    >
      <Box
        sx={{
          fontFamily: FONTS.figure,
          fontSize: 16,
          color: hot ? COLOURS.ember : COLOURS.graphite,
        }}
      >
        {number}
      </Box>
      <Box>
        <Typography sx={{ fontWeight: 700 }}>{title}</Typography>
        <Typography sx={{ fontSize: 15 }}>{detail}</Typography>
      </Box>
      <Box
        sx={{
          fontFamily: FONTS.figure,
          fontSize: 15,
          whiteSpace: 'nowrap',
          color: hot ? COLOURS.ember : COLOURS.graphite,
        }}
      >
        {[heat, time, pressure].filter(Boolean).join(' · ')}
      </Box>
    </Box>
  );
}

/** The card as a PDF, for the table. */
function SavePdf() {
  const { job, plan } = useJob();
  const units = useUnits();
  const task = useTask();
  const { machine, paper, recipe } = plan.tools;
  async function save() {
    const card = pressCard({
      ...{ job, units, press: plan.press },
      ...{ machine: machine.name, recipe },
      pageHeightMm: textHeightOn(paper),
    });
    const pdf = await task.run((onProgress) => patternPdfTask(card, paper, onProgress));
    if (pdf) download(fileName(job.name, 'pdf', 'press card'), pdf);
  }
  return (
    <>
      <TaskProgress task={task} />
      <Button size="small" startIcon={<DownloadIcon />} onClick={() => void save()}>
        Save as PDF
      </Button>
    </>
  );
}

/** Where blanks lie on the evenly hot part of a plate, each by its own edge. */
function Rows({ rows, face, says }: { rows: PlateRows; face: Face; says: string }) {
  const { across, down, widthMm, heightMm, gapMm, plate } = rows;
  const turned = widthMm !== face.widthMm;
  const [w, h] = [plate.widthMm, plate.heightMm];
  const left = (w - across * (widthMm + gapMm) + gapMm) / 2;
  const top = (h - down * (heightMm + gapMm) + gapMm) / 2;
  return (
    <svg height={84} viewBox={`0 0 ${w} ${h}`} role="img" aria-label={says}>
      <rect width={w} height={h} fill={COLOURS.ember} opacity={0.16} />
      {Array.from({ length: across * down }, (_, i) => {
        const x = left + (i % across) * (widthMm + gapMm);
        const y = top + Math.floor(i / across) * (heightMm + gapMm);
        return (
          <path
            key={i}
            d={pathData(face.region)}
            transform={
              turned ? `translate(${x + widthMm} ${y}) rotate(90)` : `translate(${x} ${y})`
            }
            fill="#fff"
            fillRule="evenodd"
            stroke={COLOURS.ink}
            strokeWidth={w / 90}
          />
        );
      })}
    </svg>
  );
}

/** What the machine is set to, where that is not simply the figure above. */
function Settings() {
  const { plan } = useJob();
  const units = useUnits();
  const { display, timer, atOnce } = plan.press;
  const setTo = displayLine(display, units);
  const together = rowsLine(atOnce, units.length);
  const rounds = roundsLine(plan.press.rounds);
  const [face] = plan.faces;
  const lines = [
    ...(setTo ? [setTo] : []),
    ...(timer.length > 1 ? [`Timer: ${formatRuns(timer)} without opening.`] : []),
    ...(together ? [together] : []),
    ...(rounds ? [rounds] : []),
  ];
  return (
    <Box sx={{ display: 'flex', gap: 3, alignItems: 'flex-start' }}>
      <Box sx={{ flex: 1 }}>
        {lines.map((each) => (
          <Typography key={each} sx={{ fontSize: 15 }}>
            {each}
          </Typography>
        ))}
      </Box>
      {atOnce && face && together && <Rows rows={atOnce} face={face} says={together} />}
    </Box>
  );
}

/** The whole pressing on one card: figures, stack, order, cautions. */
export function PressCard() {
  const { plan } = useJob();
  const units = useUnits();
  const { recipe, machine } = plan.tools;
  const { program, passes, taping, care, wash, supplies } = plan.press;
  const words = RECIPE_WORDS[recipe.id];
  const own = passes.findIndex((pass) => pass.recipe === recipe);
  return (
    <Box
      sx={{ flex: 1, overflowY: 'auto', p: { xs: 1.5, md: 3 } }}
      tabIndex={0}
      role="group"
      aria-label="Press card"
    >
      <Paper
        variant="outlined"
        sx={{ maxWidth: 820, mx: 'auto', p: { xs: 2, md: 3 }, borderColor: COLOURS.hairline }}
      >
        <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'baseline' }}>
          <Typography sx={{ color: COLOURS.graphite }}>
            {machine.name}: {words.name.toLowerCase()}
          </Typography>
          <SavePdf />
        </Box>
        <Typography
          component="p"
          sx={{ fontFamily: FONTS.figure, fontSize: 34, color: COLOURS.ember, lineHeight: 1.2 }}
        >
          {heatLine(plan.press, units)}
        </Typography>
        <Typography sx={{ fontSize: 14, color: COLOURS.graphite, mb: 2 }}>
          Pressure: {words.pressure}. Figures:{' '}
          {plan.press.settings.own ? 'your own' : recipe.origin}.
        </Typography>
        <Settings />
        <PieceTable />
        <Box
          sx={{
            ...{ display: 'grid', gap: 3, my: 2 },
            gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' },
          }}
        >
          <Box>
            <Typography variant="h3" component="h2" sx={{ mb: 1 }}>
              Stack, from outside in
            </Typography>
            <LayerStack layers={program.layUps[own] ?? []} program={program} />
          </Box>
          <Box>
            <Typography variant="h3" component="h2" sx={{ mb: 1 }}>
              Take care
            </Typography>
            <Box
              component="ul"
              sx={{ m: 0, pl: 2.5, fontSize: 15, color: COLOURS.saffron, '& li': { mb: 0.5 } }}
            >
              {recipe.cautions.map((caution) => (
                <li key={caution}>{CAUTION_WORDS[caution]}</li>
              ))}
            </Box>
          </Box>
        </Box>
        <Lines
          title="Lay ready"
          lines={supplies.map((each) => supplyWords(each, units))}
          columns={2}
        />
        <Typography variant="h3" component="h2" sx={{ mb: 1 }}>
          In this order
        </Typography>
        <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {cardSteps(program, units).map((step, i) => (
            <Step key={step.operation.id} step={step} number={i + 1} />
          ))}
        </Box>
        <Lines title="Taping" lines={taping.map((each) => tapingWords(each, units.length))} />
        <Lines title="It is done when" lines={[words.done]} />
        <Lines
          title="For the one who gets it"
          lines={[
            ...care.map((each) => CARE_WORDS[each]),
            ...(wash === '' ? [] : [`Its maker: ${wash}.`]),
          ]}
        />
      </Paper>
    </Box>
  );
}

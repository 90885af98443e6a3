'use client';

import Box from '@mui/material/Box';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import {
  MOST_RUNGS,
  type Ladder,
  type LadderPlan,
  type LadderQuestion,
  type WindowAsk,
} from '@/core/log/window';
import { Choice } from '@/ui/fields/Choice';
import { CountField } from '@/ui/fields/CountField';
import { testStock } from '@/core/log';
import { useLog } from '@/ui/bench/useLog';
import { useJob } from '@/ui/job/jobContext';
import { useNotify } from '@/ui/notify';
import { COLOURS, FONTS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { TaskButton, TaskProgress } from '@/ui/useTask';
import { answerWords, ladderWords, stockWords, QUESTION_WORDS, rungName } from '@/words';
import { createLadderPlanner } from '@/workers';
import { useTestJob } from './useTestJob';

const ASKED = ['window', 'offset', 'paper'] as const;
/** Test pieces that are asked for at first (own choice). */
const FIRST_MOST = 4;

/** The test pieces that were found, each with a place to tick on the printed card. */
function Rungs({ ladder }: { ladder: Ladder }) {
  const units = useUnits();
  return (
    <Box component="ol" aria-label="Test pieces" sx={{ m: 0, p: 0, listStyle: 'none' }}>
      {ladder.rungs.map((rung, nth) => (
        <Box
          component="li"
          key={nth}
          sx={{
            py: 0.75,
            borderTop: `1px solid ${COLOURS.hairline}`,
            fontFamily: FONTS.figure,
            fontSize: 17,
          }}
        >
          {rungName(rung, nth, units)}
        </Box>
      ))}
    </Box>
  );
}

/** What to try next: the fewest test pieces that tell most, made an ordinary job at one touch. */
export function LadderPanel({ ask }: { ask: WindowAsk }) {
  const notify = useNotify();
  const [planner] = useState(createLadderPlanner);
  const [question, setQuestion] = useState<LadderQuestion['ask']>('window');
  const [most, setMost] = useState(FIRST_MOST);
  const [ladder, setLadder] = useState<{ of: string; found: LadderPlan } | null>(null);
  const units = useUnits();
  const records = useLog();
  const { job } = useJob();
  const stock = testStock(records ?? [], job.blank.id);
  const { task, make } = useTestJob();
  useEffect(() => planner.close, [planner]);
  const of = JSON.stringify([ask, question, most]);
  useEffect(() => {
    let gone = false;
    planner.ask({ ask, question: { ask: question }, most }).then(
      (found) => !gone && found && setLadder({ of, found }),
      (error: unknown) => !gone && notify({ tone: 'error', text: String(error) }),
    );
    return () => {
      gone = true;
    };
  }, [planner, ask, question, most, of, notify]);
  const plan = ladder?.of === of ? ladder.found : null;
  const found = plan?.ladder ?? null;
  const answer = plan?.answer && answerWords(plan.answer, { ask: question }, units);
  return (
    <Box component="section" aria-label="What to try next">
      <Typography variant="h2" component="h2" sx={{ mb: 1 }}>
        What to try next
      </Typography>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'center', mb: 1 }}>
        <Choice
          label="What the test is to find out"
          value={question}
          options={ASKED.map((each) => [each, QUESTION_WORDS[each]] as const)}
          onChoose={setQuestion}
        />
        <Box sx={{ width: 170 }}>
          <CountField
            label="Test pieces at most"
            value={most}
            min={1}
            max={MOST_RUNGS}
            onValue={setMost}
          />
        </Box>
      </Box>
      <Box sx={{ height: 4 }}>{!found && <LinearProgress aria-label="Being worked out" />}</Box>
      {found && (
        <Box aria-live="polite">
          <Typography sx={{ fontSize: 17, mb: 1 }}>
            {ladderWords(found, { ask: question })}
          </Typography>
          {answer && <Typography sx={{ fontSize: 17, mb: 1 }}>{answer}</Typography>}
          <Rungs ladder={found} />
          {found.rungs.length > 0 && (
            <TaskButton
              task={task}
              variant="contained"
              sx={{ mt: 1.5 }}
              onClick={() => void make(found)}
            >
              Make them a job
            </TaskButton>
          )}
        </Box>
      )}
      <TaskProgress task={task} />
      <Typography sx={{ fontSize: 14, color: COLOURS.graphite, mt: 1.5 }}>
        {stockWords(stock)} Take scrap of the same stuff, or spoiled blanks with a good place left:
        not new ones. Each is printed with its letter, pressed by its own figures in one evening,
        and told of after it; what comes out changes the map.
      </Typography>
    </Box>
  );
}

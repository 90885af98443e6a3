'use client';

import { NOTHING_OWN } from '@/core/model';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import * as z from 'zod/mini';
import {
  planAgainst,
  MAX_PACKET_CHARS,
  ownFigures,
  readPacket,
  withPacket,
  type PacketFact,
  type PlanSays,
} from '@/core/press';
import { withPaper } from '@/core/job';
import { ownPaper } from '@/core/shelf';
import { TRANSFERS } from '@/core/transfer';
import { LinesField } from '@/ui/fields/LinesField';
import { useBench } from '@/ui/bench/BenchProvider';
import { readDraft, writeDraft } from '@/ui/draft';
import { useJob } from '@/ui/job/jobContext';
import { useNotify } from '@/ui/notify';
import { COLOURS } from '@/ui/theme';
import { useUnits } from '@/ui/units';
import { conflictWords, saysWords } from '@/words';
import { newId } from '@/store';
import { useHeatEdit } from './useHeatEdit';
import { textTo } from '@/core/schema';

/** What tells a fact from others: two may begin at the same letter. */
const keyOf = ({ kind, from }: PacketFact): string => `${kind} ${from}`;

/** Words of the text before and after a fact, so that it is recognised. */
const AROUND = 28;

function Quote({ text, fact }: { text: string; fact: PacketFact }) {
  const before = text.slice(Math.max(0, fact.from - AROUND), fact.from);
  const after = text.slice(fact.to, fact.to + AROUND);
  return (
    <Typography component="span" sx={{ fontSize: 14, color: COLOURS.graphite }}>
      {fact.from > AROUND && '…'}
      {before}
      <Box component="mark" sx={{ bgcolor: COLOURS.saffronGround, color: COLOURS.ink }}>
        {text.slice(fact.from, fact.to)}
      </Box>
      {after}
      {fact.to + AROUND < text.length && '…'}
    </Typography>
  );
}

/** What the plan does, in the packet's terms. */
function usePlanSays(): PlanSays {
  const { job, plan } = useJob();
  const { settings } = plan.press;
  const product = (plan.tools.film ?? plan.tools.paper).product;
  const cool = plan.tools.recipe.cool[job.heat.coolSchool].durationS ?? 0;
  const own = cool >= 60 ? 'cold' : cool > 0 ? 'warm' : 'hot';
  return {
    ...settings,
    mirrored: plan.mirror.needed,
    peel: product?.peel ?? TRANSFERS[job.transfer].peel ?? own,
  };
}

/** The own figures that the confirmed facts make; null while they name no time. */
function figuresOf(facts: readonly PacketFact[], says: PlanSays) {
  const find = <K extends PacketFact['kind']>(kind: K) =>
    facts.find((fact): fact is Extract<PacketFact, { kind: K }> => fact.kind === kind);
  const time = facts.find((fact) => fact.kind === 'time' && fact.about === 'press');
  const heat = find('temperature');
  if (!time && !heat) return null;
  return {
    temperatureC: heat?.temperatureC ?? says.temperatureC,
    dwellS: time?.kind === 'time' ? time.dwellS : says.dwellS,
    pressure: find('pressure')?.pressure ?? says.pressure,
  };
}

function Facts({
  text,
  facts,
  off,
  onToggle,
}: {
  text: string;
  facts: readonly PacketFact[];
  off: ReadonlySet<string>;
  onToggle: (key: string) => void;
}) {
  const units = useUnits();
  const says = usePlanSays();
  return (
    <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {facts.map((fact) => {
        const ours = planAgainst(fact, says);
        return (
          <Box component="li" key={keyOf(fact)} sx={{ mb: 1 }}>
            <FormControlLabel
              control={
                <Checkbox
                  size="small"
                  checked={!off.has(keyOf(fact))}
                  onChange={() => onToggle(keyOf(fact))}
                />
              }
              label={<strong>{saysWords(fact, units)}</strong>}
            />
            <Quote text={text} fact={fact} />
            {ours && (
              <Typography sx={{ fontSize: 15, color: COLOURS.saffron }}>
                {conflictWords(fact, ours, units)}
              </Typography>
            )}
          </Box>
        );
      })}
    </Box>
  );
}

/** Half-read instructions: the words, and which findings in them were unticked. */
const packetDraftSchema = z.object({
  text: textTo(MAX_PACKET_CHARS),
  off: z.array(z.string()),
});
type PacketDraft = z.infer<typeof packetDraftSchema>;

/** What was pasted for a job, through a reload, until it is kept. */
function usePacketDraft(jobId: string) {
  const key = `packet.${jobId}`;
  const [draft, setDraft] = useState<PacketDraft>(
    () => readDraft(key, packetDraftSchema) ?? { text: '', off: [] },
  );
  const put = (next: PacketDraft) => {
    setDraft(next);
    writeDraft(key, next);
  };
  return { draft, put, forget: () => writeDraft(key, null) };
}

/** Reads a maker's instructions; what is confirmed becomes the figures for this blank and transfer. */
export function PacketDialog({ onClose }: { onClose: () => void }) {
  const { job, plan, edit } = useJob();
  const { addToShelf, shelf } = useBench();
  const { change } = useHeatEdit();
  const notify = useNotify();
  const says = usePlanSays();
  const { draft, put, forget } = usePacketDraft(job.id);
  const { text } = draft;
  const off = new Set(draft.off);
  const facts = useMemo(() => readPacket(text), [text]);
  const confirmed = facts.filter((fact) => !off.has(keyOf(fact)));
  const wanted = figuresOf(confirmed, says);
  const sheet = plan.tools.film ?? plan.tools.paper;

  /** For this blank alone: temperature, time and pressure. */
  function keepForBlank() {
    if (!wanted) return;
    const figures = ownFigures({
      blankId: job.blank.id,
      transfer: job.transfer,
      machineId: job.heat.machineId,
      ...wanted,
      origin: "maker's sheet",
    });
    void addToShelf({ figures: [figures] });
    change({ own: NOTHING_OWN });
    notify({
      tone: 'success',
      text: `Kept for every job with “${job.blank.name}” on this machine.`,
    });
    forget();
    onClose();
  }

  /** With the paper or film, all of it. */
  function keepWithSheet() {
    const product = withPacket(sheet.product, job.transfer, job.heat.machineId, confirmed);
    const own = { ...ownPaper(sheet, shelf.papers, newId()), product };
    if (!addToShelf({ papers: [own] })) return;
    edit((old) => ({ ...withPaper(old, own), heat: { ...old.heat, own: NOTHING_OWN } }));
    notify({ tone: 'success', text: `Kept with “${own.name}”, for this machine.` });
    forget();
    onClose();
  }

  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth>
      <DialogTitle>A maker’s instructions</DialogTitle>
      <DialogContent sx={{ display: 'flex', flexDirection: 'column', gap: 2 }}>
        <LinesField
          label="Paste what the packet says"
          rows={7}
          autoFocus
          margin="dense"
          value={text}
          onChange={({ target }) => put({ text: target.value.slice(0, MAX_PACKET_CHARS), off: [] })}
        />
        {facts.length > 0 ? (
          <>
            <Typography sx={{ fontSize: 15 }}>
              Found in it. Untick what is not about this pressing:
            </Typography>
            <Facts
              text={text}
              facts={facts}
              off={off}
              onToggle={(key) =>
                put({
                  text,
                  off: off.has(key) ? draft.off.filter((x) => x !== key) : [...draft.off, key],
                })
              }
            />
          </>
        ) : (
          text.trim() !== '' && (
            <Alert severity="info">
              No temperature, time, pressure, mirroring or peel is found in it. Temperatures need
              their unit, as in 400 °F or 204 °C.
            </Alert>
          )
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
        <Button disabled={!wanted} onClick={keepForBlank}>
          Only for this blank
        </Button>
        <Button variant="contained" disabled={confirmed.length === 0} onClick={keepWithSheet}>
          Keep with “{sheet.name}”
        </Button>
      </DialogActions>
    </Dialog>
  );
}

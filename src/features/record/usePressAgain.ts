import { useRouter } from 'next/navigation';
import { FIRST_WISH, type PressedAgain } from '@/core/model';
import { useBench } from '@/ui/bench/BenchProvider';
import { steadyNow } from '@/ui/clock';
import { useJob } from '@/ui/job/jobContext';
import { useNotify } from '@/ui/notify';
import { NOT_PRESSED_WORDS } from '@/words';

/** Begins the second heat of what the job was pressed on, and goes to the press. */
export function usePressAgain(): (how: PressedAgain) => Promise<void> {
  const { shelf } = useBench();
  const { job, plan, passId, setRun, pathTo } = useJob();
  const notify = useNotify();
  const router = useRouter();
  return async (how) => {
    const { onceMore } = await import('@/core/evening');
    const { begun } = await import('@/ui/press');
    const { secondDwellS, setupOf } = await import('@/core/heat');
    const pass = plan.press.passes.find(({ id }) => id === passId);
    if (!pass) return;
    const setup = setupOf(pass, job.blank);
    const dwellS = how === 'under-its-paper' ? secondDwellS(setup) : setup.dwellS;
    const made = onceMore(job, { how, dwellS }, shelf, FIRST_WISH);
    if (typeof made === 'string')
      return notify({
        tone: 'warning',
        text: `It is not pressed again: ${NOT_PRESSED_WORDS[made]}.`,
      });
    const now = new Date(steadyNow());
    setRun(begun(made, null, [job], FIRST_WISH, { now, simulated: false }));
    router.push(pathTo('press'));
  };
}

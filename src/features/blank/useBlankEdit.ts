'use client';

import type { Blank, BlankForm, StraightWrapForm, TaperedWrapForm } from '@/core/model';
import { useJob } from '@/ui/job/JobProvider';

/** Changes to the job's blank; measuring makes its figures the user's own. */
export function useBlankEdit() {
  const { edit } = useJob();
  const editBlank = (change: (blank: Blank) => Blank, group = '') =>
    edit((job) => ({ ...job, blank: change(job.blank) }), group);
  const setForm = (change: (form: BlankForm) => BlankForm, group = '') =>
    editBlank((blank) => ({ ...blank, origin: 'measured', form: change(blank.form) }), group);
  return {
    editBlank,
    setForm,
    /** Figures that every cup has. */
    measureCup: (
      part: Partial<Pick<BlankForm, 'handleGapMm' | 'rimKeepOutMm' | 'baseKeepOutMm'>>,
      group: string,
    ) => setForm((form) => ({ ...form, ...part }), `blank-${group}`),
    measureStraight: (part: Partial<StraightWrapForm>, group: string) =>
      setForm(
        (form) => (form.kind === 'straight-wrap' ? { ...form, ...part } : form),
        `blank-${group}`,
      ),
    measureTapered: (part: Partial<TaperedWrapForm>, group: string) =>
      setForm(
        (form) => (form.kind === 'tapered-wrap' ? { ...form, ...part } : form),
        `blank-${group}`,
      ),
  };
}

'use client';

import { createContext, useContext, type ReactNode } from 'react';
import type { Blank } from '@/core/model';
import type { BlankForm, FormKind, FormOf } from '@/core/form';

/** A blank being measured, wherever it is kept. */
interface Editor {
  readonly blank: Blank;
  /** Changes it; changes of one `group` in quick succession belong together. */
  readonly edit: (change: (blank: Blank) => Blank, group?: string) => void;
}

const EditorContext = createContext<Editor | null>(null);

/** Lets the measuring fields below it work on a blank. */
export function BlankEditor({ blank, edit, children }: Editor & { children: ReactNode }) {
  return <EditorContext value={{ blank, edit }}>{children}</EditorContext>;
}

/** The blank at hand and how it is changed; measuring makes its figures the user's own. */
export function useBlankEdit() {
  const editor = useContext(EditorContext);
  if (!editor) throw new Error('useBlankEdit needs a BlankEditor above it');
  const { blank, edit } = editor;
  const setForm = (change: (form: BlankForm) => BlankForm, group = '') =>
    edit((old) => ({ ...old, origin: 'measured', form: change(old.form) }), group);
  return {
    blank,
    edit,
    setForm,
    /** Figures of a form of one kind. */
    measure: <K extends FormKind>(kind: K, part: Partial<FormOf<K>>, group: string) =>
      setForm(
        (form) => (form.kind === kind ? ({ ...form, ...part } as BlankForm) : form),
        group && `blank-${group}`,
      ),
  };
}

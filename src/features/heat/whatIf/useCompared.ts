'use client';

import { useEffect, useMemo, useState } from 'react';
import type { Compared, Setup, SetupChange } from '@/core/heat';
import type { TransferKind } from '@/core/model';
import { useNotify } from '@/ui/notify';
import { createComparer } from '@/workers';

/** What a change of a pressing comes to, worked out in the background; null until it is, or where nothing is printed. */
export function useCompared(
  setup: Setup,
  change: SetupChange,
  transfer: TransferKind,
): { readonly compared: Compared | null; readonly busy: boolean } {
  const notify = useNotify();
  const [comparer] = useState(createComparer);
  const asked = useMemo(() => ({ setup, change, transfer }), [setup, change, transfer]);
  const [found, setFound] = useState<{
    readonly asked: unknown;
    readonly compared: Compared | null;
  } | null>(null);
  useEffect(() => comparer.close, [comparer]);
  useEffect(() => {
    let gone = false;
    comparer.ask(asked).then(
      (compared) => !gone && setFound({ asked, compared }),
      (error: unknown) => !gone && notify({ tone: 'error', text: String(error) }),
    );
    return () => {
      gone = true;
    };
  }, [comparer, asked, notify]);
  return { compared: found?.compared ?? null, busy: found?.asked !== asked };
}

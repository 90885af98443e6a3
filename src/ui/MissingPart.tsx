'use client';

import { useEffect } from 'react';
import { missingPartProblem } from '@/store';
import { useNotify } from './notify';

/** Says so where something pressed did nothing because its part of the app could not be fetched. */
export function MissingPart() {
  const notify = useNotify();
  useEffect(() => {
    const onRejection = ({ reason }: PromiseRejectionEvent) => {
      const text = missingPartProblem(reason);
      if (text) notify({ tone: 'error', text });
    };
    window.addEventListener('unhandledrejection', onRejection);
    return () => window.removeEventListener('unhandledrejection', onRejection);
  }, [notify]);
  return null;
}

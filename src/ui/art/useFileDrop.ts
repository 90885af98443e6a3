'use client';

import { useEffect, useEffectEvent, type DragEvent } from 'react';
import { useDropzone, type DropzoneRootProps, type DropzoneState } from 'react-dropzone';
import { useNotify } from '../notify';
import { pastedFiles } from './pasted';

/** Where what is pasted is words. */
const WORDS =
  'textarea, [contenteditable], ' +
  'input:not([type="radio"], [type="checkbox"], [type="range"], [type="button"], [type="file"])';

/** What lies over the screen: a dialog, a menu. */
const OVER = '.MuiModal-root';
/** Whether an element is in what lies on top, so that what is pasted is meant for it. */
const isOnTop = (element: Element | null): boolean =>
  (element?.closest(OVER) ?? null) === ([...document.querySelectorAll(OVER)].at(-1) ?? null);

/** A place for files, and what its outermost element is given. */
interface FileDrop extends Omit<DropzoneState, 'getRootProps'> {
  readonly rootProps: DropzoneRootProps;
}

/**
 * A screen or dialog that takes files in: dropped anywhere on it, pasted while it lies on top, or chosen (`open`). Of what is dragged out of
 * another page often only the address comes; then what to do is said.
 */
export function useFileDrop(onFiles: (files: readonly File[]) => void): FileDrop {
  const notify = useNotify();
  const zone = useDropzone({ noClick: true, noKeyboard: true, onDrop: onFiles });
  const onPaste = useEffectEvent((event: ClipboardEvent) => {
    const { target, clipboardData } = event;
    if (!clipboardData || !isOnTop(zone.rootRef.current)) return;
    if (target instanceof Element && target.closest(WORDS)) return;
    const files = pastedFiles(clipboardData);
    if (files.length === 0) return;
    event.preventDefault();
    onFiles(files);
  });
  useEffect(() => {
    window.addEventListener('paste', onPaste);
    return () => window.removeEventListener('paste', onPaste);
  }, []);
  const onDrop = ({ dataTransfer: { types } }: DragEvent) => {
    if (types.includes('Files') || !types.includes('text/uri-list')) return;
    notify({
      tone: 'info',
      text: 'Of what you dragged here only its address came along, not the picture. Save it as a file and drop that, or copy the picture and paste it here.',
    });
  };
  return { ...zone, rootProps: zone.getRootProps({ onDrop }) };
}

'use client';

import { useEffect, useEffectEvent, type DragEvent } from 'react';
import { useDropzone, type DropzoneRootProps, type DropzoneState } from 'react-dropzone';
import { useNotify } from '../notify';
import { pastedFiles } from './pasted';

/** Where what is pasted is words, or belongs to what lies over the screen. */
const OTHERS =
  'textarea, [contenteditable], [role="dialog"], [role="menu"], [role="listbox"], ' +
  'input:not([type="radio"], [type="checkbox"], [type="range"], [type="button"], [type="file"])';

/** A place for files, and what its outermost element is given. */
interface FileDrop extends Omit<DropzoneState, 'getRootProps'> {
  readonly rootProps: DropzoneRootProps;
}

/**
 * A screen that takes files in: dropped anywhere on it, pasted, or chosen (`open`). Of what is dragged out of
 * another page often only the address comes; then what to do is said.
 */
export function useFileDrop(onFiles: (files: readonly File[]) => void): FileDrop {
  const notify = useNotify();
  const zone = useDropzone({ noClick: true, noKeyboard: true, onDrop: onFiles });
  const onPaste = useEffectEvent((event: ClipboardEvent) => {
    const { target, clipboardData } = event;
    if (!clipboardData || (target instanceof Element && target.closest(OTHERS))) return;
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

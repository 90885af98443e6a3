'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useRef, useState } from 'react';

/** Whether this browser can be asked for a camera at all: it cannot without a secure address. */
export const hasCamera = (): boolean =>
  typeof navigator !== 'undefined' && 'mediaDevices' in navigator;

/** What is asked of a camera: the one away from the face, with all the pixels it has up to 12 million. */
const WISH = {
  video: { facingMode: 'environment', width: { ideal: 4032 }, height: { ideal: 3024 } },
  audio: false,
} as const;

/** The camera's picture, and a button that takes the photo; the camera is let go of when this is closed. */
export function CameraView({
  onPhoto,
  onRefused,
  onCancel,
}: {
  onPhoto: (photo: Blob) => void;
  onRefused: () => void;
  onCancel: () => void;
}) {
  const video = useRef<HTMLVideoElement>(null);
  const [ready, setReady] = useState(false);
  const refused = useRef(onRefused);
  useEffect(() => {
    let stream: MediaStream | null = null;
    let gone = false;
    navigator.mediaDevices.getUserMedia(WISH).then(
      (given) => {
        if (gone) return given.getTracks().forEach((track) => track.stop());
        stream = given;
        if (video.current) video.current.srcObject = given;
      },
      () => refused.current(),
    );
    return () => {
      gone = true;
      stream?.getTracks().forEach((track) => track.stop());
    };
  }, []);

  function take() {
    const seen = video.current;
    if (!seen) return;
    const canvas = document.createElement('canvas');
    canvas.width = seen.videoWidth;
    canvas.height = seen.videoHeight;
    canvas.getContext('2d')?.drawImage(seen, 0, 0);
    canvas.toBlob((blob) => blob && onPhoto(blob), 'image/jpeg', 0.92);
  }

  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1, alignItems: 'flex-start' }}>
      <video
        ref={video}
        autoPlay
        playsInline
        muted
        onLoadedMetadata={() => setReady(true)}
        style={{ maxWidth: '100%', maxHeight: '56vh', background: '#000' }}
      />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button variant="contained" disabled={!ready} onClick={take}>
          Take it
        </Button>
        <Button onClick={onCancel}>Not now</Button>
      </Box>
    </Box>
  );
}

/** Three short notes, repeated until stopped: heard over an oven fan, harmless to the neighbours. */
const NOTE_HZ = 880;
const NOTE_S = 0.18;
const NOTES = 3;
const REPEAT_S = 4;
const REPEATS = 15;

let context: AudioContext | null = null;

/** The page's sound; made at the first touch, as browsers demand. */
function sound(): AudioContext | null {
  if (typeof AudioContext === 'undefined') return null;
  context ??= new AudioContext();
  return context;
}

/** Lets the page make sound from now on; call it in a click or key handler. */
export async function allowSound(): Promise<void> {
  await sound()?.resume();
}

/** Whether a sound asked for now would be heard. */
export const soundAllowed = (): boolean => context?.state === 'running';

/**
 * Sets the alarm on the sound card's own clock, so that a sleeping tab cannot delay it.
 * @param inS seconds from now; 0 rings at once.
 * @returns stops the alarm.
 */
export function setAlarm(inS: number): () => void {
  const audio = context;
  if (audio?.state !== 'running') return () => undefined;
  const volume = audio.createGain();
  volume.gain.value = 0.25;
  volume.connect(audio.destination);
  const start = audio.currentTime + Math.max(0, inS);
  for (let repeat = 0; repeat < REPEATS; repeat++) {
    for (let note = 0; note < NOTES; note++) {
      const oscillator = audio.createOscillator();
      oscillator.frequency.value = NOTE_HZ;
      oscillator.connect(volume);
      const at = start + repeat * REPEAT_S + note * NOTE_S * 1.6;
      oscillator.start(at);
      oscillator.stop(at + NOTE_S);
    }
  }
  return () => volume.disconnect();
}

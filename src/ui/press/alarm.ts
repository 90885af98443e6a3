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

/** How often it is looked whether the sound card's clock kept pace, and what it may be off, s. */
const LOOK_S = 0.5;
const OFF_S = 0.25;

/** Notes on the sound card's own clock, so that a busy page cannot delay them. */
function ringOn(audio: AudioContext, inS: number): () => void {
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

/**
 * Sets the alarm for a moment. The sound card's clock stands still while the device sleeps or the
 * browser stops the sound: then the alarm is set anew for the time that is left.
 * @param leftS seconds until it is to ring, asked for anew whenever that matters.
 * @returns stops the alarm.
 */
export function setAlarm(leftS: () => number): () => void {
  const audio = context;
  if (!audio) return () => undefined;
  let stop: () => void = () => undefined;
  let ringsAt = Number.NaN;
  const set = () => {
    stop();
    if (audio.state !== 'running') {
      ringsAt = Number.NaN;
      audio.resume().catch(() => undefined); // not allowed yet: the screen says it all the same
      return;
    }
    const left = leftS();
    ringsAt = audio.currentTime + left;
    stop = ringOn(audio, left);
  };
  const look = () => {
    const off = Math.abs(audio.currentTime + leftS() - ringsAt);
    if (audio.state !== 'running' || !(off < OFF_S)) set();
  };
  set();
  const timer = setInterval(look, LOOK_S * 1000);
  audio.addEventListener('statechange', look);
  return () => {
    clearInterval(timer);
    audio.removeEventListener('statechange', look);
    stop();
  };
}

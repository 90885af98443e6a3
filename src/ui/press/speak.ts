/** Says something aloud where the browser can; what was being said before is cut short. */
export function speak(text: string): void {
  if (typeof speechSynthesis === 'undefined') return;
  speechSynthesis.cancel();
  const utterance = new SpeechSynthesisUtterance(text);
  utterance.lang = 'en';
  speechSynthesis.speak(utterance);
}

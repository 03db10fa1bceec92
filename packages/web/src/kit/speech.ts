/** Whether this browser has a voice. */
export const canSpeak = typeof window !== 'undefined' && 'speechSynthesis' in window;

/**
 * Says a sentence aloud; what was being said makes way.
 * @param locale whose voice is wanted, as BCP 47 names it
 */
export function speak(text: string, locale: string): void {
  if (!canSpeak || text.trim() === '') return;
  speechSynthesis.cancel();
  const said = new SpeechSynthesisUtterance(text);
  said.lang = locale;
  speechSynthesis.speak(said);
}

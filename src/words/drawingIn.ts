/** What a drawing can show no more once it was made harmless, as a person says it. */
export const LOST_WORDS = {
  elsewhere: 'pictures that are not in the file or cannot be read',
  effects: 'effects that are not drawn here',
  page: 'parts of a web page',
  words: 'words in a font that cannot be read',
  movement: 'movement',
} as const;

/** A kind of what a drawing shows no more. */
export type Lost = keyof typeof LOST_WORDS;

/** What is told of a drawing that may look otherwise than in the program it came from; empty where nothing does. */
export function otherwiseWords(lost: readonly Lost[], inOtherFonts: boolean): string {
  const said = [
    lost.length > 0 && `It came in without ${lost.map((what) => LOST_WORDS[what]).join(', ')}.`,
    inOtherFonts &&
      'Its text is set in this computer’s own fonts; text turned into outlines keeps its shape.',
  ].filter((each) => each !== false);
  return said.length === 0 ? '' : [...said, 'Look it over before you print.'].join(' ');
}

import type { DrawingLoss } from '@/core/model';

/** What a drawing came in without, as a person says it. */
const LOST_WORDS: Readonly<Record<Exclude<DrawingLoss, 'fonts'>, string>> = {
  elsewhere: 'pictures that are not in the file or cannot be read',
  effects: 'effects that are not drawn here',
  page: 'parts of a web page',
  movement: 'movement',
  words: 'words in a font that cannot be read',
};

/** What is told of a drawing or page that may look otherwise than in the program it came from. */
export function otherwiseWords(lost: readonly DrawingLoss[]): string {
  const without = lost.flatMap((what) => (what === 'fonts' ? [] : LOST_WORDS[what]));
  const said = [
    without.length > 0 && `It came in without ${without.join(', ')}.`,
    lost.includes('fonts') &&
      'Its text is set in this computer’s own fonts; text turned into outlines keeps its shape.',
    'Look it over before you print.',
  ];
  return said.filter((each) => each !== false).join(' ');
}

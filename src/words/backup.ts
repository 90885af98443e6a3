import type { DocumentKind, Documents } from '@/core/model';

/** What a person calls each kind of what is kept. */
const KIND_WORDS: Record<DocumentKind, string> = {
  job: 'Job',
  blank: 'Blank',
  paper: 'Paper',
  printer: 'Printer',
  machine: 'Machine',
  cutter: 'Cutter',
  figures: 'Own figures',
  colours: 'Own colours',
  run: 'Pressing',
  record: 'Record',
  evening: 'Evening',
  good: 'Stock',
  money: 'Prices',
};

/** A kept thing by its kind and, where it has one, its name: “Job “Comet mug””. */
export function keptWords<K extends DocumentKind>(kind: K, body: Documents[K]): string {
  const { name, jobName } = body as { readonly name?: string; readonly jobName?: string };
  const called = name ?? jobName;
  return called ? `${KIND_WORDS[kind]} “${called}”` : KIND_WORDS[kind];
}

/** What bringing a backup in came to. */
export interface BroughtBack {
  readonly fresh: number;
  readonly known: number;
  /** Taken from the backup in place of what was here. */
  readonly replaced: number;
  /** Both sides had it otherwise, and what was here stayed. */
  readonly left: number;
  readonly unreadable: number;
  readonly lostPictures: number;
}

const counted = (count: number, one: string, many: string): string =>
  `${count} ${count === 1 ? one : many}`;

/** What bringing a backup in came to, in a sentence or two. */
export function broughtBackWords(came: BroughtBack): string {
  const parts = [
    came.fresh > 0 && `${counted(came.fresh, 'thing', 'things')} came in`,
    came.known > 0 && `${came.known} ${came.known === 1 ? 'was' : 'were'} here already`,
    came.replaced > 0 && `${came.replaced} replaced`,
    came.left > 0 && `${came.left} left as here`,
  ].filter((part) => part !== false);
  const lost = [
    came.unreadable > 0 &&
      `${counted(came.unreadable, 'thing', 'things')} in it cannot be read here and lies on the bench, set aside whole.`,
    came.lostPictures > 0 &&
      `${counted(came.lostPictures, 'picture', 'pictures')} in it ${came.lostPictures === 1 ? 'is' : 'are'} missing or damaged.`,
  ].filter((part) => part !== false);
  return [`${parts.length > 0 ? parts.join(', ') : 'The backup is empty'}.`, ...lost].join(' ');
}

/** Since when work lies in this browser alone, said quietly. */
export function unsavedWords(days: number, everSaved: boolean): string {
  if (days === 0) return everSaved ? 'Everything here is in your last backup.' : '';
  const since = days === 1 ? 'a day' : `${days} days`;
  return everSaved
    ? `What changed since your last backup has been in this browser alone for ${since}.`
    : `Your work has been in this browser alone for ${since}.`;
}

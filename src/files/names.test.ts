import { namesAsText, type NameList } from '@/core/job';
import { MAX_ITEMS } from '@/core/model';
import { namesColumnWords } from '@/words/documents';
import { readNames } from './names';

const read = (text: string): NameList => {
  const found = readNames(text);
  if (!found.ok) throw new Error(found.reason.code);
  return found.value;
};
const namesIn = (text: string): readonly string[] => read(text).names;

describe('names as they are typed', () => {
  test.each([
    [
      'one a line, twins kept, gaps left out',
      'Mira\r\n\r\n  Theo \n \nMira',
      ['Mira', 'Theo', 'Mira'],
    ],
    ['all on one line', 'Mira, Theo, Ana', ['Mira', 'Theo', 'Ana']],
    ['all on one line, by semicolons', 'Mira; Theo;', ['Mira', 'Theo']],
    [
      'a comma in one of them',
      'The Vogels, house 3\nMira\nTheo',
      ['The Vogels, house 3', 'Mira', 'Theo'],
    ],
    ['a numbered list', '1. Mira\n2. Theo\n3. Ana', ['Mira', 'Theo', 'Ana']],
    ['in brackets', '3) Mira\n4) Theo', ['Mira', 'Theo']],
    ['bullets', '- Mira\n- Theo', ['Mira', 'Theo']],
    ['figures that are no numbering', '7\n23', ['7', '23']],
    ['one guest of a number', '2. Theo', ['2. Theo']],
    ['a nickname and a mark never closed', '"Ace\nTheo\nAna', ['"Ace', 'Theo', 'Ana']],
    ['signs that take no room', '\uFEFFMira\u200B\u00A0K\nTheo', ['Mira K', 'Theo']],
    ['a heading', 'Names:\nMira', ['Mira']],
  ])('%s', (_, text, names) => {
    const found = read(text);
    expect(found).toEqual({ names, each: null, sizes: null, column: null });
    // what is shown to be edited is read as the same names
    expect(namesIn(namesAsText(names))).toEqual(names);
  });
});

describe('names in a table', () => {
  test.each([
    ['headed', 'Name,Size\nMira,M\nTheo,L', { nth: 1, of: 2, heading: 'Name' }],
    ['not the first', 'No,Name,Size\n1,Mira,M\n2,Theo,L', { nth: 2, of: 3, heading: 'Name' }],
    [
      'from a form',
      'When,Your name\n1/10/2026 6:03 PM,Mira\n1/10/2026 6:09 PM,Theo',
      { nth: 2, of: 2, heading: 'Your name' },
    ],
    ['numbered, no heading', '1\tMira\tM\n2\tTheo\tL', { nth: 2, of: 3, heading: null }],
    [
      'first and last',
      'Last name;First name\nVogel;Mira\nBrandt;Theo',
      { nth: 2, of: 2, heading: 'First name' },
    ],
    ['rows of unlike length', 'Mira\tM\nTheo', { nth: 1, of: 2, heading: null }],
    ['a row that begins further right', 'Mira,M\n,Theo', { nth: 1, of: 2, heading: null }],
  ])('%s', (_, text, column) => {
    const sizes = text.includes('Size') ? { heading: 'Size', cells: ['M', 'L'] } : null;
    expect(read(text)).toEqual({ names: ['Mira', 'Theo'], each: null, sizes, column });
  });

  test('a guest called by a figure is among them', () => {
    expect(namesIn('Mira\tM\n7\tL\nTheo\tS')).toEqual(['Mira', '7', 'Theo']);
  });

  test.each([
    ['how many of each', 'Qty,Name\n2,Mira\n,\n,Theo', { heading: 'Qty', copies: [2, 1] }],
    [
      'no whole numbers',
      'Name;How many?\nMira;two\nTheo;1',
      { heading: 'How many?', copies: null },
    ],
    ['none at all', 'Name,Copies\nMira,0\nTheo,3', { heading: 'Copies', copies: null }],
  ])('%s', (_, text, each) => {
    const found = read(text);
    expect(found).toMatchObject({ names: ['Mira', 'Theo'], each });
    if (!found.column) throw new Error('two columns');
    expect(namesColumnWords(found.column, 2, each)).toMatch(
      each.copies ? /copies from “Qty”, 3 in all/ : /copies stay as they are/,
    );
  });

  test('a heading of both is the names’ alone', () => {
    expect(read('No,Name and size\n1,Mira M\n2,Theo L')).toMatchObject({
      ...{ names: ['Mira M', 'Theo L'], sizes: null },
    });
  });

  test('columns that hold nothing are none', () => {
    expect(read('Mira,,\nTheo,,')).toEqual({
      ...{ names: ['Mira', 'Theo'], each: null, sizes: null, column: null },
    });
  });
});

test('a heading is nobody, but for a second line that says the same', () => {
  expect(namesIn('First name\nNames')).toEqual(['Names']);
});

test.each([
  ['', { code: 'none' }],
  [' \n,,\n', { code: 'none' }],
  ['7,x\n'.repeat(300_000), { code: 'too-many', names: 300_000, most: MAX_ITEMS }],
  ['Mira\n'.repeat(MAX_ITEMS + 1), { code: 'too-many', names: MAX_ITEMS + 1, most: MAX_ITEMS }],
  ['x'.repeat(200), { code: 'too-long', name: 'x'.repeat(200), most: 120 }],
])('%#: what cannot be taken is told', (text, reason) => {
  expect(readNames(text)).toEqual({ ok: false, reason });
});

import { pastedFiles } from './pasted';

const clipboard = (files: readonly File[], text = '') => ({ files, getData: () => text });
const picture = (name: string) => new File(['x'], name, { type: 'image/png' });

describe('what is pasted', () => {
  it('is the files that were copied, under their names', () => {
    const files = [picture('comet.png'), picture('moon.png')];
    expect(pastedFiles(clipboard(files, 'comet.png'))).toEqual(files);
  });

  it('gives a picture copied out of a page a name that can be told from others', () => {
    const [file] = pastedFiles(clipboard([picture('image.png')]));
    expect([file?.name, file?.type]).toEqual(['Pasted picture.png', 'image/png']);
  });

  it('takes the words of a drawing as a drawing, after an XML declaration too', async () => {
    const drawing = '<?xml version="1.0"?>\n<svg xmlns="http://www.w3.org/2000/svg"/>';
    const [file] = pastedFiles(clipboard([], `\n${drawing}`));
    expect([file?.name, file?.type]).toEqual(['Pasted drawing.svg', 'image/svg+xml']);
    expect(file && (await file.text())).toBe(drawing);
  });

  it.each(['', 'Mira', 'a < b', '<p>svg</p>'])(
    'is nothing where words were copied: “%s”',
    (text) => {
      expect(pastedFiles(clipboard([], text))).toEqual([]);
    },
  );
});

import sharp from 'sharp';

/** Looked up once: global names are slow inside the test runner's sandbox. */
const { floor } = Math;

/** A repeatable picture with no symmetry: gradients, a grid of blocks and a corner mark. */
export function rawPicture(width: number, height: number, channels: 3 | 4 = 3): Buffer {
  const raw = Buffer.alloc(width * height * channels);
  for (let y = 0, i = 0; y < height; y++) {
    for (let x = 0; x < width; x++, i += channels) {
      const block = (floor(x / 40) * 7 + floor(y / 40) * 13) % 5;
      raw[i] = (x * 255) / width;
      raw[i + 1] = (y * 255) / height;
      raw[i + 2] = block * 60;
      if (x < width / 6 && y < height / 6) raw.fill(20, i, i + 3);
      if (channels === 4) raw[i + 3] = x > width / 2 ? 255 : 128;
    }
  }
  return raw;
}

const sharpOf = (width: number, height: number, channels: 3 | 4 = 3) =>
  sharp(rawPicture(width, height, channels), { raw: { width, height, channels } });

export const pngPicture = (width: number, height: number): Promise<Buffer> =>
  sharpOf(width, height).png().toBuffer();

export const clearPngPicture = (width: number, height: number): Promise<Buffer> =>
  sharpOf(width, height, 4).png().toBuffer();

/** A disc that fills four fifths of a clear square. */
export const discPicture = (size: number): Promise<Buffer> =>
  sharp(
    Buffer.from(
      `<svg xmlns="http://www.w3.org/2000/svg" width="${size}" height="${size}" viewBox="0 0 10 10"><circle cx="5" cy="5" r="4" fill="#2b3a7a"/></svg>`,
    ),
  )
    .png()
    .toBuffer();

/** The same content seen upright, stored turned by an EXIF orientation. */
export const jpegPicture = (width: number, height: number, orientation = 1): Promise<Buffer> =>
  sharpOf(width, height).jpeg({ quality: 95 }).withMetadata({ orientation }).toBuffer();

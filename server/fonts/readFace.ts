import { convert } from 'fontverter';
import { Blob, Buffer, Face as FontFace, Font, shape, Variation } from 'harfbuzzjs';
import type { Face } from '../../core/text/face.ts';

/** Pairs are read of these: printable ASCII but the space. */
const PAIRED = Array.from({ length: 94 }, (_, i) => String.fromCharCode(33 + i));

/**
 * Reads widths out of a font file by shaping its characters alone and two by two, as a browser does.
 * @param file WOFF2, WOFF, TrueType or OpenType
 * @param weights what to read them at; a face with one weight has the same widths at all of them
 * @throws when the file is no font
 */
export async function readFace(file: Uint8Array, weights: readonly number[]): Promise<Face> {
  const face = new FontFace(new Blob(await convert(file, 'truetype')));
  const font = new Font(face);
  const width = (text: string): number => {
    const buffer = new Buffer();
    buffer.addText(text);
    buffer.guessSegmentProperties();
    shape(font, buffer);
    return buffer.getGlyphInfosAndPositions().reduce((sum, glyph) => sum + (glyph.xAdvance ?? 0), 0);
  };
  const characters = [...face.collectUnicodes()].map((code) => String.fromCodePoint(code));
  const read = weights.map((weight) => {
    font.setVariations([new Variation('wght', weight)]);
    const advances = new Map(characters.map((one) => [one, width(one)]));
    const alone = (one: string) => advances.get(one) ?? 0;
    const pairs = new Map<string, number>();
    for (const first of PAIRED)
      for (const second of PAIRED)
        pairs.set(first + second, width(first + second) - alone(first) - alone(second));
    return { advances, pairs };
  });
  const together = (kind: 'advances' | 'pairs', keep: (widths: number[]) => boolean) =>
    Object.fromEntries(
      [...read[0]![kind].keys()].sort().flatMap((key) => {
        const widths = read.map((one) => one[kind].get(key)!);
        return keep(widths) ? [[key, widths]] : [];
      }),
    );
  return {
    upem: face.upem,
    ascent: font.hExtents().ascender,
    descent: -font.hExtents().descender,
    weights,
    advances: together('advances', () => true),
    pairs: together('pairs', (widths) => widths.some((one) => one !== 0)),
  };
}

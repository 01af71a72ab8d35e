import { convert } from 'fontverter';
import { Blob, Buffer, Face as FontFace, Font, shape, Variation } from 'harfbuzzjs';
import type { Face } from '../../core/text/face.ts';

/** Pairs are read of these: printable ASCII but the space. */
const PAIRED = Array.from({ length: 94 }, (_, i) => String.fromCharCode(33 + i));

type Widths = Map<string, number>;

/** Widths of the characters of one file at a weight, and how much closer two of its ASCII ones stand than each alone. */
function readWidths(face: FontFace, weight: number): { advances: Widths; pairs: Widths } {
  const font = new Font(face);
  font.setVariations([new Variation('wght', weight)]);
  const width = (text: string): number => {
    const buffer = new Buffer();
    buffer.addText(text);
    buffer.guessSegmentProperties();
    shape(font, buffer);
    return buffer.getGlyphInfosAndPositions().reduce((sum, glyph) => sum + (glyph.xAdvance ?? 0), 0);
  };
  const characters = [...face.collectUnicodes()].map((code) => String.fromCodePoint(code));
  const advances = new Map(characters.map((one) => [one, width(one)]));
  const paired = PAIRED.filter((one) => advances.has(one));
  const pairs = new Map(
    paired.flatMap((first) =>
      paired.map((second) => [
        first + second,
        width(first + second) - advances.get(first)! - advances.get(second)!,
      ]),
    ),
  );
  return { advances, pairs };
}

/**
 * Reads widths out of font files by shaping their characters alone and two by two, as a browser does.
 * @param files parts of one face, WOFF2, WOFF, TrueType or OpenType; a character is read from the first that has it
 * @param weights what to read them at; a face with one weight has the same widths at all of them
 * @throws when one is no font
 */
export async function readFace(files: readonly Uint8Array[], weights: readonly number[]): Promise<Face> {
  const faces: FontFace[] = [];
  for (const file of files) faces.push(new FontFace(new Blob(await convert(file, 'truetype'))));
  const read = weights.map((weight) => faces.map((face) => readWidths(face, weight)));
  const together = (kind: 'advances' | 'pairs', keep: (widths: number[]) => boolean) =>
    Object.fromEntries(
      [...new Set(read[0]!.flatMap((part) => [...part[kind].keys()]))].sort().flatMap((key) => {
        const from = read[0]!.findIndex((part) => part[kind].has(key));
        const widths = read.map((parts) => parts[from]![kind].get(key)!);
        return keep(widths) ? [[key, widths]] : [];
      }),
    );
  const extents = new Font(faces[0]!).hExtents();
  return {
    upem: faces[0]!.upem,
    ascent: extents.ascender,
    descent: -extents.descender,
    weights,
    advances: together('advances', () => true),
    pairs: together('pairs', (widths) => widths.some((one) => one !== 0)),
  };
}

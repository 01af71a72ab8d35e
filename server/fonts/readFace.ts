import { convert } from 'fontverter';
import { Blob, Buffer, Face as FontFace, Feature, Font, shape, Variation } from 'harfbuzzjs';
import type { Face } from '../../core/text/face.ts';

/** Pairs are read of these: printable ASCII but the space. */
const PAIRED = Array.from({ length: 94 }, (_, i) => String.fromCharCode(33 + i));

/** What draws two letters as one, off. */
const APART = ['liga', 'clig'].map((tag) => new Feature(tag, 0));

type Widths = Map<string, number>;

/** Widths of the characters of one file at a weight, and how much closer two of its ASCII ones stand than each alone. */
function readWidths(face: FontFace, weight: number): { advances: Widths; pairs: Widths; joined: Widths } {
  const font = new Font(face);
  font.setVariations([new Variation('wght', weight)]);
  const shaped = (text: string, features?: Feature[]) => {
    const buffer = new Buffer();
    buffer.addText(text);
    buffer.guessSegmentProperties();
    shape(font, buffer, features);
    return buffer.getGlyphInfosAndPositions();
  };
  const widthOf = (glyphs: ReturnType<typeof shaped>): number =>
    glyphs.reduce((sum, glyph) => sum + (glyph.xAdvance ?? 0), 0);
  const width = (text: string): number => widthOf(shaped(text));
  const characters = [...face.collectUnicodes()].map((code) => String.fromCodePoint(code));
  const advances = new Map(characters.map((one) => [one, width(one)]));
  const paired = PAIRED.filter((one) => advances.has(one));
  const pairs: Widths = new Map();
  const joined: Widths = new Map();
  for (const first of paired)
    for (const second of paired) {
      const both = first + second;
      const alone = advances.get(first)! + advances.get(second)!;
      const glyphs = shaped(both);
      pairs.set(both, widthOf(glyphs) - alone);
      if (glyphs.length < 2) joined.set(both, widthOf(shaped(both, APART)) - alone);
    }
  return { advances, pairs, joined };
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
  const together = (kind: 'advances' | 'pairs' | 'joined', keep: (widths: number[]) => boolean) =>
    Object.fromEntries(
      [...new Set(read[0]!.flatMap((part) => [...part[kind].keys()]))].sort().flatMap((key) => {
        const from = read[0]!.findIndex((part) => part[kind].has(key));
        const widths = read.map((parts) => parts[from]![kind].get(key)!);
        return keep(widths) ? [[key, widths]] : [];
      }),
    );
  const joined = together('joined', () => true);
  const extents = new Font(faces[0]!).hExtents();
  return {
    upem: faces[0]!.upem,
    ascent: extents.ascender,
    descent: -extents.descender,
    weights,
    advances: together('advances', () => true),
    pairs: together('pairs', (widths) => widths.some((one) => one !== 0)),
    ...(Object.keys(joined).length > 0 && { joined }),
  };
}

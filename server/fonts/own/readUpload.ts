import { createHash } from 'node:crypto';
import { convert } from 'fontverter';
import { Blob, Face as FontFace } from 'harfbuzzjs';
import subsetFont from 'subset-font';
import {
  CHARACTER_SETS,
  characterSets,
  hasCharacter,
  type CharacterSetId,
} from '../../../core/text/characterSets.ts';
import type { Face } from '../../../core/text/face.ts';
import { SAID_FONT_KINDS } from '../../../core/text/fontLimits.ts';
import { READ_WEIGHTS } from '../../../core/text/mergeFaces.ts';
import type { Slope, StandIn } from '../../../core/text/typeFamily.ts';
import { readFace } from '../readFace.ts';

/** What a font file that somebody put in comes to. */
export interface ReadUpload {
  /** SHA-256 of the file, hex. */
  id: string;
  /** Of its family, as it says itself; letters, digits and little else. */
  name: string;
  slope: Slope;
  weights: [least: number, most: number];
  standIn: StandIn;
  /** As it is served: WOFF2, with what one character set needs. */
  parts: { set: CharacterSetId; bytes: Uint8Array<ArrayBuffer> }[];
  face: Face;
  /** Characters that it has and that no set has. */
  leftOut: number;
  /** Whether it says itself that it may be put into documents (OpenType, OS/2 fsType). */
  mayEmbed: boolean;
}

/** A sentence about a file that cannot be used. */
export class NoFont extends Error {}

const NOT_READ = `This is no font that can be read. Choose a ${SAID_FONT_KINDS} file.`;
const DAMAGED = 'This font is cut or damaged. Get it from its maker again and choose that file.';

/** Unpacked, a font is at most so large, bytes. */
const MOST_UNPACKED = 40 * 1024 * 1024;

const LONGEST_NAME = 60;

/** Names of a family: the typographic one, then the usual one (OpenType, name). */
const FAMILY_NAMES = [16, 1] as const;

/** What a file is by its first bytes (WOFF2 §4.1; OpenType, table directory). */
function looked(bytes: Uint8Array): void {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const begins = bytes.length >= 20 ? String.fromCharCode(...bytes.subarray(0, 4)) : '';
  if (begins === 'ttcf') throw new NoFont('This file holds several fonts. Choose a file with one of them.');
  if (begins === 'wOFF')
    throw new NoFont(`This is a font of an older web format (WOFF). Choose a ${SAID_FONT_KINDS} file.`);
  if (!['wOF2', 'OTTO', 'true', '\x00\x01\x00\x00'].includes(begins)) throw new NoFont(NOT_READ);
  if (begins === 'wOF2' && view.getUint32(16) > MOST_UNPACKED)
    throw new NoFont('This font is too large when it is unpacked. Choose one with fewer characters.');
}

/** A copy of a table: what HarfBuzz reads it from may move. */
const viewOf = (table: Uint8Array | undefined): DataView | null =>
  table ? new DataView(Uint8Array.from(table).buffer) : null;

const uint16 = (view: DataView | null, at: number): number | null =>
  view && at + 2 <= view.byteLength ? view.getUint16(at) : null;

function nameOf(face: FontFace): string {
  for (const id of FAMILY_NAMES) {
    const languages = face.listNames().flatMap((one) => (one.nameId === id ? one.language : []));
    const language = languages.find((one) => one.startsWith('en')) ?? languages[0];
    const name = (language === undefined ? '' : face.getName(id, language))
      .replaceAll(/[^\p{L}\p{N} .&'-]+/gu, ' ')
      .replaceAll(/\s+/g, ' ')
      .trim()
      .slice(0, LONGEST_NAME)
      .trim();
    if (name) return name;
  }
  return '';
}

/** What stands in for it best, by what it says of itself (OpenType, OS/2 sFamilyClass and PANOSE; post). */
function standInOf(os2: DataView | null, post: DataView | null): StandIn {
  if (post && post.byteLength >= 16 && post.getUint32(12) !== 0) return 'mono';
  const classOf = (uint16(os2, 30) ?? 0) >> 8;
  if ((classOf >= 1 && classOf <= 5) || classOf === 7) return 'serif';
  if (classOf === 8) return 'sans';
  const [kind, serifs] = os2 && os2.byteLength >= 42 ? [os2.getUint8(32), os2.getUint8(33)] : [0, 0];
  return kind === 2 && serifs >= 2 && serifs <= 10 ? 'serif' : 'sans';
}

/**
 * Reads a font file that somebody put in: checks it by what it holds, divides it by character sets, keeps of its axes
 * the weight alone, and measures its letters. Throws NoFont with a sentence for whoever put it in.
 */
export async function readUpload(bytes: Uint8Array): Promise<ReadUpload> {
  looked(bytes);
  let sfnt: Uint8Array<ArrayBuffer>;
  let face: FontFace;
  try {
    sfnt = await convert(Buffer.from(bytes), 'truetype');
    face = new FontFace(new Blob(sfnt));
  } catch {
    throw new NoFont(DAMAGED);
  }
  const codes = [...face.collectUnicodes()].filter((code) => code >= 0x20 && code <= 0x10ffff);
  if (codes.length === 0 || !face.upem) throw new NoFont(DAMAGED);
  const os2 = viewOf(face.referenceTable('OS/2'));
  const axes = face.getAxisInfos();
  const weight = Math.min(1000, Math.max(1, uint16(os2, 4) ?? 400));
  const { wght } = axes;
  const weights: [number, number] = wght
    ? [Math.max(1, Math.round(wght.min)), Math.min(1000, Math.round(wght.max))]
    : [weight, weight];
  const variationAxes = Object.fromEntries(
    Object.values(axes).map(({ tag, min, max, default: usual }) => [
      tag,
      tag === 'wght' ? { min, max } : usual,
    ]),
  );
  const own = (set: CharacterSetId) => codes.filter((code) => hasCharacter(set, code));
  const sets = CHARACTER_SETS.filter((set) => own(set).some((code) => isOfSet(set, code)));
  if (sets.length === 0)
    throw new NoFont('This font has letters of no script that can be served yet, so it was not taken.');
  const parts: ReadUpload['parts'] = [];
  try {
    for (const set of sets)
      parts.push({
        set,
        bytes: await subsetFont(Buffer.from(sfnt), String.fromCodePoint(...own(set)), {
          targetFormat: 'woff2',
          ...(Object.keys(variationAxes).length > 0 && { variationAxes }),
        }),
      });
  } catch {
    throw new NoFont(DAMAGED);
  }
  // What is measured is what is served; letters that change beside one another are estimated.
  const plain = parts.filter(({ set }) => !characterSets[set].isComplex);
  const measured = await readFace(
    (plain.length ? plain : parts).map((part) => part.bytes),
    READ_WEIGHTS.map((one) => Math.min(Math.max(one, weights[0]), weights[1])),
  );
  const id = createHash('sha256').update(bytes).digest('hex');
  const selection = uint16(os2, 62) ?? 0;
  const embedding = uint16(os2, 8) ?? 0;
  return {
    id,
    name: nameOf(face) || `Typeface ${id.slice(0, 6)}`,
    slope: (selection & 1) !== 0 || (selection & 0x200) !== 0 ? 'italic' : 'upright',
    weights,
    standIn: standInOf(os2, viewOf(face.referenceTable('post'))),
    parts,
    face: measured,
    leftOut: codes.filter((code) => !CHARACTER_SETS.some((set) => hasCharacter(set, code))).length,
    mayEmbed: (embedding & 0xf) !== 2,
  };
}

/** A letter that tells that a font is made for a set: not one of the signs that many sets share. */
const isOfSet = (set: CharacterSetId, code: number): boolean =>
  set === 'latin'
    ? /[a-z]/i.test(String.fromCodePoint(code))
    : !hasCharacter('latin', code) &&
      /[\p{L}\p{M}]/u.test(String.fromCodePoint(code)) &&
      CHARACTER_SETS.filter((one) => hasCharacter(one, code))[0] === set;

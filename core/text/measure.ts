import LineBreaker from 'linebreak';
import { spacedFace, weightPlace, widthAt, type Face } from './face.ts';

/** How a text is set. */
export interface TextStyle {
  face: Face;
  sizePx: number;
  weight: number;
  /** Added after every character, px. */
  spacingPx?: number;
  /** Added after every space, px. */
  wordPx?: number;
}

const faceIn = ({ face, spacingPx = 0 }: TextStyle): Face => (spacingPx === 0 ? face : spacedFace(face));

/** What a text takes; estimated where the face lacks some of its characters. */
export interface Measured {
  estimated: boolean;
}

/** Advance of a character that the face lacks, em; those of East Asian scripts and pictures are as wide as high. */
const UNKNOWN_EM = 0.5;
const SQUARE =
  /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Hangul}\p{Extended_Pictographic}]/u;

/** A browser lays out in 64ths of a px. */
const PX_GRAIN = 1 / 64;

/** What stands between two places where a line may end. */
interface Piece {
  text: string;
  /** Without the spaces at its end, which may hang over the end of a line; em. */
  em: number;
  /** With them. */
  fullEm: number;
  length: number;
  fullLength: number;
  /** Spaces within it, and those at its end; a line may end at other places too. */
  spaces: number;
  fullSpaces: number;
  /** A line ends after it in any case. */
  ends: boolean;
}

interface Pieces extends Measured {
  pieces: readonly Piece[];
}

/** Accents hardly change what a letter's neighbours keep from it. */
const bare = (character: string): string => character.normalize('NFD')[0]!;

/** Width of characters on one line, em. */
function emOf(characters: readonly string[], face: Face, weight: number): { em: number } & Measured {
  const place = weightPlace(face, weight);
  let units = 0;
  let estimated = false;
  let before = '';
  for (const character of characters) {
    const advance = face.advances[character];
    if (advance) units += widthAt(advance, place);
    else {
      units += (SQUARE.test(character) ? 1 : UNKNOWN_EM) * face.upem;
      estimated = true;
    }
    const pair = before && (face.pairs[before + character] ?? face.pairs[bare(before) + bare(character)]);
    if (pair) units += widthAt(pair, place);
    before = character;
  }
  return { em: units / face.upem, estimated };
}

const MOST_KEPT = 8_000;
const known = new WeakMap<Face, Map<number, Map<string, Pieces>>>();

/** What is known of texts in a face and a weight. */
function knownOf(face: Face, weight: number): Map<string, Pieces> {
  let ofFace = known.get(face);
  if (!ofFace) known.set(face, (ofFace = new Map()));
  let ofWeight = ofFace.get(weight);
  if (!ofWeight) ofFace.set(weight, (ofWeight = new Map()));
  return ofWeight;
}

/** As a browser reads it: spaces and ends of lines are one space, and none at either end. */
const collapsed = (text: string) => text.replace(/[ \t\n\r\f]+/g, ' ').trim();

/** What a browser puts the space between words after: spaces, those that do not break a line among them. */
const spacesIn = (text: string): number => text.match(/[ \u00a0]/g)?.length ?? 0;

/** Pieces of a text in the order in which lines are filled with them; kept, since titles are measured at every width. */
function piecesOf(written: string, face: Face, weight: number): Pieces {
  const ofWeight = knownOf(face, weight);
  let found = ofWeight.get(written);
  if (found) return found;
  if (ofWeight.size >= MOST_KEPT) ofWeight.clear();
  const text = collapsed(written);
  const pieces: Piece[] = [];
  let estimated = false;
  const breaker = new LineBreaker(text);
  let from = 0;
  for (let next = breaker.nextBreak(); next; next = breaker.nextBreak()) {
    const full = text.slice(from, next.position);
    const shown = full.replace(/ +$/, '');
    const [all, alone] = [emOf([...full], face, weight), emOf([...shown], face, weight)];
    estimated ||= all.estimated;
    pieces.push({
      text: shown,
      em: alone.em,
      fullEm: all.em,
      length: [...shown].length,
      fullLength: [...full].length,
      spaces: spacesIn(shown),
      fullSpaces: spacesIn(full),
      ends: next.required === true && next.position < text.length,
    });
    from = next.position;
  }
  found = { pieces, estimated };
  ofWeight.set(written, found);
  return found;
}

const styled = ({ sizePx, spacingPx = 0, wordPx = 0 }: TextStyle, em: number, length: number, spaces = 0) =>
  em * sizePx + length * spacingPx + spaces * wordPx;

/** Width of a text on one line, px. */
export function textWidth(text: string, style: TextStyle): { px: number } & Measured {
  const { pieces, estimated } = piecesOf(text, faceIn(style), style.weight);
  const px = pieces.reduce((sum, piece, i) => {
    const last = i === pieces.length - 1;
    return (
      sum +
      (last
        ? styled(style, piece.em, piece.length, piece.spaces)
        : styled(style, piece.fullEm, piece.fullLength, piece.fullSpaces))
    );
  }, 0);
  return { px, estimated };
}

/** A letter at the beginning of a line, and after the one before it, em. */
interface Letter {
  alone: number;
  after: number;
}

const spelt = new WeakMap<Piece, readonly Letter[]>();

/** The letters of a word that a line may have to end within; few do, so that only theirs are reckoned. */
function lettersOf(piece: Piece, style: TextStyle): readonly Letter[] {
  let letters = spelt.get(piece);
  if (letters) return letters;
  const face = faceIn(style);
  const em = (...characters: string[]) => emOf(characters, face, style.weight).em;
  const characters = [...piece.text];
  letters = characters.map((character, i) => {
    const alone = em(character);
    const before = characters[i - 1];
    // Letters on one line stand closer together or further apart, as the face has them.
    return { alone, after: before === undefined ? alone : em(before, character) - em(before) };
  });
  spelt.set(piece, letters);
  return letters;
}

/** On how many lines a word goes that is wider than a line; how far the last is filled, px. */
function broken(piece: Piece, style: TextStyle, widthPx: number): { lines: number; used: number } {
  let lines = 1;
  let used = 0;
  for (const { alone, after } of lettersOf(piece, style)) {
    const px = styled(style, after, 1);
    if (used > 0 && used + px > widthPx + PX_GRAIN) {
      lines += 1;
      used = styled(style, alone, 1);
    } else used += px;
  }
  return { lines, used };
}

/**
 * On how many lines a text is set, at least 1; breaks stand where Unicode's line breaking (UAX #14) has them, and
 * inside words that are wider than a line. And how wide the widest of them is, px.
 * @param widthPx of the line
 */
export function textLines(
  text: string,
  style: TextStyle,
  widthPx: number,
): { lines: number; widestPx: number } & Measured {
  const { pieces, estimated } = piecesOf(text, faceIn(style), style.weight);
  const room = Math.max(widthPx, 1) + PX_GRAIN;
  let lines = 1;
  let used = 0;
  let widestPx = 0;
  for (const piece of pieces) {
    const px = styled(style, piece.em, piece.length, piece.spaces);
    if (used > 0 && used + px > room) {
      lines += 1;
      used = 0;
    }
    widestPx = Math.max(widestPx, Math.min(used + px, widthPx));
    if (px > room) {
      const inside = broken(piece, style, widthPx);
      lines += inside.lines - 1;
      used =
        inside.used +
        styled(
          style,
          piece.fullEm - piece.em,
          piece.fullLength - piece.length,
          piece.fullSpaces - piece.spaces,
        );
    } else used += styled(style, piece.fullEm, piece.fullLength, piece.fullSpaces);
    if (piece.ends) {
      lines += 1;
      used = 0;
    }
  }
  return { lines, widestPx, estimated };
}

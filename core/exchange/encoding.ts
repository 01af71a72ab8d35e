/** How the bytes of a file are letters, by the names that `TextDecoder` takes. */
export const ENCODINGS = {
  'utf-8': 'UTF-8',
  'utf-16le': 'UTF-16, little end first',
  'utf-16be': 'UTF-16, big end first',
  'windows-1252': 'Western European (Windows-1252)',
} as const;
export type Encoding = keyof typeof ENCODINGS;
export const ENCODING_IDS = Object.keys(ENCODINGS) as Encoding[];

const MARKS: readonly (readonly [Encoding, readonly number[]])[] = [
  ['utf-8', [0xef, 0xbb, 0xbf]],
  ['utf-16le', [0xff, 0xfe]],
  ['utf-16be', [0xfe, 0xff]],
];

/** Of sixteen bits a letter, most of the Western ones have a half that is nothing. */
const HALVES_NOTHING = 0.4;

const nothingAt = (bytes: Uint8Array, odd: 0 | 1): number => {
  let nothing = 0;
  for (let i = odd; i < bytes.length; i += 2) if (bytes[i] === 0) nothing += 1;
  return bytes.length < 2 ? 0 : nothing / Math.floor(bytes.length / 2);
};

/**
 * What the first bytes of a file are written in: what its mark says, else by which halves of its letters are nothing,
 * else UTF-8 where they are that, else Windows-1252, of which every file could be. @param bytes some thousands
 */
export function encodingOf(bytes: Uint8Array): Encoding {
  for (const [encoding, mark] of MARKS) if (mark.every((byte, i) => bytes[i] === byte)) return encoding;
  if (nothingAt(bytes, 1) > HALVES_NOTHING) return 'utf-16le';
  if (nothingAt(bytes, 0) > HALVES_NOTHING) return 'utf-16be';
  try {
    // The last letter may be cut in two.
    new TextDecoder('utf-8', { fatal: true }).decode(bytes, { stream: true });
    return 'utf-8';
  } catch {
    return 'windows-1252';
  }
}

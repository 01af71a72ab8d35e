/** A character set: the part of a typeface that is fetched as one file. */
export interface CharacterSet {
  name: string;
  /** Its characters, as a style sheet writes them (CSS Fonts Level 4, unicode-range). */
  range: string;
  /** Letters of it are drawn otherwise beside one another, so that widths of texts are only estimated. */
  isComplex?: true;
}

/** The sets that font packages are divided into; a character in several is taken from the first that is listed. */
const sets = {
  latin: {
    name: 'Latin',
    range:
      'U+0000-00FF,U+0131,U+0152-0153,U+02BB-02BC,U+02C6,U+02DA,U+02DC,U+0304,U+0308,U+0329,U+2000-206F,U+20AC,U+2122,U+2191,U+2193,U+2212,U+2215,U+FEFF,U+FFFD',
  },
  'latin-ext': {
    name: 'Latin, extended',
    range:
      'U+0100-02BA,U+02BD-02C5,U+02C7-02CC,U+02CE-02D7,U+02DD-02FF,U+0304,U+0308,U+0329,U+1D00-1DBF,U+1E00-1E9F,U+1EF2-1EFF,U+2020,U+20A0-20AB,U+20AD-20C0,U+2113,U+2C60-2C7F,U+A720-A7FF',
  },
  vietnamese: {
    name: 'Vietnamese',
    range:
      'U+0102-0103,U+0110-0111,U+0128-0129,U+0168-0169,U+01A0-01A1,U+01AF-01B0,U+0300-0301,U+0303-0304,U+0308-0309,U+0323,U+0329,U+1EA0-1EF9,U+20AB',
  },
  cyrillic: {
    name: 'Cyrillic',
    range: 'U+0301,U+0400-045F,U+0490-0491,U+04B0-04B1,U+2116',
  },
  'cyrillic-ext': {
    name: 'Cyrillic, extended',
    range: 'U+0460-052F,U+1C80-1C8A,U+20B4,U+2DE0-2DFF,U+A640-A69F,U+FE2E-FE2F',
  },
  greek: {
    name: 'Greek',
    range: 'U+0370-0377,U+037A-037F,U+0384-038A,U+038C,U+038E-03A1,U+03A3-03FF',
  },
  'greek-ext': {
    name: 'Greek, extended',
    range: 'U+1F00-1FFF',
  },
  devanagari: {
    name: 'Devanagari',
    isComplex: true,
    range:
      'U+0900-097F,U+1CD0-1CF9,U+200C-200D,U+20A8,U+20B9,U+20F0,U+25CC,U+A830-A839,U+A8E0-A8FF,U+11B00-11B09',
  },
  hebrew: {
    name: 'Hebrew',
    range: 'U+0307-0308,U+0590-05FF,U+200C-2010,U+20AA,U+25CC,U+FB1D-FB4F',
  },
  arabic: {
    name: 'Arabic',
    isComplex: true,
    range:
      'U+0600-06FF,U+0750-077F,U+0870-088E,U+0890-0891,U+0897-08E1,U+08E3-08FF,U+200C-200E,U+2010-2011,U+204F,U+2E41,U+FB50-FDFF,U+FE70-FE74,U+FE76-FEFC',
  },
  thai: {
    name: 'Thai',
    isComplex: true,
    range: 'U+02D7,U+0303,U+0331,U+0E01-0E5B,U+200C-200D,U+25CC',
  },
} satisfies Readonly<Record<string, CharacterSet>>;

export type CharacterSetId = keyof typeof sets;

export const characterSets: Readonly<Record<CharacterSetId, CharacterSet>> = sets;

export const CHARACTER_SETS = Object.keys(characterSets) as CharacterSetId[];

/** From and to of each stretch of a set, inclusive. */
function stretches(id: CharacterSetId): [from: number, to: number][] {
  return characterSets[id].range.split(',').map((one) => {
    const [from, to = from] = one.slice(2).split('-');
    return [parseInt(from!, 16), parseInt(to!, 16)];
  });
}

const known = new Map(CHARACTER_SETS.map((id) => [id, stretches(id)]));

/** Whether a set has a character. */
export const hasCharacter = (id: CharacterSetId, code: number): boolean =>
  known.get(id)!.some(([from, to]) => from <= code && code <= to);

/** The sets that a text needs, the Latin one always among them. */
export function setsOf(text: string): ReadonlySet<CharacterSetId> {
  const needed = new Set<CharacterSetId>(['latin']);
  for (const character of new Set(text.match(/[^\u0000-\u00ff]/gu))) {
    const code = character.codePointAt(0)!;
    const found = CHARACTER_SETS.filter((id) => hasCharacter(id, code));
    if (!found.includes('latin')) for (const id of found) needed.add(id);
  }
  return needed;
}

import type { PictureFacts } from '../catalogue/facts.ts';
import type { PictureOf } from '../goods/pictureNames.ts';
import { LONGEST_ALT, LONGEST_PICTURE_NAME } from '../picture/limits.ts';
import { array, boolean, number, string, type Schema } from '../schema/schema.ts';
import { contract } from './contract.ts';
import { orNull, shape, told } from './shape.ts';

/** A picture of the store as its owner sees it. */
export interface StorePicture extends PictureFacts {
  name: string;
  /** Bytes of the stored file. */
  bytes: number;
  /** ISO 8601. */
  addedAt: string;
  /** The file that it showed before, which can be put back; null where there is none. */
  formerFile: string | null;
}

const list = <T>() => array().required() as unknown as Schema<T[]>;
const count = () => number().integer().min(0).required();
const pictureId = () =>
  string()
    .matches(/^[0-9a-f]{64}$/, 'This is not the id of a picture.')
    .required();
const one = shape<{ picture: StorePicture }>({ picture: told() });

/** What is missing of a picture, as it is said of those that lack it. */
export const PICTURE_LACKS = {
  unsaid: 'without words on what they show',
  unnamed: 'without a name',
} as const;
export type PictureLack = keyof typeof PICTURE_LACKS;

const WHICH_PICTURES = ['all', 'unused', 'unsaid', 'unnamed'] as const;
export type WhichPictures = (typeof WHICH_PICTURES)[number];

/** Pictures whose names or words have these words, the newest first, from one place on; some sixty at a time. */
export const findPictures = contract({
  method: 'GET',
  path: '/api/pictures',
  who: 'signedIn',
  query: shape<{ words: string; which: WhichPictures; from: number }>({
    words: string().max(200).default('') as unknown as Schema<string>,
    which: string().oneOf(WHICH_PICTURES).default('all') as unknown as Schema<WhichPictures>,
    from: number().integer().min(0).max(1_000_000).default(0) as unknown as Schema<number>,
  }),
  answer: shape<{ pictures: StorePicture[]; total: number }>({ pictures: list(), total: count() }),
});

/** How many pictures there are, how many of them nothing uses, and how many lack what. */
export const countPictures = contract({
  method: 'GET',
  path: '/api/pictures/counts',
  who: 'signedIn',
  answer: shape<Record<WhichPictures, number>>({
    all: count(),
    unused: count(),
    unsaid: count(),
    unnamed: count(),
  }),
});

/** A picture that nothing uses, and whose it is by its name. */
export interface PictureMatch extends PictureOf {
  picture: StorePicture;
  title: string;
  /** What its variant is in its options, in words; empty where the whole product is meant. */
  choice: string;
}

/** Pictures that nothing uses and are named like a product, the newest first; and how many of them are named like none. */
export const matchPictures = contract({
  slow: true,
  method: 'GET',
  path: '/api/pictures/matches',
  who: 'signedIn',
  answer: shape<{ matches: PictureMatch[]; others: number }>({ matches: list(), others: count() }),
});

/** So many are read at once by their ids. */
export const MOST_NAMED_PICTURES = 200;

/** Pictures by their ids; those that are gone are missing. */
export const readPictures = contract({
  method: 'POST',
  path: '/api/pictures/named',
  who: 'signedIn',
  body: shape<{ ids: readonly string[] }>({
    ids: array(string().max(64).required()).max(MOST_NAMED_PICTURES).required(),
  }),
  answer: shape<{ pictures: StorePicture[] }>({ pictures: list() }),
});

const fileId = () =>
  string()
    .matches(/^[0-9a-f]{64}$/, 'This is not the id of a file.')
    .required();

/** So many files are told of at a time. */
export const MOST_FILES = 300;

/** What stored files look like, cell by cell, as `readCells` reads it; those that are gone are missing. */
export const readFileCells = contract({
  method: 'POST',
  path: '/api/pictures/cells',
  who: 'signedIn',
  body: shape<{ files: readonly string[] }>({ files: array(fileId()).max(MOST_FILES).required() }),
  answer: shape<{ cells: Record<string, string> }>({ cells: told() }),
});

/** Stores a file as a new picture; one that is there already is given back as it is. */
export const addPicture = contract({
  method: 'POST',
  path: '/api/pictures',
  who: 'signedIn',
  takes: 'picture',
  query: shape<{ name: string }>({ name: string().max(400).default('') as unknown as Schema<string> }),
  answer: shape<{ picture: StorePicture; wasThere: boolean }>({
    picture: told(),
    wasThere: boolean().required(),
  }),
});

/** Shows another file wherever the picture stands; the one before is kept. */
export const replacePicture = contract({
  method: 'POST',
  path: '/api/pictures/file',
  who: 'signedIn',
  takes: 'picture',
  query: shape<{ id: string }>({ id: pictureId() }),
  answer: one,
});

/** Shows the file that the picture showed before, and keeps the one that it shows now. */
export const putBackPicture = contract({
  method: 'POST',
  path: '/api/pictures/former',
  who: 'signedIn',
  body: shape<{ id: string }>({ id: pictureId() }),
  answer: one,
});

const share = () => number().min(0).max(1).required();

export interface PictureWords {
  id: string;
  name: string;
  alt: string;
  focal: { x: number; y: number };
}

export const changePicture = contract({
  method: 'POST',
  path: '/api/pictures/words',
  who: 'signedIn',
  body: shape<PictureWords>({
    id: pictureId(),
    name: string().max(LONGEST_PICTURE_NAME).defined(),
    alt: string().max(LONGEST_ALT).defined(),
    focal: shape<PictureWords['focal']>({ x: share(), y: share() }),
  }),
  answer: one,
});

/** What shows a picture. */
export interface PictureUses {
  catalogue: {
    of: 'product' | 'category' | 'collection' | 'entry' | 'value';
    name: string;
    slug: string | null;
  }[];
  /** Keys of the documents of the draft that name it. */
  documents: string[];
  /** Whether a page that shoppers see now names it. */
  live: boolean;
  /** Releases that name it, the live one among them. */
  releases: number;
}

export const readPictureUses = contract({
  method: 'GET',
  path: '/api/pictures/uses',
  who: 'signedIn',
  query: shape<{ id: string }>({ id: pictureId() }),
  answer: shape<{ uses: PictureUses | null }>({ uses: orNull(told<PictureUses>()) }),
});

/** Takes away those of the pictures that nothing uses; the others stay. */
export const removePictures = contract({
  method: 'POST',
  path: '/api/pictures/removed',
  who: 'signedIn',
  body: shape<{ ids: readonly string[] }>({ ids: array(pictureId()).min(1).max(1_000).required() }),
  answer: shape<{ removed: string[] }>({ removed: list() }),
});

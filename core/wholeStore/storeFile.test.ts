import { describe, expect, it } from 'vitest';
import { faceSchema } from '../text/faceSchema.ts';
import { sayCounts, STORE_FILE, storeHeadSchema, type StoreHead } from './storeFile.ts';

const head: StoreHead = {
  kind: STORE_FILE,
  format: 1,
  storeName: 'Harbour Lamps',
  writtenAt: '2026-11-30T09:00:00.000Z',
  published: false,
  orders: 0,
  lines: 40,
  counts: { products: 1, pictures: 0, categories: 2, entries: 1, pages: 11 },
};

describe('what a whole store has', () => {
  it('is said by what there is, one or many', () => {
    expect(sayCounts(head.counts)).toBe('1 product, 2 categories, 1 journal entry and 11 pages');
    expect(sayCounts({ products: 0, pictures: 0, categories: 0, entries: 0, pages: 0 })).toBe('nothing');
  });
});

describe('the beginning of its file', () => {
  const isHead = (value: unknown) => storeHeadSchema.isValidSync(value, { strict: true });

  it('is taken as it is written, and with what a later version may say besides', () => {
    expect(isHead(head)).toBe(true);
    expect(isHead(JSON.parse(JSON.stringify(head)))).toBe(true);
    expect(isHead({ ...head, language: 'en' })).toBe(true);
  });

  it('is refused where anything of it is missing, or is something else', () => {
    for (const key of Object.keys(head)) {
      const { [key as keyof StoreHead]: _gone, ...rest } = head;
      expect(isHead(rest), `without ${key}`).toBe(false);
      expect(isHead({ ...head, [key]: null }), `${key}: null`).toBe(false);
      expect(isHead({ ...head, [key]: [] }), `${key}: a list`).toBe(false);
    }
    for (const wrong of [
      { kind: 'goods' },
      { format: 0 },
      { writtenAt: 'yesterday' },
      { lines: -1 },
      { storeName: 'x'.repeat(201) },
      { counts: { ...head.counts, products: 1.5 } },
    ])
      expect(isHead({ ...head, ...wrong }), JSON.stringify(wrong).slice(0, 60)).toBe(false);
  });
});

describe('widths of a typeface that somebody sent', () => {
  const face = {
    upem: 1000,
    ascent: 900,
    descent: 200,
    weights: [400, 700],
    advances: { a: [500, 520] },
    pairs: { av: [-10, -12] },
  };
  const isFace = (value: unknown) => faceSchema.isValidSync(value, { strict: true });

  it('are taken where there is one for each weight', () => {
    expect(isFace(face)).toBe(true);
    expect(isFace({ ...face, joined: { fi: [0, 1] } })).toBe(true);
  });

  it('are refused otherwise', () => {
    for (const wrong of [
      { upem: 0 },
      { ascent: 'high' },
      { descent: Infinity },
      { weights: [] },
      { weights: [700, 400] },
      { advances: { a: [500] } },
      { advances: [] },
      { pairs: { av: [-10, null] } },
      { pairs: { av: -10 } },
      { joined: { fi: [1, 1e9] } },
    ])
      expect(isFace({ ...face, ...wrong }), JSON.stringify(wrong)).toBe(false);
    for (const nothing of [null, undefined, 7, 'face', []]) expect(isFace(nothing)).toBe(false);
  });
});

import { describe, expect, it } from 'vitest';
import { specimenShelf, specimenStored } from '../specimen/specimen.ts';
import { afterReset } from './afterReset.ts';
import { checkDocument } from './checkDocument.ts';
import type { DocumentKey } from './documents.ts';

const live = specimenStored([specimenShelf('a')]);

describe('a document that is reset', () => {
  it('becomes the one that is live', () => {
    expect(afterReset('shelf:a', { id: 'a', columns: 3 }, live)).toEqual(live.shelves.a);
    expect(afterReset('house', null, live)).toEqual(live.house);
    expect(afterReset('page:home', 'gone', live)).toEqual(live.pages.home);
  });

  it('is empty where none is live, under the name that can still be read', () => {
    expect(afterReset('shelf:new', { id: 'new', name: 'Mugs', columns: 3 }, live)).toEqual({
      id: 'new',
      name: 'Mugs',
    });
    expect(afterReset('page:visit', { id: 'visit', kind: 'own', name: 'Visit', bays: 7 }, live)).toEqual({
      id: 'visit',
      kind: 'own',
      name: 'Visit',
      bays: [],
    });
    expect(afterReset('house', 12, null)).toEqual({});
  });

  it('is removed where nothing is left to go by', () => {
    expect(afterReset('page:visit', { kind: 'mall' }, live)).toBeNull();
    expect(afterReset('assortment:mugs', { id: 'mugs' }, live)).toBeNull();
  });

  it('can be drawn, whatever stood in the old one', () => {
    const bodies = [
      null,
      7,
      'x',
      [],
      {},
      { name: 5 },
      { name: 'x'.repeat(5_000) },
      { kind: 'own', name: '' },
    ];
    for (const key of ['house', 'page:p', 'shelf:s', 'assortment:a'] as DocumentKey[])
      for (const body of bodies) {
        const next = afterReset(key, body, null);
        if (next) expect(checkDocument(key, next), `${key} ${JSON.stringify(body)}`).toBeNull();
      }
  });
});

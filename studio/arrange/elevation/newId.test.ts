import { expect, it } from 'vitest';
import { isDocumentKey } from '../../../core/plan/documents.ts';
import { completePlan } from '../../../core/plan/storedPlan.ts';
import { specimenShelf, specimenStored } from '../../../core/specimen/specimen.ts';
import { newIds } from './newId.ts';

const plan = completePlan(specimenStored([specimenShelf('a'), specimenShelf('new-arrivals')]));

it('gives two people who copy the same thing at once different ids, which documents can be named by', () => {
  const ids = Array.from({ length: 2000 }, () => newIds(['new-arrivals'], plan)['new-arrivals']!);
  expect(new Set(ids).size).toBe(ids.length);
  for (const id of ids.slice(0, 20)) expect(isDocumentKey(`shelf:${id}`)).toBe(true);
});

it('never grows by copying copies, and keeps the stem readable', () => {
  let id = 'new-arrivals';
  for (let i = 0; i < 5; i += 1) id = newIds([id], plan)[id]!;
  expect(id).toMatch(/^new-arrivals-\d[a-z0-9]{6}$/);
  expect(newIds(['vases-1kept00-0p3'], plan)['vases-1kept00-0p3']).toMatch(/^vases-\d[a-z0-9]{6}$/);
  expect(newIds(['x'.repeat(80)], plan)['x'.repeat(80)]!.length).toBeLessThanOrEqual(60);
});

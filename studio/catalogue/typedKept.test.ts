// @vitest-environment jsdom
import { afterEach, describe, expect, it, vi } from 'vitest';
import { dropTyped, keepTyped, typedBefore } from './typedKept.ts';

afterEach(() => {
  vi.restoreAllMocks();
  localStorage.clear();
});

const isText = (is: unknown): is is string => typeof is === 'string';
const before = (key: string, now: unknown) => typedBefore(key, now, isText);

describe('what is typed and not saved', () => {
  it('is there again over what it was typed over or sent since, and over nothing else', () => {
    keepTyped('one', { is: 'Mine', over: ['Before', ['sent']] });
    expect(before('one', 'Before')).toBe('Mine');
    expect(before('one', ['sent'])).toBe('Mine');
    expect(before('one', 'Theirs')).toBeNull();
    expect(before('two', 'Before')).toBeNull();
    dropTyped('one');
    expect(before('one', 'Before')).toBeNull();
  });

  it('is nothing where the browser keeps nothing, or something that does not fit', () => {
    for (const odd of [
      '',
      '{',
      '7',
      'null',
      '[]',
      '{"is":1,"over":["Before"]}',
      '{"is":"x","over":"Before"}',
      '{"is":"x"}',
    ]) {
      localStorage.setItem('one', odd);
      expect(before('one', 'Before'), odd).toBeNull();
    }
    for (const one of ['setItem', 'getItem', 'removeItem'] as const)
      vi.spyOn(Storage.prototype, one).mockImplementation(() => {
        throw new Error('full');
      });
    expect(() => keepTyped('one', { is: 'Mine', over: [''] })).not.toThrow();
    expect(() => dropTyped('one')).not.toThrow();
    expect(before('one', '')).toBeNull();
  });
});

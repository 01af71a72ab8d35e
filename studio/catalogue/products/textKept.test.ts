// @vitest-environment jsdom
import { afterEach, describe, expect, it, vi } from 'vitest';
import { keepText, keptText } from './textKept.ts';

afterEach(() => {
  vi.restoreAllMocks();
  localStorage.clear();
});

describe('a text that is typed and not saved', () => {
  it('is there again over the text that it was typed over, and over no other', () => {
    keepText('one', { is: 'Mine', over: 'Before' });
    expect(keptText('one', 'Before')).toBe('Mine');
    expect(keptText('one', 'Theirs')).toBeNull();
    expect(keptText('two', 'Before')).toBeNull();
    keepText('one', null);
    expect(keptText('one', 'Before')).toBeNull();
  });

  it('is nothing where the browser keeps nothing, or something that is no text', () => {
    for (const odd of ['', '{', '7', 'null', '[]', '{"is":1,"over":"Before"}', '{"over":"Before"}']) {
      localStorage.setItem('one', odd);
      expect(keptText('one', 'Before'), odd).toBeNull();
    }
    vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new Error('full');
    });
    vi.spyOn(Storage.prototype, 'getItem').mockImplementation(() => {
      throw new Error('none');
    });
    expect(() => keepText('one', { is: 'Mine', over: '' })).not.toThrow();
    expect(keptText('one', '')).toBeNull();
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { said } from './said.ts';

describe('what was sent, named in a sentence', () => {
  it('is the very words, or JSON, whatever it is, and never long', () => {
    expect(said('grid')).toBe('grid');
    expect(said({ toString: 1 })).toBe('{"toString":1}');
    expect(said(undefined)).toBe('nothing');
    fc.assert(
      fc.property(fc.jsonValue(), (sent) => {
        const text = said(sent);
        expect(text.length).toBeLessThanOrEqual(61);
        const whole = typeof sent === 'string' ? sent : JSON.stringify(sent);
        expect(whole.startsWith(text.replace(/…$/, ''))).toBe(true);
      }),
    );
  });
});

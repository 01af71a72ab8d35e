import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { houseSettings } from '../plan/house.ts';
import { publicOrigin } from './publicOrigin.ts';

describe('where a store is seen from outside', () => {
  it('is a scheme and a host, with nothing after them', () => {
    expect(publicOrigin('https://lamps.example')).toBe('https://lamps.example');
    expect(publicOrigin('https://Lamps.Example/')).toBe('https://lamps.example');
    expect(publicOrigin('http://127.0.0.1:4310')).toBe('http://127.0.0.1:4310');
    expect(publicOrigin('http://[::1]:4310')).toBe('http://[::1]:4310');
    expect(publicOrigin('https://löwen.example')).toBe('https://xn--lwen-5qa.example');
    for (const none of [
      '',
      'lamps.example',
      '//lamps.example',
      'https://',
      'https://lamps.example/shop',
      'https://lamps.example/?a',
      'https://lamps.example/#a',
      'https://ada@lamps.example',
      "https://lamps'.example",
      'https://lamps$.example',
      'ftp://lamps.example',
      'javascript:alert(1)',
    ])
      expect(publicOrigin(none), none).toBeNull();
  });

  it('is never anything that ends an attribute or begins markup', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc.webUrl(),
          fc.string().map((text) => `https://${text}`),
        ),
        (text) => {
          const origin = publicOrigin(text);
          if (origin !== null) expect(origin).toMatch(/^https?:\/\/[^\s"'<>/?#@\\]+$/);
        },
      ),
    );
  });

  it('is a setting of the whole store, which may be left empty', () => {
    const fits = (value: unknown) =>
      houseSettings.shop.origin.kind.schema.isValidSync(value, { strict: true });
    for (const good of ['', 'https://lamps.example']) expect(fits(good), good).toBe(true);
    for (const wrong of ['lamps.example', 'https://lamps.example/a', null, 7, undefined])
      expect(fits(wrong), String(wrong)).toBe(false);
  });
});

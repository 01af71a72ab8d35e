import { describe, expect, it } from 'vitest';
import { readOrigin, readTrustProxy } from './environment.ts';

describe('the public origin', () => {
  it('is scheme and host, or where the server is', () => {
    expect(readOrigin('https://shop.example', 'http://here')).toBe('https://shop.example');
    expect(readOrigin('https://shop.example:8443/', 'http://here')).toBe('https://shop.example:8443');
    expect(readOrigin(undefined, 'http://here')).toBe('http://here');
    expect(readOrigin('', 'http://here')).toBe('http://here');
  });

  it.each([
    'shop.example',
    'ftp://shop.example',
    'https://shop.example/shop',
    'https://shop.example?a',
    'https://me@shop.example',
    'https://',
    'javascript:alert(1)',
  ])('says what is wrong with %s', (text) => {
    expect(() => readOrigin(text, 'http://here')).toThrow(/PUBLIC_ORIGIN is .*https:\/\/shop\.example/);
  });
});

describe('proxies that are believed', () => {
  it('are a number of them, or addresses', () => {
    expect(readTrustProxy(undefined)).toBeUndefined();
    expect(readTrustProxy('')).toBeUndefined();
    expect(readTrustProxy('2')).toBe(2);
    expect(readTrustProxy('10.0.0.5, 10.1.0.0/16,::1,loopback')).toEqual([
      '10.0.0.5',
      '10.1.0.0/16',
      '::1',
      'loopback',
    ]);
  });

  // Any of these would let whoever asks say who they are.
  it.each(['true', '*', '0', '12', 'yes', '10.0.0.5,', 'my proxy'])('are not "%s"', (text) => {
    expect(() => readTrustProxy(text)).toThrow(/TRUST_PROXY is .*number of proxies/);
  });
});

import { describe, expect, it, vi } from 'vitest';
import { ALL } from '../../core/view/reads.ts';
import { PageCache } from './pageCache.ts';
import { packPage, sentPage, type SentPage } from './sentPage.ts';

const page = (html: string, reads: string[] = [], goodUntil: number | null = null): SentPage =>
  sentPage({ html, policy: "default-src 'none'", reads, goodUntil }, {});

const put = (cache: PageCache, key: string, one: SentPage) => cache.make(key, () => Promise.resolve(one));

describe('pages that are kept', () => {
  it('are at hand until their instant, and as long as nothing that they read has changed', async () => {
    const cache = new PageCache();
    const home = page('home', ['product.1', 'rule.price'], 1_000);
    await put(cache, 'home', home);
    expect(cache.peek('home', 999)).toBe(home);
    expect(cache.peek('home', 1_000)).toBeUndefined();
    cache.changed(['product.2', 'rule.stock']);
    expect(cache.peek('home', 0)).toBe(home);
    cache.changed(['product.1']);
    expect(cache.peek('home', 0)).toBeUndefined();
    // What there is is better than nothing while it cannot be made anew.
    expect(cache.last('home')).toBe(home);
    await put(cache, 'home', home);
    cache.changed([ALL]);
    expect(cache.peek('home', 0)).toBeUndefined();
  });

  it('with lists that may hold others by now are good for a moment yet, while that is looked at', async () => {
    vi.useFakeTimers({ toFake: ['performance'] });
    const cache = new PageCache();
    const home = page('home', ['product.1', 'rule', 'rule.price']);
    await put(cache, 'home', home);
    expect(cache.isDue('home')).toBe(false);
    vi.advanceTimersByTime(10_000);
    cache.changed(['product.2', 'rule.price']);
    // Nobody asked for long, then somebody does: it is still good, and due.
    expect(cache.peek('home', 0)).toBe(home);
    expect(cache.isDue('home')).toBe(true);
    vi.advanceTimersByTime(399);
    cache.changed(['product.3', 'rule.price']);
    expect(cache.peek('home', 0)).toBe(home);
    // The moment counts from the first change, however many follow.
    vi.advanceTimersByTime(1);
    expect(cache.peek('home', 0)).toBeUndefined();
    await put(cache, 'home', home);
    // Not all the time, while many are written.
    cache.changed(['rule']);
    vi.advanceTimersByTime(250);
    expect(cache.isDue('home')).toBe(false);
    vi.advanceTimersByTime(51);
    expect(cache.isDue('home')).toBe(true);
    // What is shown is never wrong for a moment.
    cache.changed(['product.1']);
    expect(cache.peek('home', 0)).toBeUndefined();
    vi.useRealTimers();
  });

  it('are made once, however many ask', async () => {
    const cache = new PageCache();
    let made = 0;
    const make = async () => {
      made += 1;
      await new Promise((resolve) => setTimeout(resolve, 5));
      return page('one');
    };
    const all = await Promise.all(Array.from({ length: 20 }, () => cache.make('a', make)));
    expect(made).toBe(1);
    expect(new Set(all).size).toBe(1);
  });

  it('are not kept where something changed while they were made, and not given to who asks after it', async () => {
    const cache = new PageCache();
    let finish: (one: SentPage) => void = () => undefined;
    const before = cache.make('a', () => new Promise((resolve) => (finish = resolve)));
    cache.changed(['product.1']);
    const after = cache.make('a', () => Promise.resolve(page('after', ['product.1'])));
    finish(page('before', ['product.1']));
    expect(((await before) as SentPage).plain.toString()).toBe('before');
    expect(((await after) as SentPage).plain.toString()).toBe('after');
    const late = new PageCache();
    const making = late.make('a', () => new Promise((resolve) => (finish = resolve)));
    late.changed(['product.1']);
    finish(page('x', ['product.1']));
    await making;
    expect(late.peek('a', 0)).toBeUndefined();
    const other = late.make('b', () => new Promise((resolve) => (finish = resolve)));
    late.changed(['product.9']);
    finish(page('y', ['product.1']));
    await other;
    expect(late.peek('b', 0)).toBeDefined();
    // More was said meanwhile than is remembered: it is taken as touched.
    const long = late.make('c', () => new Promise((resolve) => (finish = resolve)));
    for (let i = 0; i < 600; i += 1) late.changed([`product.${1_000 + i}`]);
    finish(page('z', ['product.1']));
    await long;
    expect(late.peek('c', 0)).toBeUndefined();
  });

  it('are never put back to an earlier making that took longer', async () => {
    const cache = new PageCache();
    let finish: (one: SentPage) => void = () => undefined;
    const slow = cache.make('a', () => new Promise((resolve) => (finish = resolve)));
    await new Promise((resolve) => setTimeout(resolve, 5));
    cache.changed(['rule']);
    await put(cache, 'a', page('newer', ['rule']));
    finish(page('older', ['rule']));
    await slow;
    expect(cache.last('a')!.plain.toString()).toBe('newer');
  });

  it('are asked for again after one could not be made', async () => {
    const cache = new PageCache();
    await expect(cache.make('a', () => Promise.reject(new Error('no')))).rejects.toThrow('no');
    await put(cache, 'a', page('yes'));
    expect(cache.peek('a', 0)!.plain.toString()).toBe('yes');
  });

  it('take no more than their bytes; what was used last stays', async () => {
    const cache = new PageCache(400_000);
    const body = 'x'.repeat(20_000);
    for (let i = 0; i < 200; i += 1) {
      await put(cache, `page ${i}`, page(body + i));
      cache.peek('page 0', 0);
    }
    const there = Array.from({ length: 200 }, (_, i) => cache.last(`page ${i}`)).filter(Boolean);
    expect(there.length).toBeGreaterThan(5);
    expect(there.length * body.length * 1.5).toBeLessThanOrEqual(400_000);
    expect(cache.last('page 0')).toBeDefined();
    expect(cache.last('page 199')).toBeDefined();
    // One that is larger than all of it is sent, and not kept.
    await put(cache, 'huge', page('x'.repeat(500_000)));
    expect(cache.last('huge')).toBeUndefined();
    expect(cache.last('page 0')).toBeDefined();
  });

  it('are not kept where there is no end to them, and made once for those who ask at the same time', async () => {
    const cache = new PageCache();
    let made = 0;
    const make = () =>
      Promise.resolve().then(() => {
        made += 1;
        return page('endless');
      });
    await Promise.all([cache.make('/search', make, false), cache.make('/search', make, false)]);
    expect(made).toBe(1);
    expect(cache.peek('/search', 0)).toBeUndefined();
    expect(cache.last('/search')).toBeUndefined();
    await cache.make('/search', make, false);
    expect(made).toBe(2);
  });

  it('are found by addresses as they were written, of which there are not too many', () => {
    const cache = new PageCache();
    for (let i = 0; i < 20_000; i += 1) cache.remember(`/?utm=${i}`, '/');
    expect(cache.keyOf('/?utm=19999')).toBe('/');
    expect(cache.keyOf('/?utm=0')).toBeUndefined();
    cache.remember(`/?${'a'.repeat(400)}`, '/');
    expect(cache.keyOf(`/?${'a'.repeat(400)}`)).toBeUndefined();
  });
});

describe('packing', () => {
  it('is done once for each way, with a validator of its own', async () => {
    const one = page('words '.repeat(2_000));
    const [br, again, gzip, plain] = await Promise.all([
      packPage(one, 'br'),
      packPage(one, 'br'),
      packPage(one, 'gzip'),
      packPage(one, 'identity'),
    ]);
    expect(again).toBe(br);
    expect(one.packed.br).toBe(br);
    expect(new Set([br.etag, gzip.etag, plain.etag]).size).toBe(3);
    expect(br.body.length).toBeLessThan(gzip.body.length);
    expect(plain.headers).not.toHaveProperty('content-encoding');
    expect(gzip.headers).toMatchObject({ 'content-encoding': 'gzip', 'content-length': gzip.body.length });
  });
});

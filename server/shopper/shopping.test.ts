import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { MOST_LINES } from '../../core/shopper/basketLines.ts';
import { checksOut, hidden, PERSON, shopperOf, stockIn, variantIn } from '../specimen/shopper.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;

beforeAll(async () => {
  store = await smallStore();
});
afterAll(() => store.stop());

const shopper = () => shopperOf(store);
const variantOf = (product: number) => variantIn(store, product);
const stock = (variant: number, count: number | null) => stockIn(store, variant, count);

describe('a basket', () => {
  it('is added to, changed and emptied by plain forms, and is seen by nobody else', async () => {
    const { id, price } = await variantOf(5);
    await stock(id, null);
    const one = shopper();
    const added = await one.send('/basket', { variant: id, quantity: 2 });
    expect([added.statusCode, added.headers.location]).toEqual([303, '/basket']);
    expect(one.basket).toBe(`${id}.2.${price}`);
    const page = await one.get('/basket');
    expect(page.body).toContain('Piece 5');
    expect(page.headers['cache-control']).toBe('private, no-store');
    expect(page.headers['x-robots-tag']).toBe('noindex');
    expect((await store.get('/basket')).body).not.toContain('Piece 5');
    await one.send('/basket', { variant: id });
    expect(one.basket).toBe(`${id}.3.${price}`);
    await one.send('/basket', { variant: id, quantity: 1, do: 'set' });
    expect(one.basket).toBe(`${id}.1.${price}`);
    await one.send('/basket', { variant: id, do: 'remove' });
    expect((await one.get('/basket')).body).toContain('There is nothing in your basket');
  });

  it('tells a script how many things are in it', async () => {
    const { id } = await variantOf(6);
    await stock(id, null);
    const answer = await shopper().send(
      '/basket',
      { variant: id, quantity: 4 },
      { accept: 'application/json' },
    );
    expect(answer.json()).toEqual({ count: 4 });
  });

  it('says what is sold out, fewer, dearer or gone, and loses nothing else', async () => {
    const [a, b, c, d] = await Promise.all([7, 8, 9, 10].map(variantOf));
    await Promise.all([stock(a!.id, 0), stock(b!.id, 2), stock(c!.id, null), stock(d!.id, null)]);
    const one = shopper();
    one.basket = `${a!.id}.1.${a!.price}-${b!.id}.5.${b!.price}-${c!.id}.1.1-2000000000.1.1-${d!.id}.1.${d!.price}`;
    const { body } = await one.get('/basket');
    for (const said of [
      'Sold out, and not counted in the total.',
      'Only 2 left, so only as many are counted.',
      'The price has changed; it was £0.01.',
      '1 product from your basket is not sold any more.',
    ])
      expect(body).toContain(said);
    for (const title of ['Piece 7', 'Piece 8', 'Piece 9', 'Piece 10']) expect(body).toContain(title);
  });

  it('refuses what is sold out, gone or nothing at all, with a page that says so', async () => {
    const { id } = await variantOf(11);
    await stock(id, 0);
    for (const [values, status, words] of [
      [{ variant: id }, 409, 'This is sold out just now.'],
      [{ variant: 2_000_000_000 }, 409, 'This is not sold any more.'],
      [{ variant: 'x' }, 400, 'This was not done'],
      [{ variant: id, quantity: 5_000 }, 400, 'This was not done'],
      [{ variant: id, quantity: -1 }, 400, 'This was not done'],
      [{ variant: id, do: 'steal' }, 400, 'This was not done'],
      [{}, 400, 'This was not done'],
    ] as const) {
      const one = shopper();
      const answer = await one.send('/basket', values);
      expect(answer.statusCode, JSON.stringify(values)).toBe(status);
      expect(answer.body).toContain(words);
      expect(answer.headers['content-type']).toContain('text/html');
      expect(one.basket).toBe('');
    }
  });

  it('takes no more than fits, and says so', async () => {
    const { id } = await variantOf(12);
    await stock(id, null);
    const one = shopper();
    const full = Array.from({ length: MOST_LINES }, (_, i) => `${1_000_000 + i}.1.1`).join('-');
    one.basket = full;
    const answer = await one.send('/basket', { variant: id });
    expect([answer.statusCode, one.basket]).toEqual([409, full]);
    expect(answer.body).toContain('Take one out, then add this.');
  });
});

describe('what another site sends', () => {
  it.each([
    ['from its own page', { origin: 'https://evil.example' }],
    ['from a page without an origin', { origin: 'null' }],
    ['without saying from where', { origin: '' }],
  ])('is refused with a sentence: %s', async (_, headers) => {
    const { id } = await variantOf(6);
    const one = shopper();
    for (const [url, values] of [
      ['/basket', { variant: id }],
      ['/checkout', PERSON],
      ['/ask/piece-6', { ...PERSON, message: 'Hello' }],
    ] as const) {
      const answer = await one.send(url, values, headers);
      expect(answer.statusCode, url).toBe(403);
      expect(answer.body).toContain('This was sent from another site');
    }
    expect(one.basket).toBe('');
    const { rows } = await store.database.pool.query('SELECT FROM message');
    expect(rows).toHaveLength(0);
  });

  it('is taken where the browser says that the page is the same site, without an origin', async () => {
    const { id } = await variantOf(6);
    await stock(id, null);
    const answer = await store.server.app.inject({
      method: 'POST',
      url: '/basket',
      headers: { 'content-type': 'application/x-www-form-urlencoded', 'sec-fetch-site': 'same-origin' },
      payload: `variant=${id}`,
    });
    expect(answer.statusCode).toBe(303);
  });
});

describe('an order', () => {
  let id: number;
  let price: number;
  beforeEach(async () => {
    ({ id, price } = await variantOf(14));
    await stock(id, 9);
  });
  const orders = async () =>
    (await store.database.pool.query<{ count: number }>('SELECT count(*)::integer FROM shop_order')).rows[0]!
      .count;
  const left = async () =>
    (await store.database.pool.query<{ stock: number }>('SELECT stock FROM variant WHERE id = $1', [id]))
      .rows[0]!.stock;

  it('is placed once, however often it is sent; takes from the stock; and is confirmed by mail', async () => {
    const one = shopper();
    await one.send('/basket', { variant: id, quantity: 3 });
    const before = one.basket;
    const count = await orders();
    const { sent, answer } = await checksOut(one, {
      note: 'Ring the bell\u202Eoh',
      email: 'ash@place.example',
    });
    expect(answer.statusCode).toBe(303);
    expect(answer.headers.location).toBe(`/order/${sent.token}`);
    expect(one.basket).toBe('');
    // Sent again, as by a second press before the first was answered, and by going back.
    one.basket = before;
    expect((await one.send('/checkout', sent)).headers.location).toBe(`/order/${sent.token}`);
    one.basket = '';
    expect((await one.send('/checkout', sent)).headers.location).toBe(`/order/${sent.token}`);
    expect(await orders()).toBe(count + 1);
    expect(await left()).toBe(6);
    const page = (await one.get(`/order/${sent.token}`)).body;
    expect(page).toContain('Thank you. Your order');
    expect(page).toContain('Piece 14');
    expect(page).not.toContain(PERSON.email);
    const { rows } = await store.database.pool.query<{ kind: string; email: string; body: string }>(
      'SELECT kind, email, body FROM message ORDER BY id DESC LIMIT 1',
    );
    expect(rows[0]).toMatchObject({ kind: 'order', email: PERSON.email });
    expect(rows[0]!.body).toContain('3 × Piece 14');
    expect(rows[0]!.body).toContain('Ring the belloh');
  });

  it('moves what sells best, on the page that shows that', async () => {
    const sold = async () =>
      (
        await store.database.pool.query<{ units: number }>(
          'SELECT coalesce(sum(units), 0)::integer AS units FROM sold_daily WHERE product_id = 14',
        )
      ).rows[0]!.units;
    const before = await sold();
    const one = shopper();
    await one.send('/basket', { variant: id, quantity: 2 });
    await checksOut(one);
    expect(await sold()).toBe(before + 2);
  });

  it('is not placed where price or stock are not what was seen; the page says so and keeps what was written', async () => {
    const one = shopper();
    await one.send('/basket', { variant: id, quantity: 2 });
    const { body } = await one.get('/checkout');
    await store.database.pool.query('UPDATE variant SET price = price + 100 WHERE id = $1', [id]);
    const count = await orders();
    const answer = await one.send('/checkout', {
      ...PERSON,
      token: hidden(body, 'token'),
      total: hidden(body, 'total'),
      note: 'As a gift',
    });
    expect(answer.statusCode).toBe(409);
    expect(answer.body).toContain('Prices or stock have changed meanwhile');
    expect(answer.body).toContain('As a gift');
    expect(await orders()).toBe(count);
    // With the new total it is taken.
    const again = await one.send('/checkout', {
      ...PERSON,
      token: hidden(answer.body, 'token'),
      total: hidden(answer.body, 'total'),
    });
    expect(again.statusCode).toBe(303);
    await store.database.pool.query('UPDATE variant SET price = $2 WHERE id = $1', [id, price]);
  });

  it('says what is missing or wrong beside it, and loses nothing that was written', async () => {
    const one = shopper();
    await one.send('/basket', { variant: id });
    const { sent, answer } = await checksOut(one, {
      name: '',
      email: 'not an address',
      note: '<b>Wrap</b> it',
    });
    expect(answer.statusCode).toBe(422);
    expect(answer.body).toContain('Your name is missing. Fill it in.');
    expect(answer.body).toContain('This is not an e-mail address.');
    expect(answer.body).toContain('&lt;b&gt;Wrap&lt;/b&gt; it');
    expect(hidden(answer.body, 'token')).toBe(sent.token);
    expect(one.basket).not.toBe('');
  });

  it('never sells more than there is, whoever orders at the same time', async () => {
    await stock(id, 4);
    const all = await Promise.all(
      Array.from({ length: 6 }, async () => {
        const one = shopper();
        await one.send('/basket', { variant: id, quantity: 1 });
        return (await checksOut(one)).answer.statusCode;
      }),
    );
    expect(all.filter((status) => status === 303)).toHaveLength(4);
    expect(all.every((status) => status === 303 || status === 409)).toBe(true);
    expect(await left()).toBe(0);
  });

  it('is known to nobody who does not have its address, and to no address that is none', async () => {
    for (const slug of ['1', 'example', '00000000-0000-4000-8000-000000000000', "'", 'x'.repeat(150)])
      expect((await store.get(`/order/${slug}`)).statusCode, slug).toBe(404);
  });
});

describe('a question', () => {
  const messages = async () =>
    (
      await store.database.pool.query<Record<string, string>>(
        `SELECT kind, name, email, subject, body, product_id FROM message WHERE kind <> 'order' ORDER BY id`,
      )
    ).rows;

  it('reaches the outbox, and its shopper is thanked', async () => {
    const one = shopper();
    const form = await one.get('/ask/piece-6');
    expect(form.body).toContain('action="/ask/piece-6"');
    const answer = await one.send('/ask/piece-6', { ...PERSON, message: 'Is it \r\nfrost-proof?' });
    expect([answer.statusCode, answer.headers.location]).toEqual([303, '/ask/piece-6?sent=1']);
    expect((await one.get('/ask/piece-6?sent=1')).body).toContain('Thank you. Your message was sent');
    expect(await messages()).toEqual([
      {
        kind: 'question',
        ...PERSON,
        subject: 'Question about Piece 6',
        body: 'Is it \nfrost-proof?',
        product_id: 6,
      },
    ]);
  });

  it('may ask for a quote, though things are sold by basket, and still does after it was mended', async () => {
    const one = shopper();
    expect((await one.get('/ask/piece-6')).body).not.toContain('name="for"');
    expect((await one.get('/ask/piece-6?for=quote')).body).toContain('name="for" value="quote"');
    const empty = await one.send('/ask/piece-6', { ...PERSON, message: ' ', for: 'quote' });
    expect([empty.statusCode, hidden(empty.body, 'for')]).toEqual([422, 'quote']);
    await one.send('/ask/piece-6', { ...PERSON, message: 'Forty of them?', for: hidden(empty.body, 'for') });
    expect((await messages()).at(-1)).toMatchObject({ kind: 'quote', subject: 'Quote for Piece 6' });
    // Whatever else is asked for is a question.
    await one.send('/ask/piece-6', { ...PERSON, message: 'Hello?', for: 'nothing' });
    expect((await messages()).at(-1)).toMatchObject({ kind: 'question' });
  });

  it('that fills in what people leave empty is let go', async () => {
    const count = (await messages()).length;
    const answer = await shopper().send('/ask/piece-6', { ...PERSON, message: 'Buy', website: 'http://a' });
    expect(answer.statusCode).toBe(303);
    expect(await messages()).toHaveLength(count);
  });

  it.each([
    ['an address with a line in it', { email: 'a@b.example\nbcc: c@d.example' }, 'not an e-mail address'],
    ['a message that never ends', { message: 'a'.repeat(5_000) }, 'Your message is too long.'],
    ['nothing', { message: '  ' }, 'Your message is missing.'],
  ])('with %s comes back with a sentence', async (_, wrong, words) => {
    const answer = await shopper().send('/ask/piece-6', { ...PERSON, message: 'Hello', ...wrong });
    expect(answer.statusCode).toBe(422);
    expect(answer.body).toContain(words);
  });

  it('about nothing is about nothing', async () => {
    for (const slug of ['none', '%00', 'a'.repeat(250)])
      expect((await shopper().send(`/ask/${slug}`, { ...PERSON, message: 'Hello' })).statusCode).toBe(404);
  });

  it('too large to be one is refused', async () => {
    const answer = await shopper().send('/ask/piece-6', { ...PERSON, message: 'a'.repeat(60_000) });
    expect(answer.statusCode).toBe(413);
    expect(answer.body).toContain('This was not done');
  });
});

describe('a store that was begun before there were baskets', () => {
  it('has the page, can arrange it, and shows what was arranged', async () => {
    const { pool } = store.database;
    await pool.query(`DELETE FROM draft_document WHERE key = 'page:basket'`);
    const page = (await store.plan()).pages['basket']!;
    expect(page.bays).toHaveLength(1);
    const bays = [...page.bays, { id: 'said', holds: 'notice', words: 'Posted within two days' }];
    const saved = await store.save({ key: 'page:basket', version: 0, body: { ...page, bays } });
    expect(saved.statusCode, saved.body).toBe(200);
    expect((await store.publish()).statusCode).toBe(200);
    expect((await store.get('/basket')).body).toContain('Posted within two days');
  });
});

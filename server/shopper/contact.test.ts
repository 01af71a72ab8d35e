import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;

const form = {
  id: 'write',
  holds: 'contact',
  heading: { words: 'Write to us' },
  fields: [
    { id: 'message', label: 'Your message', type: 'long', required: true },
    { id: 'phone', label: 'Telephone' },
    { id: 'other', label: 'Another address', type: 'email' },
  ],
};

beforeAll(async () => {
  store = await smallStore();
  const page = await store.document('page:home');
  const bays = [form, { ...form, id: 'unseen', hidden: true }, ...(page.body.bays as object[])];
  const saved = await store.save({ ...page, body: { ...page.body, bays } });
  expect(saved.statusCode, saved.body).toBe(200);
  expect((await store.publish()).statusCode).toBe(200);
});
afterAll(() => store.stop());

/** Sends the form as a browser does. */
const post = (values: Readonly<Record<string, string>>, headers: Record<string, string> = {}) =>
  store.server.app.inject({
    method: 'POST',
    url: '/contact',
    headers: {
      'content-type': 'application/x-www-form-urlencoded',
      'sec-fetch-site': 'same-origin',
      ...headers,
    },
    payload: new URLSearchParams({ path: '/', bay: 'write', website: '', ...values }).toString(),
  });
const right = {
  name: 'Ada',
  email: 'ada@mail.example',
  'own-message': 'Is the kiln\r\nopen?',
  'own-phone': '',
  'own-other': '',
};
const messages = async () =>
  (
    await store.database.pool.query<{ kind: string; name: string; subject: string; body: string }>(
      'SELECT kind, name, email, subject, body FROM message ORDER BY id',
    )
  ).rows;

describe('a contact form', () => {
  it('comes to the outbox with what was written, and the shopper is thanked where the form was', async () => {
    const sent = await post(right);
    expect(sent.statusCode).toBe(303);
    expect(sent.headers.location).toBe('/?write.shows=thanks#bay-write');
    expect(await messages()).toEqual([
      {
        kind: 'contact',
        name: 'Ada',
        email: 'ada@mail.example',
        subject: 'Message from Ada',
        body: 'Your message:\nIs the kiln\nopen?',
      },
    ]);
    const { body } = await store.get('/?write.shows=thanks');
    expect(body.includes('Thank you. Your message was sent')).toBe(true);
    expect(body.includes('name="own-message"')).toBe(false);
    expect((await store.get('/')).body.includes('name="own-message"')).toBe(true);
  });

  it('says what is wrong beside each field, and loses nothing that was written', async () => {
    const before = (await messages()).length;
    const { statusCode, body, headers } = await post({
      ...right,
      name: '',
      'own-message': '',
      'own-phone': '0123',
      'own-other': 'not an address',
    });
    expect(statusCode).toBe(422);
    expect(headers['cache-control']).toContain('no-store');
    for (const said of ['Your name is missing', 'Your message is missing', 'This is not an e-mail address'])
      expect(body.includes(said), said).toBe(true);
    for (const kept of ['value="ada@mail.example"', 'value="0123"', 'value="not an address"'])
      expect(body.includes(kept), kept).toBe(true);
    expect(await messages()).toHaveLength(before);
  });

  it('takes nothing from what fills in everything, and lets it believe so', async () => {
    const before = (await messages()).length;
    const robot = await post({ ...right, website: 'https://spam.example' });
    expect(robot.statusCode).toBe(303);
    expect(await messages()).toHaveLength(before);
  });

  it('is nowhere but where it is: not hidden, on no other page, in no other bay, from no other place', async () => {
    const before = (await messages()).length;
    for (const [other, headers] of [
      [{ bay: 'unseen' }],
      [{ bay: 'none' }],
      [{ bay: '' }],
      [{ path: '/shop' }],
      [{ path: 'https://elsewhere.example/' }],
      [{ path: '/page/%00' }],
      [{ path: '__proto__', bay: '__proto__' }],
      [{}, { 'sec-fetch-site': 'cross-site' }],
    ] as [Record<string, string>, Record<string, string>?][]) {
      const { statusCode } = await post({ ...right, ...other }, headers);
      expect(statusCode, JSON.stringify(other)).toBeGreaterThanOrEqual(400);
      expect(statusCode, JSON.stringify(other)).toBeLessThan(500);
    }
    for (const body of ['', 'x'.repeat(40_000), '%', 'name=a&name=b&bay=write&path=/']) {
      const { statusCode } = await store.server.app.inject({
        method: 'POST',
        url: '/contact',
        headers: {
          'content-type': 'application/x-www-form-urlencoded',
          'sec-fetch-site': 'same-origin',
        },
        payload: body,
      });
      expect(statusCode, body.slice(0, 40)).toBeGreaterThanOrEqual(400);
      expect(statusCode, body.slice(0, 40)).toBeLessThan(500);
    }
    expect(await messages()).toHaveLength(before);
  });

  it('cannot be sent without end by one', async () => {
    const answers = [];
    for (let i = 0; i < 25; i += 1) answers.push((await post({ ...right, website: 'robot' })).statusCode);
    expect(answers.at(-1)).toBe(429);
  });
});

import { afterAll, beforeAll, expect, it } from 'vitest';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';
import { countUnread, markMessage, readMessages, removeMessage, writeMessage } from './messageRows.ts';

const DAY_MS = 86_400_000;
const NOW = Date.UTC(2026, 10, 27);
let store: SmallStore;

beforeAll(async () => {
  store = await smallStore();
});
afterAll(() => store.stop());

const subjects = async () =>
  (await readMessages(store.database.pool, null, 10)).map(({ subject }) => subject);

it('keeps what was removed for thirty days, to be put back, and then lets it go', async () => {
  const { pool } = store.database;
  for (const subject of ['first', 'second', 'third'])
    await writeMessage(
      pool,
      { kind: 'question', name: 'Ash', email: 'ash@place.example', subject, body: 'Hello' },
      NOW,
    );
  const [third, second, first] = await readMessages(pool, null, 10);
  await removeMessage(pool, second!.id, true, NOW);
  expect(await subjects()).toEqual(['third', 'first']);
  expect(await countUnread(pool)).toBe(2);
  // What comes after one that is removed is there still.
  expect((await readMessages(pool, second!.id, 10)).map(({ id }) => id)).toEqual([first!.id]);

  await removeMessage(pool, first!.id, true, NOW + 29 * DAY_MS);
  await removeMessage(pool, second!.id, false, NOW + 29 * DAY_MS);
  expect(await subjects()).toEqual(['third', 'second']);

  await removeMessage(pool, third!.id, true, NOW + 60 * DAY_MS);
  await removeMessage(pool, first!.id, false, NOW + 60 * DAY_MS);
  expect(await subjects()).toEqual(['second']);
  await markMessage(pool, second!.id, true, NOW);
  expect(await countUnread(pool)).toBe(0);
  const { rows } = await pool.query('SELECT id FROM message ORDER BY id');
  expect(rows).toEqual([{ id: second!.id }, { id: third!.id }]);
});

import type { Page } from '@playwright/test';
import type { StoredHouse } from '../core/plan/house.ts';
import type { StoredPage } from '../core/plan/page.ts';
import type { StoredShelf } from '../core/plan/shelf.ts';
import { expect, OWNER, type Store } from './store.ts';

type Edits = Record<`shelf:${string}`, Partial<StoredShelf>> &
  Record<`page:${string}`, Partial<StoredPage>> &
  Record<'house', Partial<StoredHouse>>;

interface DraftDocument {
  key: string;
  version: number;
  body: object;
}

/** Changes documents of the draft as the studio would, over its interface, and publishes. */
export async function publishWith({ url }: Pick<Store, 'url'>, edits: Partial<Edits>): Promise<void> {
  const ask = async (path: string, body: object | undefined, headers: Record<string, string>) => {
    const answer = await fetch(`${url}${path}`, {
      method: body ? 'POST' : 'GET',
      headers: { ...(body && { 'content-type': 'application/json' }), ...headers },
      ...(body && { body: JSON.stringify(body) }),
    });
    if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
    return answer;
  };
  const session = await ask('/api/session', OWNER, {});
  const cookie = session.headers
    .getSetCookie()
    .map((one) => one.split(';')[0])
    .join('; ');
  const { csrf } = (await session.json()) as { csrf: string };
  const signed = { cookie, 'x-csrf-token': csrf };
  const draft = async () =>
    ((await (await ask('/api/draft', undefined, signed)).json()) as { documents: DraftDocument[] }).documents;
  const documents = (await draft()).flatMap(({ key, version, body }) => {
    const edit = edits[key as keyof Edits];
    return edit ? [{ key, version, body: { ...body, ...edit } }] : [];
  });
  if (documents.length) await ask('/api/draft', { documents }, signed);
  const draftVersion = (await draft()).reduce((sum, { version }) => sum + version, 0);
  await ask('/api/releases', { draftVersion }, signed);
}

/** Publishes all that was changed, by hand, once it is saved. */
export async function publishByHand(page: Page): Promise<void> {
  await expect(page.getByText(/^Saved \d/)).toBeVisible();
  await page.getByRole('button', { name: /^Publish \d+ changes?$/ }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Publish/ })
    .click();
  await expect(page.getByRole('button', { name: 'Nothing to publish' })).toBeVisible();
}

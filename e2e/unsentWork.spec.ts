import type { BrowserContext, Page } from '@playwright/test';
import { insertAccount } from '../server/accounts/accountRows.ts';
import { hashPassword } from '../server/accounts/passwords.ts';
import { backAgain, cutOff, expect, openLine, OWNER, saved, signIn, test, type Store } from './store.ts';

const items = (window: Page) => window.getByRole('textbox', { name: 'Items' });
const more = (window: Page) => window.getByRole('button', { name: 'Items: more' });
const offered = (window: Page) => window.getByRole('region', { name: 'Work that was not saved' });

/** Signs in and does something that cannot be sent. */
async function workCutOff(page: Page, store: Store): Promise<void> {
  await signIn(page, store);
  await openLine(page, 'Columns');
  await cutOff(page.context());
  await more(page).click();
  await expect(page.getByText('Cannot reach the server')).toBeVisible();
}

/** Ends the process of a tab without a word to the page in it. */
async function kill(page: Page): Promise<void> {
  const session = await page.context().newCDPSession(page);
  const crashed = page.waitForEvent('crash');
  void session.send('Page.crash').catch(() => undefined);
  await crashed;
}

async function openColumns(context: BrowserContext, store: Store): Promise<Page> {
  const window = await context.newPage();
  await window.goto(`${store.url}/studio/arrange/home`);
  await openLine(window, 'Columns');
  return window;
}

test('a tab that is killed loses at most the last quarter of a second, and its work is offered', async ({
  page,
  context,
  store,
}) => {
  await signIn(page, store);
  await openLine(page, 'Columns');
  await cutOff(context);
  const pressed: number[] = [];
  for (let n = 0; n < 12; n += 1) {
    await more(page).click();
    pressed.push(Date.now());
    await page.waitForTimeout(40);
  }
  const killed = Date.now();
  await kill(page);
  await page.close();
  const safe = pressed.filter((at) => at < killed - 250).length;
  expect(safe).toBeGreaterThan(3);
  await backAgain(context);

  const again = await openColumns(context, store);
  // It is told what it is and changes nothing before it is answered.
  await expect(offered(again)).toContainText('A window was closed before its work reached the server.');
  await expect(offered(again)).toContainText(/Home: New from the kiln: items now \d+, was 10/);
  await expect(items(again)).toHaveValue('10');
  await offered(again).getByRole('button', { name: 'Add to the draft' }).click();
  await expect(offered(again)).toHaveCount(0);
  expect(Number(await items(again).inputValue())).toBeGreaterThanOrEqual(10 + safe);
  await saved(again);

  // It is in the draft, can be undone, and is not offered again.
  await again.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(items(again)).toHaveValue('10');
  await saved(again);
  await again.reload();
  await expect(items(again)).toHaveValue('10');
  await expect(offered(again)).toHaveCount(0);
});

test('a window that is loaded again while the server is away goes on with its own work, without a question', async ({
  page,
  context,
  store,
}) => {
  await workCutOff(page, store);
  // What a living window holds is not offered to another.
  const other = await openColumns(context, store);
  await expect(items(other)).toHaveValue('10');
  await expect(offered(other)).toHaveCount(0);
  await other.close();

  await page.reload();
  await openLine(page, 'Columns');
  await expect(items(page)).toHaveValue('11');
  await expect(offered(page)).toHaveCount(0);
  await backAgain(context);
  await saved(page);
});

test('what is offered can wait and can be discarded, which is asked twice', async ({
  page,
  context,
  store,
}) => {
  await workCutOff(page, store);
  await page.close();
  await backAgain(context);

  const second = await openColumns(context, store);
  await offered(second).getByRole('button', { name: 'Not now' }).click();
  await expect(offered(second)).toHaveCount(0);
  await second.reload();
  await offered(second).getByRole('button', { name: 'Discard', exact: true }).press('Enter');
  await offered(second).getByRole('button', { name: 'Discard for good' }).press('Enter');
  await expect(offered(second)).toHaveCount(0);
  await second.reload();
  await openLine(second, 'Columns');
  await expect(items(second)).toHaveValue('10');
  await expect(offered(second)).toHaveCount(0);
});

test('two accounts on one browser never get each other’s work', async ({ page, context, store }) => {
  await insertAccount(store.pool, {
    email: 'ash@kelverstone.example',
    name: 'Ash Marlow',
    role: 'arranger',
    passwordHash: await hashPassword('slate-and-sand'),
  });
  const enter = async (email: string, password: string) => {
    await page.getByLabel('E-mail').fill(email);
    await page.getByLabel('Password').fill(password);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await openLine(page, 'Columns');
  };
  const leave = async (name: string) => {
    await page.getByRole('button', { name: `Account of ${name}` }).click();
    await page.getByRole('menuitem', { name: `Sign out ${name}` }).click();
  };
  await workCutOff(page, store);
  await leave('Wren Kelver');

  await enter('ash@kelverstone.example', 'slate-and-sand');
  await expect(items(page)).toHaveValue('10');
  await expect(offered(page)).toHaveCount(0);
  await page.getByRole('button', { name: 'Items: fewer' }).click();
  await page.getByRole('button', { name: 'Items: fewer' }).click();
  await expect(page.getByText('Cannot reach the server')).toBeVisible();
  await leave('Ash Marlow');

  await backAgain(context);
  await enter(OWNER.email, OWNER.password);
  await expect(items(page)).toHaveValue('11');
  await saved(page);
  await leave('Wren Kelver');
  // The other’s is still there, and both have changed the same: it asks.
  await enter('ash@kelverstone.example', 'slate-and-sand');
  await expect(items(page)).toHaveValue('8');
  const asked = page.getByRole('region', { name: 'Also changed by somebody else' });
  await expect(asked.getByRole('button', { name: 'Take theirs: 11' })).toBeVisible();
});

test('a browser that cannot keep anything says so, and saving to the server goes on', async ({
  page,
  context,
  store,
}) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException('Not allowed.', 'SecurityError');
    };
  });
  await signIn(page, store);
  const told = page.getByRole('region', { name: 'This browser cannot keep unsaved work' });
  await expect(told).toContainText('Your changes are saved to the server as you make them.');
  await openLine(page, 'Columns');
  await more(page).click();
  await saved(page);

  // With the server away too, closing the window is asked about.
  await cutOff(context);
  await more(page).click();
  await expect(told).toContainText('keep this window open until it is back');
  const asked = page.waitForEvent('dialog');
  void page.close({ runBeforeUnload: true });
  const dialog = await asked;
  expect(dialog.type()).toBe('beforeunload');
  await dialog.dismiss();
  await expect(items(page)).toHaveValue('12');
});

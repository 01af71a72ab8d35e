import { backAgain, cutOff, expect, openLine, saved, signIn, test } from './store.ts';

test.use({ apart: true });

test('a server that is killed in the middle of saving loses nothing that was acknowledged, and the rest is sent later', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await openLine(page, 'Columns');
  const items = page.getByRole('textbox', { name: 'Items' });
  const acknowledged: number[] = [];
  page.on('response', (response) => {
    if (response.url().endsWith('/api/draft') && response.request().method() === 'POST' && response.ok()) {
      const { documents } = response.request().postDataJSON() as {
        documents: { key: string; body: { amount: { items: { phone: number } } } }[];
      };
      acknowledged.push(
        ...documents
          .filter(({ key }) => key === 'shelf:new-from-the-kiln')
          .map(({ body }) => body.amount.items.phone),
      );
    }
  });
  const more = page.getByRole('button', { name: 'Items: more' });
  for (let i = 0; i < 25; i += 1) {
    await more.click();
    if (i === 12) {
      // However slow the machine is: something is acknowledged, and more is under way.
      await expect.poll(() => acknowledged.length).toBeGreaterThan(0);
      await more.click();
      i += 1;
      void store.kill();
    }
    await page.waitForTimeout(70);
  }
  await expect(page.getByText('Cannot reach the server')).toBeVisible();
  await expect(items).toHaveValue('35');
  const { rows } = await store.pool.query(
    `SELECT body FROM draft_document WHERE key = 'shelf:new-from-the-kiln'`,
  );
  expect(rows[0].body.amount.items.phone).toBeGreaterThanOrEqual(acknowledged.at(-1)!);

  // What the studio keeps meanwhile outlives its window.
  await store.start();
  // A question that was under way when the server went may wait its whole limit for an answer.
  await saved(page, 20_000);
  await expect
    .poll(
      async () =>
        (await store.pool.query(`SELECT body FROM draft_document WHERE key = 'shelf:new-from-the-kiln'`))
          .rows[0].body.amount.items.phone,
    )
    .toBe(35);
});

test('what could not be sent before the window was closed is there when it is opened again', async ({
  page,
  context,
  store,
}) => {
  await signIn(page, store);
  await openLine(page, 'Columns');
  await cutOff(context);
  await page.getByRole('button', { name: 'Items: more' }).click();
  await expect(page.getByText('Cannot reach the server')).toBeVisible();
  await page.close();
  await backAgain(context);
  const again = await context.newPage();
  await again.goto(`${store.url}/studio/arrange/home`);
  await openLine(again, 'Columns');
  await again.getByRole('button', { name: 'Add to the draft' }).click();
  await expect(again.getByRole('textbox', { name: 'Items' })).toHaveValue('11');
  await saved(again);
});

test('an answer that breaks off says so, and the studio goes on answering', async ({ page, store }) => {
  await signIn(page, store);
  let broken = true;
  await page.route('**/api/items', (route) =>
    broken
      ? route.fulfill({ status: 200, contentType: 'application/json', body: '{"total":12,"items":[{"id"' })
      : route.continue(),
  );
  await page.reload();
  const failed = page.getByRole('alert').filter({ hasText: 'What the shelf shows could not be fetched.' });
  await expect(failed).toBeVisible();
  await openLine(page, 'Columns');
  await page.getByRole('button', { name: 'Items: more' }).click();
  await expect(page.getByRole('textbox', { name: 'Items' })).toHaveValue('11');
  await saved(page);
  broken = false;
  await failed.getByRole('button', { name: 'Try again' }).click();
  await expect(failed).toBeHidden();
  await expect(page.getByText('240 match')).toBeVisible();
});

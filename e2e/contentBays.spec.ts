import { firstBands } from '../core/plan/firstBands.ts';
import { completePlan } from '../core/plan/storedPlan.ts';
import {
  specimenBay,
  specimenDetail,
  specimenPicture,
  specimenStored,
  specimenView,
} from '../core/specimen/specimen.ts';
import { fetchFaces } from '../core/text/faces.ts';
import { bayHeight } from '../core/view/bayHeight.ts';
import { random as randomFrom, type Random } from '../demo/random.ts';
import { drawsAlone } from './alone.ts';
import { publishByHand, publishWith } from './publish.ts';
import { quiet } from './quiet.ts';
import { shifted, watchShifts } from './shifts.ts';
import { addEmptyBay, allIssues, expect, frameAt, openLine, saved, signIn, test } from './store.ts';

const PICTURE = 'a'.repeat(64);
const WORDS = 'Keeps what is warm warm, and what is cold cold, for as long as a meal lasts.';

/** A paragraph, a heading, a quotation, or a list, of lists as well. */
function anyBlock(random: Random, i: number): object {
  const text = (words: string) => [{ type: 'text', text: words }];
  const paragraph = { type: 'paragraph', content: text(random.pick([WORDS, `${WORDS} ${WORDS}`, 'Short.'])) };
  const item = (...content: object[]) => ({ type: 'listItem', content });
  const list = { type: 'orderedList', content: [item(paragraph), item(paragraph)] };
  return random.pick([
    paragraph,
    { type: 'heading', attrs: { level: 2 + (i % 3) }, content: text('Glazed by the tide, fired twice') },
    { type: 'blockquote', content: [paragraph, paragraph] },
    list,
    { type: 'bulletList', content: [item(paragraph, list), item(paragraph)] },
  ]);
}

/** Any bay of content: what it holds, and how it stands. */
function anyBay(random: Random, id: string) {
  const by = <T>(...values: T[]) => ({ phone: random.pick(values), laptop: random.pick(values) });
  const kinds = [
    () => ({
      holds: 'pictureText',
      columns: Array.from({ length: random.whole(1, 5) }, (_, i) => ({
        id: `c${i}`,
        ...(random.chance(0.8) && {
          title: random.pick(['Thrown slowly', 'Glazed by the tide, fired twice']),
        }),
        ...(random.chance(0.8) && { words: [WORDS, `${WORDS}\n${WORDS}`, 'Short.'][i % 3]! }),
        ...(random.chance(0.5) && { button: 'See more', link: '/shop' }),
        ...(random.chance(0.7) && { pictureId: PICTURE }),
      })),
      side: by('before', 'after', 'above', 'below'),
      across: by(1, 2, 3),
      gap: by(0, 32, 60),
      share: by(30, 50, 70),
      alternate: random.chance(0.5),
      ...(random.chance(0.5) && { shaped: 'ratio', ratio: '3:2' }),
      upright: random.pick(['start', 'center', 'end']),
    }),
    () => ({
      holds: 'links',
      links: Array.from({ length: random.whole(1, 9) }, (_, i) => ({
        id: `l${i}`,
        words: ['The journal', 'Write to us', 'Where the workshop is'][i % 3]!,
        link: '/journal',
        ...(random.chance(0.7) && { icon: 'star' }),
      })),
      shown: by('both', 'icons', 'words'),
      flow: by('row', 'row', 'column'),
      between: by(4, 20, 50),
      icon: by(16, 24, 60),
    }),
    () => ({
      holds: 'words',
      linePx: random.pick([0, 480, 680]),
      textAlign: by('start', 'center'),
      body: Array.from({ length: random.whole(1, 5) }, (_, i) => anyBlock(random, i)),
    }),
    () => ({
      holds: 'line',
      height: by(0, 30, 200),
      line: random.pick(['none', 'solid', 'double']),
      linePx: random.whole(1, 12),
    }),
    () => ({ holds: 'jump', words: 'Down to the goods', target: 'end' }),
    () => ({
      holds: 'banners',
      banners: Array.from({ length: random.whole(1, 4) }, (_, i) => ({
        id: `t${i}`,
        title: random.pick(['', 'Thrown slowly', 'Glazed by the tide, fired twice in the large kiln']),
        words: random.pick(['Short.', `${WORDS} ${WORDS}`]),
        ...(random.chance(0.5) && { button: 'See more', link: '/shop' }),
        ...(random.chance(0.7) && { pictureId: PICTURE }),
      })),
      heightBy: by('height', 'ratio', 'space'),
      height: by(80, 320),
      space: by(0, 90),
      moving: { marks: by('none', 'dots', 'count'), arrows: by(true, false), play: random.chance(0.5) },
    }),
    () => ({
      holds: 'reviews',
      worded: random.chance(0.7),
      starPx: by(14, 28, 60),
      align: by('start', 'center', 'end'),
      heading: { words: random.pick(['', 'What buyers think']) },
    }),
    () => ({
      holds: 'contact',
      fields: Array.from({ length: random.whole(0, 4) }, (_, i) => ({
        id: `f${i}`,
        label: random.pick(['Your message', 'What it is about']),
        type: random.pick(['text', 'long', 'email']),
        required: random.chance(0.5),
      })),
    }),
  ];
  return specimenBay(id, random.pick(kinds)() as never);
}

test('bays of content are as high as they are reckoned to be, and nothing of them stands out sideways', async ({
  page,
}) => {
  await fetchFaces();
  const draw = await drawsAlone(page);
  const otherwise: string[] = [];
  let compared = 0;
  for (let seed = 1; seed <= 6; seed += 1) {
    const random = randomFrom(`content ${seed}`);
    const bays = [
      ...Array.from({ length: 8 }, (_, i) => anyBay(random, `b${i}`)),
      specimenBay('end', { holds: 'line' } as never),
    ];
    const plan = completePlan(specimenStored([], bays));
    const view = specimenView(plan, 0, {
      pictures: (id) => specimenPicture({ id, width: 800, height: 600 }),
      about: {
        product: specimenDetail(1, { rating: { mean: 4.2, count: 12_345 } }),
      },
    });
    await draw(view);
    for (const width of [360, 700, 1000, 1440]) {
      await page.setViewportSize({ width, height: 900 });
      const drawn = await page.evaluate(() =>
        Object.fromEntries(
          [...document.querySelectorAll<HTMLElement>('[data-bay]')].map((bay) => [
            bay.dataset.bay!,
            { heightPx: bay.getBoundingClientRect().height, over: bay.scrollWidth - bay.clientWidth },
          ]),
        ),
      );
      for (const bay of view.bays) {
        compared += 1;
        const reckoned = bayHeight(bay, firstBands, width);
        const { heightPx = 0, over = 0 } = drawn[bay.id] ?? {};
        if (Math.abs(reckoned - heightPx) > 4 || over > 0)
          otherwise.push(
            `${bay.content.holds} ${bay.id} of page ${seed} at ${width}: ${heightPx}, reckoned ${reckoned}, ${over} px over`,
          );
      }
    }
  }
  expect(compared).toBeGreaterThan(200);
  expect(otherwise).toEqual([]);
});

test('a page gets picture and text, a line, links and a jump button, by mouse and by keys, and shoppers use them', async ({
  page,
  store,
}) => {
  await signIn(page, store, '/studio/arrange/home?bay=banner');
  const add = (name: string) => addEmptyBay(page, name);
  await add('Links');
  // Its heading is there to be typed over.
  await page.keyboard.type('Find the workshop');
  await openLine(page, 'Links');
  await page.getByRole('row', { name: /^Write to us/ }).focus();
  await page.keyboard.press('Alt+ArrowDown');
  await add('Space and line');
  await add('Picture and text');
  await page.keyboard.type('Why stoneware');
  await openLine(page, 'Text');
  const box = page.getByRole('region', { name: /^Settings of/ });
  await box.getByRole('textbox', { name: 'Title', exact: true }).fill('Fired twice');
  await box.getByRole('option').first().click();
  const phone = await frameAt(page, 'Phone');
  await expect(phone.getByRole('heading', { name: 'Fired twice' })).toBeVisible();
  await expect(phone.locator('.column img')).toHaveCount(1);
  await add('Jump button');
  await openLine(page, 'Target');
  const nowhere = /"Down to the goods" jumps nowhere yet/;
  await expect(await allIssues(page)).toContainText(nowhere);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Nowhere yet Jumps to' }).click();
  await page.getByRole('option', { name: 'From the journal' }).click();
  await page.getByRole('button', { name: 'Target done' }).click();
  await expect(page.getByRole('region', { name: 'Spec' })).toContainText('To "From the journal"');
  await expect(await allIssues(page)).not.toContainText(nowhere);
  await page.keyboard.press('Escape');
  await saved(page);
  await publishByHand(page);

  for (const width of [390, 1440]) {
    await page.setViewportSize({ width, height: 800 });
    await page.goto(store.url);
    await expect(page.getByRole('heading', { name: 'Fired twice' })).toBeVisible();
    const links = page.locator('[data-bay]', {
      has: page.getByRole('heading', { name: 'Find the workshop' }),
    });
    await expect(links.getByRole('link')).toHaveText(['The journal', 'Write to us']);
    const column = page.locator('.main .column');
    const [picture, says] = await Promise.all([
      column.locator('img').boundingBox(),
      column.locator('.column-says').boundingBox(),
    ]);
    // Over the text on a phone, before it where there is room.
    if (width === 390) expect(says!.y).toBeGreaterThanOrEqual(picture!.y + picture!.height);
    else expect(says!.x).toBeGreaterThanOrEqual(picture!.x + picture!.width);
    const jump = page.getByRole('link', { name: 'Down to the goods' });
    await jump.focus();
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(/#bay-/);
    const target = page.locator('[data-bay]', {
      has: page.getByRole('heading', { name: 'From the journal' }),
    });
    await expect(target).toBeFocused();
    await expect
      .poll(() => target.evaluate((one) => Math.abs(one.getBoundingClientRect().top)))
      .toBeLessThan(400);
  }
});

test('a jump button takes the time it is told, gives way to the shopper, and works without script', async ({
  browser,
  store,
}) => {
  const { rows } = await store.pool.query<{ body: { bays: { id: string }[] } }>(
    `SELECT body FROM draft_document WHERE key = 'page:home'`,
  );
  const { bays } = rows[0]!.body;
  const jump = { id: 'jump', holds: 'jump', words: 'Down', target: bays.at(-1)!.id, ms: 3_000 };
  const named = bays.map((bay, i) => (i === bays.length - 1 ? { ...bay, anchor: 'the-end' } : bay));
  await publishWith(store, { 'page:home': { bays: [jump, ...named] } as never });
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.goto(store.url);
  const far = () => page.evaluate(() => scrollY);
  // The script of jumps is fetched after the page.
  await quiet(page);
  await page.getByRole('link', { name: 'Down' }).click();
  await expect.poll(far).toBeGreaterThan(20);
  await page.mouse.wheel(0, -10_000);
  // Longer than it would have taken: it stands still, and has not arrived.
  await page.waitForTimeout(3_200);
  const stopped = await far();
  await page.waitForTimeout(300);
  expect(await far()).toBe(stopped);
  await expect(page).toHaveURL(`${store.url}/`);
  await context.close();
  const plain = await browser.newContext({ javaScriptEnabled: false, reducedMotion: 'reduce' });
  const bare = await plain.newPage();
  await bare.goto(store.url);
  await bare.getByRole('link', { name: 'Down' }).click();
  await expect(bare).toHaveURL(`${store.url}/#the-end`);
  const still = await browser.newContext({ reducedMotion: 'reduce' });
  const calm = await still.newPage();
  await calm.goto(store.url);
  await quiet(calm);
  await calm.getByRole('link', { name: 'Down' }).click();
  await expect(calm.locator('#the-end')).toBeFocused({ timeout: 1_000 });
  await plain.close();
  await still.close();
});

test('a notice is closed by the shopper, never comes in again, and is back when it says something else', async ({
  page,
  store,
}) => {
  const { rows } = await store.pool.query<{ body: { bays: object[] } }>(
    `SELECT body FROM draft_document WHERE key = 'page:home'`,
  );
  const { bays } = rows[0]!.body;
  const publish = (words: string) =>
    publishWith(store, {
      'page:home': {
        bays: [{ id: 'told', holds: 'notice', words, closable: true }, ...bays.slice(1)] as never,
      },
    });
  await publish('Closed on Monday');
  await watchShifts(page);
  for (const width of [390, 1440]) {
    await page.setViewportSize({ width, height: 800 });
    await page.goto(store.url);
    await quiet(page);
    const notice = page.locator('[data-bay=told]');
    await expect(notice).toContainText('Closed on Monday');
    const close = notice.getByRole('button', { name: 'Close this notice' });
    const box = (await close.boundingBox())!;
    expect(Math.min(box.width, box.height)).toBeGreaterThanOrEqual(40);
    expect(box.x + box.width).toBeLessThanOrEqual(width);
    await close.focus();
    await page.keyboard.press('Enter');
    await expect(notice).toBeHidden();
    // The keyboard goes on with what follows.
    expect(await page.evaluate(() => document.activeElement?.closest('header') !== null)).toBe(true);
    await page.reload();
    await quiet(page);
    await expect(notice).toBeHidden();
    expect(await shifted(page)).toBeLessThan(0.005);
    await page.evaluate(() => localStorage.clear());
  }
  await page.goto(store.url);
  await quiet(page);
  await page.locator('[data-bay=told]').getByRole('button').click();
  await publish('Open again on Tuesday');
  await page.goto(store.url);
  await expect(page.locator('[data-bay=told]')).toContainText('Open again on Tuesday');
});

test('a bay gets a time to come and to go, is drawn while it is arranged, and comes in public when it is time', async ({
  page,
  store,
}) => {
  await signIn(page, store, '/studio/arrange/home?bay=notice');
  await openLine(page, 'Visibility');
  const from = page.getByRole('group', { name: 'Shown from' });
  const parts = from.getByRole('spinbutton');
  await expect(parts).toHaveCount(5);
  await parts.first().focus();
  // Day, month, year, hour and minute, as the language of the studio has them; each goes on to the next.
  for (const part of ['01', '01', '2099', '09', '00']) await page.keyboard.type(part);
  await expect(
    page.getByRole('grid', { name: 'Bays of Home' }).getByRole('row', { name: /^Notice/ }),
  ).toContainText('from 1 Jan');
  const phone = await frameAt(page, 'Phone');
  await expect(phone.locator('[data-bay=notice]')).toBeVisible();
  await page.getByRole('button', { name: 'Visibility done' }).click();
  await expect(page.getByRole('region', { name: 'Spec' })).toContainText('Shown from 1 Jan 2099, 09:00');
  await publishByHand(page);
  await page.goto(store.url);
  await expect(page.locator('[data-bay]').first()).toBeVisible();
  await expect(page.locator('[data-bay=notice]')).toHaveCount(0);
});

test('a contact form is made, filled in with and without script, and comes to the outbox', async ({
  browser,
  page,
  store,
}) => {
  await signIn(page, store, '/studio/arrange/home?bay=notice');
  await addEmptyBay(page, 'Contact form');
  await page.keyboard.type('Ask the workshop');
  await openLine(page, 'Form');
  await page.getByRole('button', { name: 'Add a field' }).click();
  await page
    .getByRole('region', { name: /^Settings of/ })
    .getByRole('textbox', { name: 'Label' })
    .fill('Glaze');
  const phone = await frameAt(page, 'Phone');
  await expect(phone.getByRole('textbox', { name: 'Glaze (optional)' })).toBeVisible();
  await publishByHand(page);

  for (const javaScriptEnabled of [false, true]) {
    const context = await browser.newContext({ javaScriptEnabled, viewport: { width: 390, height: 800 } });
    const shopper = await context.newPage();
    await shopper.goto(store.url);
    const form = shopper.locator('[data-bay]', {
      has: shopper.getByRole('heading', { name: 'Ask the workshop' }),
    });
    await form.getByRole('textbox', { name: 'Your name' }).fill('Ada');
    await form
      .getByRole('textbox', { name: 'Your e-mail address' })
      .or(form.getByRole('textbox', { name: /mail/ }))
      .first()
      .fill('ada@mail.example');
    await form.getByRole('textbox', { name: 'Your message' }).fill('Can it go into the oven?');
    await form.getByRole('textbox', { name: /^Glaze/ }).fill(`Fogbank ${String(javaScriptEnabled)}`);
    await form.getByRole('button', { name: 'Send' }).press('Enter');
    await expect(form.getByRole('status')).toContainText('Thank you. Your message was sent');
    await expect(shopper).toHaveURL(/\.shows=thanks#bay-/);
    await context.close();
  }
  const { rows } = await store.pool.query<{ body: string }>(
    `SELECT body FROM message WHERE kind = 'contact' ORDER BY id`,
  );
  expect(rows.map(({ body }) => body)).toEqual([
    'Your message:\nCan it go into the oven?\n\nGlaze:\nFogbank false',
    'Your message:\nCan it go into the oven?\n\nGlaze:\nFogbank true',
  ]);
});

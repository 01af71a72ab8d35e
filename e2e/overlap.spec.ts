import { bandAt } from '../core/bands/bands.ts';
import { specimenBay, specimenPlan, specimenShelf, specimenView } from '../core/specimen/specimen.ts';
import { riseOf } from '../core/view/bayHeight.ts';
import { random as randomFrom } from '../demo/random.ts';
import { drawsAlone } from './alone.ts';
import { publishByHand } from './publish.ts';
import { allIssues, expect, frameAt, openLine, signIn, test } from './store.ts';

const BAY = 'new-from-the-kiln';

test('bays that are moved up meet those above by just as much, and the one that is to be in front is', async ({
  page,
}) => {
  const draw = await drawsAlone(page);
  const otherwise: string[] = [];
  let met = 0;
  for (let seed = 1; seed <= 8; seed += 1) {
    const random = randomFrom(`overlap ${seed}`);
    const ids = ['a', 'b', 'c'];
    const bays = ids.map((id) =>
      specimenBay(id, {
        look: {
          background: random.pick(['#ffffff', '#eeeecc', '#ddeeff']),
          rise: { phone: random.pick([0, 40, 88]), laptop: random.pick([0, 120]) },
          lies: random.pick(['over', 'under']),
        },
        bands: random.pick([null, ['phone', 'tablet', 'laptop', 'wide']]),
        aside: id === 'b' && random.chance(0.2),
      }),
    );
    const view = specimenView(
      specimenPlan(
        ids.map((id) => specimenShelf(id)),
        bays,
      ),
      6,
    );
    await draw(view);
    for (const width of [390, 1440]) {
      await page.setViewportSize({ width, height: 900 });
      const band = bandAt(view.bands, width).id;
      for (const [i, bay] of view.bays.entries()) {
        const above = view.bays.slice(0, i).findLast((one) => one.aside === bay.aside);
        if (!above) continue;
        const rise = riseOf(bay, view.bands, band);
        const seen = await page.evaluate(
          ([upper, lower]) => {
            const [one, other] = [upper, lower].map((id) => document.querySelector(`[data-bay="${id}"]`)!);
            window.scrollBy(0, other!.getBoundingClientRect().top - 300);
            const { left, width, top } = other!.getBoundingClientRect();
            const front = document
              .elementFromPoint(left + width / 2, top + 2)
              ?.closest('[data-bay]')
              ?.getAttribute('data-bay');
            return { over: one!.getBoundingClientRect().bottom - top, front };
          },
          [above.id, bay.id] as const,
        );
        if (Math.abs(seen.over - rise) > 0.6)
          otherwise.push(`${seed} ${bay.id} at ${width}: ${seen.over}, not ${rise}`);
        if (rise === 0 || bay.aside || above.aside) continue;
        met += 1;
        const front = bay.look.lies === 'over' ? bay.id : above.id;
        if (seen.front !== front)
          otherwise.push(`${seed} ${bay.id} at ${width}: ${seen.front} in front, not ${front}`);
      }
    }
  }
  expect(otherwise).toEqual([]);
  expect(met).toBeGreaterThan(8);
});

test('a bay is moved up over the one above, is told of what it covers, and shoppers see it so', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  const bays = page.getByRole('grid', { name: 'Bays of Home' });
  await bays.getByRole('row', { name: 'New from the kiln' }).click();
  await openLine(page, 'Look');
  const spec = page.getByRole('region', { name: 'Spec' });
  await expect(spec.getByText('Where they meet, it lies')).toHaveCount(0);
  const rise = spec.getByRole('textbox', { name: 'Moved up over what is above, px' });
  await rise.fill('200');
  await rise.press('Enter');
  await expect(spec.getByText('Where they meet, it lies')).toBeVisible();
  const issue = (await allIssues(page)).getByRole('listitem').filter({ hasText: /Covers \d+ px of "/ });
  await issue.getByRole('button', { name: 'Move it down by as much' }).click();
  await expect(issue).toHaveCount(0);
  const left = Number(await spec.getByRole('textbox', { name: /^Moved up.* on Phone$/ }).inputValue());
  expect(left).toBeGreaterThan(0);
  expect(left).toBeLessThan(200);
  const overOf = (root: { locator: typeof page.locator }) =>
    root.locator(`.main [data-bay="${BAY}"]`).evaluate((bay) => {
      const above = bay.previousElementSibling!.getBoundingClientRect();
      return above.bottom - bay.getBoundingClientRect().top;
    });
  const phone = await frameAt(page, 'Phone');
  await expect.poll(() => overOf(phone)).toBeCloseTo(left, 0);
  await page.keyboard.press('Escape');
  await publishByHand(page);
  await page.setViewportSize({ width: 390, height: 800 });
  await page.goto(store.url);
  expect(await overOf(page)).toBeCloseTo(left, 0);
});

export default async ({ b, url }: any) => {
  for (const [w, h] of [[1280, 800], [1920, 1080], [768, 1000]]) {
    const p = await b.newPage({ viewport: { width: w, height: h }, locale: 'en-GB' });
    await p.goto(`${url}/studio`); await p.getByLabel('E-mail').fill('owner@kelverstone.example'); await p.getByLabel('Password').fill('kiln-and-clay'); await p.keyboard.press('Enter');
    await p.frameLocator('iframe').first().locator('[data-card]').first().waitFor();
    await p.goto(`${url}/studio/arrange/home?bay=under-sixty`); await p.frameLocator('iframe').first().locator('[data-card]').first().waitFor(); await p.waitForTimeout(1200);
    await p.screenshot({ path: `/tmp/wall-${w}.png` });
    if (w === 1280) { await p.getByRole('button', { name: /: show$/ }).click(); await p.waitForTimeout(1200); await p.screenshot({ path: `/tmp/wall-in.png` }); await p.getByRole('button', { name: /^Phone.*near$/ }).click(); await p.waitForTimeout(600); await p.screenshot({ path: `/tmp/wall-near.png` }); }
    await p.close();
  }
};

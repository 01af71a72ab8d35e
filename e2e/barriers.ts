import type { Page } from '@playwright/test';
import axe from 'axe-core';

/** What keeps somebody from using a page by keyboard or by ear, each by its rule; pages in frames are tried apart. */
export async function barriers(
  page: Page,
  rules: readonly string[],
  within = 'body',
): Promise<{ id: string; nodes: { html: string; target: string }[] }[]> {
  // Nothing is put into the frames, of which the studio has several.
  await page.evaluate(`window.axe || (() => { ${axe.source} })()`);
  return page.evaluate(
    async ([tags, selector]) => {
      const { axe: there } = window as unknown as { axe: typeof axe };
      const { violations } = await there.run(
        { include: [[selector]], exclude: [['iframe']] },
        { runOnly: [...tags], iframes: false, resultTypes: ['violations'] },
      );
      return violations.map(({ id, nodes }) => ({
        id,
        nodes: nodes.map(({ html, target }) => ({ html, target: String(target[0]) })),
      }));
    },
    [rules, within] as const,
  );
}

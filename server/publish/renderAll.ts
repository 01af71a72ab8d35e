import { isEdge, pageKind, pagePath } from '../../core/pages/index.ts';
import type { Page } from '../../core/plan/page.ts';
import type { Plan } from '../../core/plan/plan.ts';
import { Fault } from '../faults.ts';
import { htmlPage } from '../pages/document.tsx';
import type { Parts } from '../parts.ts';

/** Draws one page in memory, with something of the catalogue that it is about. */
async function render(plan: Plan, page: Page, parts: Pick<Parts, 'storefront' | 'clock'>): Promise<void> {
  const kind = pageKind(page.kind);
  const now = parts.clock();
  const slug = kind.many ? page.slug : await parts.storefront.example(kind, now, page.about);
  // What it would be about is not there yet, so neither is the page.
  if (slug === null) return;
  const address = { path: pagePath(kind, slug), from: {}, open: {} };
  const view = await parts.storefront.view(plan, { kind, slug, query: {} }, address, now);
  if (view) htmlPage(view, null);
}

/** Draws every page of a plan in memory, so that nothing is published that cannot be drawn. What fails is named. */
export async function renderAll(plan: Plan, parts: Pick<Parts, 'storefront' | 'clock'>): Promise<void> {
  // Header and footer are drawn with each of them; what stands where there is nothing is one of them.
  for (const page of Object.values(plan.pages).filter((one) => !isEdge(one)))
    try {
      await render(plan, page, parts);
    } catch (cause) {
      throw new Fault('page-not-drawn', {
        message: `The page "${page.name}" could not be drawn, so nothing was published. Undo what was changed there last, or remove the bay that fails.`,
        details: { page: page.id },
        cause,
      });
    }
}

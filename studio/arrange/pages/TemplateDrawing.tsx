import { useMemo } from 'react';
import { apply } from '../../../core/plan/commands.ts';
import { addPage } from '../../../core/plan/pageEdits.ts';
import type { PageTemplate } from '../../../core/plan/pageTemplates/pageTemplate.ts';
import { completePlan } from '../../../core/plan/storedPlan.ts';
import { useDraft } from '../../studioContext.tsx';
import { BayDrawing } from '../elevation/BayDrawing.tsx';
import { usePageViews } from '../usePageViews.ts';

const DRAWN_AT_PX = 1180;
const noTabs: Readonly<Record<string, string>> = {};

/** A page that a template makes, small and to scale, with what the store has. */
export function TemplateDrawing({ template, category }: { template: PageTemplate; category: number | null }) {
  const stored = useDraft((state) => state.draft);
  const { bands } = useDraft((state) => state.plan.house);
  const plan = useMemo(() => {
    const id = `template-${template.id}`;
    const content = template.make({ id, name: template.name, bands, category });
    return completePlan(apply(stored, addPage({ id, name: template.name, slug: id }, content)));
  }, [stored, bands, template, category]);
  const page = plan.pages[`template-${template.id}`]!;
  const view = usePageViews(page, page, noTabs, plan).asItIs;
  return view.bays.map((bay) => (
    <BayDrawing
      key={bay.id}
      bay={bay}
      bands={view.bands}
      regionPx={DRAWN_AT_PX}
      direction={view.direction}
      chosen={false}
      hidden={false}
      conditional={false}
    />
  ));
}

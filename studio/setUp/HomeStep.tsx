import { useState } from 'react';
import { Link } from 'react-router';
import { homePage } from '../../core/pages/home.ts';
import { startOver } from '../../core/plan/pageEdits.ts';
import { homeTemplates } from '../../core/plan/pageTemplates/index.ts';
import { newId } from '../arrange/elevation/newId.ts';
import { TemplateTiles } from '../arrange/pages/TemplateTiles.tsx';
import { useDraft, useStudio } from '../studioContext.tsx';
import { MainButton } from '../ui/Button.tsx';
import type { StepProps } from './step.ts';
import { Card, StepBody } from './StepBody.tsx';

/** The home page is made of something ready, which is then arranged like any other. */
export function HomeStep({ is, next }: StepProps) {
  const { draft } = useStudio();
  const plan = useDraft((state) => state.plan);
  const [chosen, choose] = useState(homeTemplates[0]!.id);
  const done = is.steps.some((step) => step.id === 'home' && step.done);
  const use = () => {
    const template = homeTemplates.find(({ id }) => id === chosen)!;
    const page = draft.getState().draft.pages[homePage.id];
    if (!page) return;
    const content = template.make({
      id: newId(homePage.id, plan),
      name: plan.house.storeName,
      bands: plan.house.bands,
      category: null,
    });
    draft.run(startOver(page, content));
  };
  return (
    <StepBody
      title="Your home page"
      about="Choose a ready-made page. Each is drawn with what your store has."
      said={done ? <Link to="/arrange/home">Arrange it bay by bay</Link> : 'Choose one, or do this later.'}
      next={next && { does: `Next: ${next.name.toLowerCase()}`, can: true, go: next.go }}
    >
      <Card>
        <TemplateTiles templates={homeTemplates} category={null} chosen={chosen} onChoose={choose} told />
        <div className="between">
          <p className="quiet">
            {done ? 'It takes the place of what is on your home page. Undo brings that back.' : ''}
          </p>
          <MainButton onPress={use}>Use this page</MainButton>
        </div>
      </Card>
    </StepBody>
  );
}

import { Radio, RadioGroup } from 'react-aria-components';
import { Link } from 'react-router';
import styled from 'styled-components';
import { homePage } from '../../core/pages/home.ts';
import { startOver } from '../../core/plan/pageEdits.ts';
import { homeTemplates } from '../../core/plan/pageTemplates/index.ts';
import { newId } from '../arrange/elevation/newId.ts';
import { TemplateDrawing } from '../arrange/pages/TemplateDrawing.tsx';
import { useState } from 'react';
import { useDraft, useStudio } from '../studioContext.tsx';
import { MainButton } from '../ui/Button.tsx';
import { t } from '../ui/theme.ts';
import type { StepProps } from './step.ts';
import { Card, StepBody } from './StepBody.tsx';

const Tiles = styled(RadioGroup)`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 10px;
  .react-aria-Radio {
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    background: #fff;
    padding: 8px;
    display: grid;
    grid-template-rows: auto auto 1fr;
    gap: 4px;
    cursor: pointer;
  }
  .drawn {
    height: 150px;
    overflow: hidden;
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 3px;
  }
  .react-aria-Radio[data-selected] {
    border-color: ${t.pine};
    box-shadow: inset 0 0 0 1px ${t.pine};
    background: ${t.pineSoft};
  }
  .react-aria-Radio[data-focus-visible] {
    outline: 2px solid ${t.pine};
    outline-offset: 2px;
  }
  .about {
    color: ${t.ink2};
    font-size: 12.5px;
  }
`;

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
        <Tiles aria-label="Start from" value={chosen} onChange={choose} orientation="horizontal">
          {homeTemplates.map((template) => (
            <Radio key={template.id} value={template.id} aria-label={`${template.name}: ${template.about}`}>
              <span className="drawn" aria-hidden>
                <TemplateDrawing template={template} category={null} />
              </span>
              <b>{template.name}</b>
              <span className="about">{template.about}</span>
            </Radio>
          ))}
        </Tiles>
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

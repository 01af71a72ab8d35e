import { Label, Radio, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import type { PageTemplate } from '../../../core/plan/pageTemplates/pageTemplate.ts';
import { t } from '../../ui/theme.ts';
import { TemplateDrawing } from './TemplateDrawing.tsx';

const Tiles = styled(RadioGroup)`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(134px, 1fr));
  gap: 8px;
  .react-aria-Radio {
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    background: #fff;
    padding: 5px;
    display: flex;
    flex-direction: column;
    gap: 4px;
    text-align: center;
    font-size: 12.5px;
    cursor: pointer;
  }
  .drawn {
    height: 92px;
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
  b {
    font-weight: 400;
  }
  &[data-told] b,
  .react-aria-Radio[data-selected] b {
    font-weight: 600;
  }
  .react-aria-Radio[data-selected] b {
    color: ${t.pine};
  }
  .react-aria-Radio[data-focus-visible] {
    outline: 2px solid ${t.pine};
    outline-offset: 2px;
  }
  > .react-aria-Label,
  .about {
    color: ${t.ink2};
  }
  > .react-aria-Label {
    grid-column: 1 / -1;
  }
  /* With what is on each, below a larger drawing. */
  &[data-told] {
    grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
    .react-aria-Radio {
      padding: 8px;
      text-align: start;
    }
    .drawn {
      height: 150px;
    }
  }
`;

interface TemplateTilesProps {
  templates: readonly PageTemplate[];
  /** The category that those are drawn with which need one. */
  category: number | null;
  chosen: string;
  onChoose(id: string): void;
  /** It is said of each what is on it. */
  told?: boolean;
}

/** What a page can start from, each drawn with what the store has. */
export function TemplateTiles({ templates, category, chosen, onChoose, told = false }: TemplateTilesProps) {
  return (
    <Tiles value={chosen} onChange={onChoose} orientation="horizontal" data-told={told || undefined}>
      <Label>Start from</Label>
      {templates.map((one) => (
        <Radio key={one.id} value={one.id} aria-label={told ? `${one.name}: ${one.about}` : one.name}>
          <span className="drawn" aria-hidden>
            <TemplateDrawing template={one} category={category} />
          </span>
          <b>{one.name}</b>
          {told && <span className="about">{one.about}</span>}
        </Radio>
      ))}
    </Tiles>
  );
}

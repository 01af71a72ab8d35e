import { useContext } from 'react';
import styled from 'styled-components';
import type { Finding, Place } from '../../../core/checks/check.ts';
import { bayName } from '../../../core/plan/places.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Saved } from './Saved.tsx';
import { Button, QuietButton } from '../../ui/Button.tsx';
import { t } from '../../ui/theme.ts';
import { FindingsContext, useArranging } from '../arrangeContext.tsx';

const Bar = styled.section`
  grid-area: foot;
  min-height: 38px;
  background: ${t.paper};
  border-top: 1px solid ${t.line};
  display: flex;
  align-items: center;
  gap: 16px;
  padding: 4px 16px;
  min-width: 0;
  .count {
    font-weight: 600;
    color: ${t.brick};
    white-space: nowrap;
  }
  .none {
    color: ${t.pine};
    white-space: nowrap;
  }
  ul {
    display: flex;
    gap: 16px;
    overflow: auto hidden;
    flex: 1;
    min-width: 0;
    scrollbar-width: thin;
  }
  li {
    display: flex;
    align-items: center;
    gap: 8px;
    white-space: nowrap;
  }
`;

/** What the checks found on this page, each with its fix; and when the draft was last saved. */
export function Foot() {
  const { draft } = useStudio();
  const { bay, page, choose, openLine } = useArranging();
  const plan = useDraft((state) => state.plan);
  /** A finding of another bay than the chosen one says where it is. */
  const whereIs = (place: Place) => {
    const at = 'bay' in place && page.bays.find((one) => one.id === place.bay);
    return at && at.id !== bay?.id ? `${bayName(at, plan)}: ` : '';
  };
  const goTo = ({ at, goTo: line }: Finding) => {
    if ('bay' in at) choose(at.bay, 'shelf' in at ? at.shelf : undefined);
    else if (at.on === 'page') choose(null);
    if (line) openLine(line);
  };
  const findings = useContext(FindingsContext);
  return (
    <Bar aria-label="Issues of this page and when it was saved">
      {findings.length === 0 ? (
        <span className="none">No issues on this page</span>
      ) : (
        <span className="count">{counted(findings.length, 'issue')}</span>
      )}
      <ul aria-label="Issues">
        {findings.map((finding) => (
          <li key={`${finding.check} ${JSON.stringify(finding.at)}`}>
            <QuietButton onPress={() => goTo(finding)}>
              {whereIs(finding.at)}
              {finding.text}
            </QuietButton>
            {finding.fix && (
              <Button onPress={() => draft.run(finding.fix!.command)}>{finding.fix.words}</Button>
            )}
          </li>
        ))}
      </ul>
      <Saved />
    </Bar>
  );
}

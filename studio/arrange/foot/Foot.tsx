import { ChevronUp } from 'lucide-react';
import { Dialog, DialogTrigger } from 'react-aria-components';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import type { Finding, Place } from '../../../core/checks/check.ts';
import { bayNames } from '../../../core/plan/places.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { useStudio } from '../../studioContext.tsx';
import { Saved } from './Saved.tsx';
import { Button, QuietButton } from '../../ui/Button.tsx';
import { PopoverBox } from '../../ui/Pick.tsx';
import { t } from '../../ui/theme.ts';
import { WidthsShown } from '../wall/WidthsShown.tsx';
import { useArranging, useFindings } from '../arrangeContext.tsx';

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
  .first {
    display: flex;
    align-items: center;
    gap: 8px;
    white-space: nowrap;
    min-width: 0;
    > :first-child {
      display: block;
      overflow: hidden;
      text-overflow: ellipsis;
    }
  }
  .end {
    margin-inline-start: auto;
    display: flex;
    align-items: center;
    gap: 16px;
    white-space: nowrap;
  }
  @container studio (max-width: 1000px) {
    .first {
      display: none;
    }
  }
`;

const List = styled.ul`
  display: grid;
  padding: 4px 8px;
  li {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 16px;
    padding: 5px 0;
  }
  li + li {
    border-top: 1px solid ${t.line};
  }
`;

/** What the checks found on this page, one in sight and all in a list, each with its fix; and when the draft was last saved. */
export function Foot({
  folds = null,
}: {
  /** The settings can be folded away, where there is little room. */
  folds?: { folded: boolean; fold(folded: boolean): void } | null;
}) {
  const { draft } = useStudio();
  const { bay, choose, openLine } = useArranging();
  const navigate = useNavigate();
  const narrow = folds !== null;
  // As the checks saw it: an edit draws the foot anew only once it is known what they find.
  const { found, coming, plan } = useFindings();
  /** A finding of another bay than the chosen one says where it is. */
  const whereIs = (place: Place) => {
    const name = 'bay' in place && place.bay !== bay?.id && bayNames(plan)(place.bay);
    return name ? `${name}: ` : '';
  };
  const goTo = ({ at, goTo: line, element }: Finding) => {
    // How an element is drawn everywhere is set there.
    if (at.on === 'house' && !line && element !== undefined) void navigate(`/house-style/${element}`);
    else if ('bay' in at) choose(at.bay, 'shelf' in at ? at.shelf : undefined);
    // What holds for the whole store is set below what is set of the page.
    else if (at.on === 'page' || (at.on === 'house' && line)) choose(null);
    if (line) openLine(line);
  };
  const isHere = ({ at }: Finding) => 'bay' in at && at.bay === bay?.id;
  // What is of the bay that is worked on comes first.
  const findings = [...found.filter(isHere), ...found.filter((one) => !isHere(one))];
  const [first, ...others] = findings;
  const keyOf = ({ check, at, text }: Finding) => `${check} ${JSON.stringify(at)} ${text}`;
  const what = (finding: Finding) => (
    <QuietButton onPress={() => goTo(finding)}>
      {whereIs(finding.at)}
      {finding.text}
    </QuietButton>
  );
  const fixOf = ({ fix }: Finding) =>
    fix && <Button onPress={() => draft.run(fix.command)}>{fix.words}</Button>;
  return (
    <Bar aria-label="Issues of this page and when it was saved">
      {first ? (
        <span className="count">{counted(findings.length, 'issue')}</span>
      ) : (
        <span className="none">{coming ? 'Looking for issues…' : 'No issues on this page'}</span>
      )}
      {first && (
        <div className="first" role="group" aria-label="First issue">
          {what(first)}
          {fixOf(first)}
        </div>
      )}
      {first && (others.length > 0 || narrow) && (
        <DialogTrigger>
          <Button>
            {narrow ? 'Show' : `${others.length} more`} <ChevronUp size={14} aria-hidden />
          </Button>
          <PopoverBox placement="top">
            <Dialog aria-label="All issues of this page" style={{ outline: 'none' }}>
              <List aria-label="Issues">
                {findings.map((finding) => (
                  <li key={keyOf(finding)}>
                    {what(finding)}
                    {fixOf(finding)}
                  </li>
                ))}
              </List>
            </Dialog>
          </PopoverBox>
        </DialogTrigger>
      )}
      <div className="end">
        {folds && (
          <Button onPress={() => folds.fold(!folds.folded)}>
            {folds.folded ? 'Show settings' : 'Hide settings'}
          </Button>
        )}
        <WidthsShown bands={plan.house.bands} />
        <Saved />
      </div>
    </Bar>
  );
}

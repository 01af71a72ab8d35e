import { Link, useLocation } from 'react-router';
import styled from 'styled-components';
import { missingToShow } from '../../core/setUp/setUpSteps.ts';
import { t } from '../ui/theme.ts';
import { useSetUp } from './useSetUp.ts';

const Bar = styled.aside`
  background: ${t.amberSoft};
  border-bottom: 1px solid ${t.line};
  padding: 5px 14px;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  a {
    color: ${t.pine};
    font-weight: 600;
  }
`;

/** What is missing for shelves to show something to shoppers, above every place; nothing where nothing is. */
export function SetUpBar() {
  const { is } = useSetUp();
  const { pathname } = useLocation();
  const missing = is && missingToShow(is.facts);
  if (!missing || pathname.startsWith('/set-up')) return null;
  const done = is.steps.filter((step) => step.done).length;
  return (
    <Bar aria-label="What is missing">
      <span>{missing}</span>
      <Link to="/set-up">
        Go on setting up: {done} of {is.steps.length} done
      </Link>
    </Bar>
  );
}

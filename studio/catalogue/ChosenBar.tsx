import styled from 'styled-components';
import { t } from '../ui/theme.ts';

/** What can be done to several that are chosen, side by side as far as there is room. */
export const ChosenBar = styled.section`
  background: ${t.paper};
  border: 1px solid ${t.pine};
  border-radius: ${t.corner};
  padding: 9px 12px;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
  p {
    flex-basis: 100%;
  }
  [role='alert'] {
    color: ${t.brick};
  }
`;

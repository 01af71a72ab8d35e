import styled from 'styled-components';
import { t } from '../ui/theme.ts';

/** Controls one under the other. */
export const Stack = styled.div`
  display: flex;
  flex-direction: column;
  gap: 14px;
`;

export const Hint = styled.p`
  color: ${t.ink2};
  font-size: 12px;
`;

import { Header, MenuItem } from 'react-aria-components';
import styled from 'styled-components';
import { itemStyle } from './Pick.tsx';
import { t } from './theme.ts';

/** One thing that can be done, with a line about it where there is one. */
export const MenuRow = styled(MenuItem)`
  ${itemStyle}
  &:has([slot='description']) {
    flex-direction: column;
    align-items: flex-start;
    gap: 0;
  }
  [slot='label'] {
    display: block;
    font-weight: 500;
  }
  [slot='description'] {
    display: block;
    font-size: 12px;
    color: ${t.ink2};
    max-width: 300px;
  }
`;

/** What the rows under it have in common. */
export const MenuHeading = styled(Header)`
  padding: 8px 10px 3px;
  font-size: 12px;
  color: ${t.ink2};
`;

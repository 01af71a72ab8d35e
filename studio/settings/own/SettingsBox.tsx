import styled from 'styled-components';
import { t } from '../../ui/theme.ts';

/** What can be set of the row of a list that is open, under the list. */
export const SettingsBox = styled.section`
  border: 1px solid ${t.pine};
  border-radius: 8px;
  padding: 10px 12px;
  :is(h3, h4) {
    margin: 0 0 8px;
    font-size: inherit;
    color: ${t.pine};
  }
`;

import styled from 'styled-components';
import { t } from '../ui/theme.ts';

/** A list of the catalogue, with what is asked of it above and what is done below. */
export const Middle = styled.div`
  display: flex;
  flex-direction: column;
  gap: 8px;
  min-height: 0;
  min-width: 0;
  padding: 14px 16px 0;
  header {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 8px;
  }
  .within {
    flex: 1;
    display: inline-flex;
    align-items: center;
    gap: 4px;
    font-weight: 600;
  }
  .within a {
    color: ${t.pine};
  }
  h2 {
    font: 600 19px/1.25 ${t.names};
  }
  .ask {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(150px, auto);
    gap: 8px;
    align-items: end;
  }
`;

import styled from 'styled-components';
import { t } from '../ui/theme.ts';

/** A list of the catalogue with, beside it or under it, what is opened of it. */
export const Ground = styled.div`
  display: grid;
  grid-template: minmax(0, 1fr) / minmax(0, 1fr);
  min-height: 0;
  &[data-open] {
    grid-template-columns: minmax(0, 1fr) var(--side, minmax(290px, 360px));
  }
  @container studio (max-width: 900px) {
    &[data-open] {
      grid-template: minmax(0, 2fr) minmax(0, 3fr) / minmax(0, 1fr);
    }
  }
`;

/** One thing of the catalogue: what it is called, and what can be set of it. */
export const Side = styled.aside`
  background: ${t.paper};
  border-inline-start: 1px solid ${t.line};
  overflow: auto;
  padding: 14px 16px 20px;
  > header {
    display: flex;
    align-items: start;
    gap: 8px;
    margin-bottom: 10px;
  }
  > header > div {
    flex: 1;
    min-width: 0;
  }
  h2 {
    font: 600 17px/1.25 ${t.names};
    overflow-wrap: anywhere;
  }
  h3 {
    font: 600 14px/1.3 ${t.names};
    margin-bottom: 5px;
  }
  > header p {
    color: ${t.ink2};
  }
`;

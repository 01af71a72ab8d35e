import styled from 'styled-components';
import { t } from '../ui/theme.ts';

/** A place where something is looked at, and done from its foot. */
export const WorkPlace = styled.div`
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  min-height: 0;
  min-width: 0;
  > .body {
    overflow: auto;
    padding: 14px 20px 18px;
    display: grid;
    grid-auto-rows: max-content;
    grid-template-columns: minmax(0, 1fr);
    gap: 12px;
  }
  .body > header {
    display: flex;
    align-items: start;
    justify-content: space-between;
    gap: 12px;
  }
  h2 {
    font: 600 19px/1.25 ${t.names};
  }
  .sheet {
    background: ${t.paper};
    border-radius: ${t.corner};
    padding: 4px 8px;
    overflow-x: auto;
  }
  .fault {
    background: ${t.brickSoft};
    border-radius: ${t.corner};
    padding: 9px 12px;
  }
  .left {
    background: ${t.paper};
    border-radius: ${t.corner};
    padding: 10px 14px;
  }
  > .foot {
    background: ${t.paper};
    border-top: 1px solid ${t.line};
    padding: 10px 20px;
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 14px;
    min-height: 54px;
    a {
      color: ${t.pine};
      font-weight: 600;
    }
  }
`;

import { Button } from 'react-aria-components';
import styled from 'styled-components';
import { t } from '../../ui/theme.ts';

/** The name of a frame of the wall, which brings it near or in sight. */
export const Tag = styled(Button)`
  height: 24px;
  margin-bottom: 8px;
  display: inline-flex;
  align-items: center;
  gap: 5px;
  padding: 0 6px 0 6px;
  background: ${t.paper};
  border: 1px solid ${t.edge};
  border-radius: 12px 4px 4px 12px;
  font-size: 12px;
  font-weight: 500;
  white-space: nowrap;
  cursor: pointer;
  &::before {
    content: '';
    width: 7px;
    height: 7px;
    border-radius: 50%;
    border: 1.5px solid ${t.ink};
  }
  &[data-away] {
    border-style: dashed;
    b {
      color: ${t.pine};
      text-decoration: underline;
      font-weight: 600;
    }
  }
  &[data-near] {
    background: ${t.pineSoft};
    border-color: ${t.pine};
  }
`;

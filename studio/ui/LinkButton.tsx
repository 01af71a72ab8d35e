import styled from 'styled-components';
import { t } from './theme.ts';

/** A link to a file or a page that reads as a button. */
export const LinkButton = styled.a`
  display: inline-flex;
  align-items: center;
  justify-content: center;
  min-height: 28px;
  padding: 3px 11px;
  border: 1px solid ${t.edge};
  border-radius: ${t.corner};
  background: ${t.paper};
  color: ${t.ink};
  font-weight: 600;
  text-decoration: none;
  white-space: nowrap;
  &:hover {
    border-color: ${t.ink};
  }
`;

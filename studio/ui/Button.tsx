import { Button as AriaButton } from 'react-aria-components';
import styled, { css } from 'styled-components';
import { t } from './theme.ts';

const base = css`
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: 6px;
  min-height: 28px;
  padding: 3px 11px;
  border: 1px solid ${t.edge};
  border-radius: ${t.corner};
  background: ${t.paper};
  color: ${t.ink};
  font-weight: 600;
  cursor: pointer;
  white-space: nowrap;
  &[data-hovered] {
    border-color: ${t.ink};
  }
  &[data-disabled] {
    color: ${t.edge};
    border-color: ${t.line};
    cursor: default;
  }
`;

export const Button = styled(AriaButton)`
  ${base}
`;

/** A link to a file that reads as a button. */
export const LinkButton = styled.a`
  ${base}
  text-decoration: none;
  &:hover {
    border-color: ${t.ink};
  }
`;

/** Where one more of a list can be added. */
export const AddButton = styled(AriaButton)`
  border: 1px dashed ${t.edge};
  border-radius: ${t.corner};
  background: none;
  min-height: 32px;
  color: ${t.pine};
  font-weight: 600;
  cursor: pointer;
`;

export const MainButton = styled(AriaButton)`
  ${base}
  background: ${t.pine};
  border-color: ${t.pine};
  color: #fff;
  &[data-disabled] {
    background: ${t.line};
  }
`;

/** Measure or act now: publishing, and nothing else. */
export const TapeButton = styled(AriaButton)`
  ${base}
  background: ${t.tape};
  border-color: ${t.tape};
  min-height: 36px;
  &[data-disabled] {
    background: transparent;
    border-color: #3b4a53;
    color: #9fb0b8;
  }
`;

/** A button that reads as words of a bar. */
export const BarButton = styled(AriaButton)`
  ${base}
  border-color: transparent;
  background: none;
  color: inherit;
  font-weight: 500;
  &[data-hovered] {
    background: rgb(255 255 255 / 0.1);
    border-color: transparent;
  }
  &[data-disabled] {
    color: #6f808a;
    border-color: transparent;
  }
`;

export const QuietButton = styled(AriaButton)`
  ${base}
  border-color: transparent;
  background: none;
  padding: 3px 6px;
  min-height: 26px;
  font-weight: 500;
  &[data-hovered] {
    border-color: ${t.line};
    background: ${t.paper};
  }
`;

/** An action within a sentence. */
export const TextButton = styled(AriaButton)`
  border: 0;
  padding: 0;
  background: none;
  font-weight: 600;
  color: ${t.pine};
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
  border-radius: 3px;
`;

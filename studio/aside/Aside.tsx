import { useId, type ReactNode } from 'react';
import styled from 'styled-components';
import { t } from '../ui/theme.ts';

/** Where the studio asks something that does not have to be answered at once. */
export const AsideStack = styled.div`
  position: fixed;
  inset-block-end: 50px;
  inset-inline-end: 16px;
  z-index: 20;
  width: min(460px, calc(100vw - 32px));
  max-height: calc(100vh - 120px);
  overflow: auto;
  display: grid;
  gap: 10px;
  &:empty {
    display: none;
  }
`;

const Box = styled.section`
  background: ${t.paper};
  border: 1px solid ${t.edge};
  border-radius: ${t.corner};
  box-shadow: 0 8px 28px rgb(0 0 0 / 16%);
  padding: 12px 14px;
  h2 {
    font: 600 14px/1.3 ${t.names};
  }
  h2 + p {
    color: ${t.ink2};
  }
  li {
    padding-top: 9px;
    margin-top: 9px;
    border-top: 1px solid ${t.line};
  }
  li li {
    padding: 0;
    margin: 4px 0 0;
    border: 0;
  }
  b {
    font-weight: 600;
  }
  .choose {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-top: 6px;
  }
`;

/** A question beside the work: its title, what it is about in a sentence, and each thing that is asked. */
export function Aside({ title, about, children }: { title: string; about: ReactNode; children?: ReactNode }) {
  const id = useId();
  return (
    <Box aria-labelledby={id} role="region">
      <h2 id={id}>{title}</h2>
      <p role="status">{about}</p>
      {children}
    </Box>
  );
}

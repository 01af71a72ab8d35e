import type { ReactNode } from 'react';
import styled from 'styled-components';
import { MainButton } from '../ui/Button.tsx';
import { t } from '../ui/theme.ts';

const Place = styled.section`
  grid-area: middle;
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  min-width: 0;
  min-height: 0;
  border-inline-end: 1px solid ${t.line};
  > .body {
    overflow: auto;
    padding: 16px;
    display: grid;
    grid-auto-rows: max-content;
    gap: 12px;
  }
  h2 {
    font: 600 19px/1.25 ${t.names};
  }
  header p,
  .quiet {
    color: ${t.ink2};
  }
  .body a,
  .foot a:not([role='button']) {
    color: ${t.pine};
    font-weight: 600;
  }
  > .foot {
    background: ${t.paper};
    border-top: 1px solid ${t.line};
    padding: 10px 16px;
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 12px;
    min-height: 52px;
  }
`;

/** A card of a step. */
export const Card = styled.section`
  background: ${t.paper};
  border-radius: 10px;
  padding: 14px 16px;
  display: grid;
  gap: 10px;
  min-width: 0;
  h3 {
    font: 600 15px/1.3 ${t.names};
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: end;
    gap: 8px;
  }
  /* Labels above their fields, all in a row. */
  .row > div {
    display: flex;
    flex-direction: column;
    align-items: start;
    gap: 3px;
    input {
      width: 76px;
    }
  }
  .row > div:first-child {
    flex: 1 1 110px;
    min-width: 0;
    input {
      width: 100%;
    }
  }
  .row input {
    height: 32px;
  }
  .row > button {
    min-height: 32px;
  }
  .between {
    display: flex;
    align-items: start;
    justify-content: space-between;
    gap: 12px;
  }
`;

interface StepBodyProps {
  title: string;
  about: string;
  /** What is to be done before one goes on, or what has been. */
  said: ReactNode;
  /** What its last button does, if it has one. */
  next?: { does: string; can: boolean; go(): void } | undefined;
  children: ReactNode;
}

/** What is done in one step, and the way on. */
export function StepBody({ title, about, said, next, children }: StepBodyProps) {
  return (
    <Place aria-label={title}>
      <div className="body">
        <header>
          <h2>{title}</h2>
          <p>{about}</p>
        </header>
        {children}
      </div>
      <div className="foot">
        <span role="status">{said}</span>
        {next && (
          <MainButton isDisabled={!next.can} onPress={next.go}>
            {next.does}
          </MainButton>
        )}
      </div>
    </Place>
  );
}

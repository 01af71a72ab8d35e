import { lazy, Suspense } from 'react';
import { Button, DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { PopoverBox } from './Pick.tsx';
import { t } from './theme.ts';

const AnyColour = lazy(() => import('./AnyColour.tsx').then((module) => ({ default: module.AnyColour })));

const Row = styled.div`
  display: flex;
  align-items: center;
  gap: 6px;
  flex-wrap: wrap;
  margin-top: 4px;
  > button {
    height: 28px;
    min-width: 28px;
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    cursor: pointer;
    padding: 0 8px;
    background: #fff;
  }
  > button[data-chosen] {
    outline: 2px solid ${t.pine};
    outline-offset: 1px;
  }
`;

export interface ColourPickProps {
  label: string;
  /** #rrggbb, or null for none of its own. */
  value: string | null;
  none: string;
  offered: readonly string[];
  onChange(value: string | null): void;
}

/** A colour: none, one that is offered, or any, picked or typed. */
export function ColourPick({ label, value, none, offered, onChange }: ColourPickProps) {
  const own = value !== null && !offered.includes(value);
  return (
    <div role="group" aria-label={label}>
      <span>{label}</span>
      <Row>
        <Button data-chosen={value === null || undefined} onPress={() => onChange(null)}>
          {none}
        </Button>
        {offered.map((colour) => (
          <Button
            key={colour}
            style={{ background: colour }}
            data-chosen={value === colour || undefined}
            aria-label={`${label} ${colour}`}
            onPress={() => onChange(colour)}
          />
        ))}
        <DialogTrigger>
          <Button data-chosen={own || undefined} style={own ? { background: value } : undefined}>
            Other
          </Button>
          <PopoverBox>
            <Suspense fallback={<p>Opening…</p>}>
              <AnyColour label={label} value={value ?? '#ffffff'} onChange={onChange} />
            </Suspense>
          </PopoverBox>
        </DialogTrigger>
      </Row>
    </div>
  );
}

import { createElement } from 'react';
import { Button, Dialog, DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { clauseKind, type Clause } from '../../core/assortment/clauses/index.ts';
import { capital } from '../../core/sentence/sentence.ts';
import { useNames } from '../studioContext.tsx';
import { Choice } from '../ui/Choice.tsx';
import { PopoverBox } from '../ui/Pick.tsx';
import { controlsOf } from './clauses/index.tsx';

const Controls = styled(Dialog)`
  outline: none;
  padding: 10px 12px;
  width: 290px;
  display: flex;
  flex-direction: column;
  gap: 10px;
`;

export interface ClauseSaidProps {
  clause: Clause;
  /** It is not to be true. */
  not: boolean;
  onChange(clause: Clause, not: boolean): void;
}

/** A clause in words; its underlined pieces open its controls, with whether it is to be true or not. */
export function ClauseSaid({ clause, not, onChange }: ClauseSaidProps) {
  const names = useNames();
  const kind = clauseKind(clause.is);
  const inside = controlsOf(clause);
  const gone = kind.gone(clause, names);
  const pieces = kind.say(clause, names);
  return (
    <DialogTrigger>
      <Button className="said">
        {not && (
          <>
            <u>not</u>{' '}
          </>
        )}
        {pieces.map((one, i) =>
          // A clause that nothing opens is opened all the same, so that it can be turned into its opposite.
          typeof one === 'string' && pieces.length > 1 ? (
            one
          ) : (
            <u key={i}>{typeof one === 'string' ? one : one.text}</u>
          ),
        )}
        {gone.length > 0 && <span className="gone">{capital(gone.join(', '))} is no longer there</span>}
      </Button>
      <PopoverBox placement="bottom start" style={{ minWidth: 0 }}>
        <Controls aria-label={kind.name}>
          <Choice
            label={`${kind.name}: is or is not`}
            shown={false}
            value={not ? 'not' : 'is'}
            options={[
              { value: 'is', words: 'Is' },
              { value: 'not', words: 'Is not' },
            ]}
            onChange={(value) => onChange(clause, value === 'not')}
          />
          {inside && createElement(inside, { clause, onChange: (next) => onChange(next, not) })}
        </Controls>
      </PopoverBox>
    </DialogTrigger>
  );
}

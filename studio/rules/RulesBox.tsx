import { lazy, Suspense, useId, useMemo, useState } from 'react';
import styled from 'styled-components';
import { LONGEST_RULES } from '../../core/rules/longest.ts';
import { placesFor } from '../../core/rules/places.ts';
import type { RuleFault } from '../../core/rules/readRules.ts';
import type { KeptRules } from '../../core/rules/rulesTree.ts';
import type { Target } from '../../core/plan/target.ts';
import { counted, numeral } from '../../core/sentence/sentence.ts';
import { Hint } from '../settings/Stack.tsx';
import { useSet } from '../settings/useSetting.ts';
import { Button, TextButton } from '../ui/Button.tsx';
import { Switch } from '../ui/Switch.tsx';
import { t } from '../ui/theme.ts';

/** Fetched where rules are written. */
const RulesEditor = lazy(() =>
  import('./RulesEditor.tsx').then((module) => ({ default: module.RulesEditor })),
);

const Box = styled.div`
  display: flex;
  flex-direction: column;
  gap: 10px;
  h3 {
    font: 600 13px/1.4 ${t.text};
  }
  .faults {
    list-style: none;
    display: flex;
    flex-direction: column;
    gap: 6px;
    font-size: 12.5px;
  }
  .faults button {
    font-weight: 600;
  }
  .fault {
    color: ${t.brick};
    font-size: 12.5px;
  }
  .names {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
  }
  .names button {
    font: 12px/1.3 ${t.measures};
    padding: 2px 6px;
  }
  summary {
    cursor: pointer;
    font-size: 12.5px;
    padding: 2px 0;
  }
  details > * + * {
    margin-top: 6px;
  }
`;

/** So many of what is not used are listed; of the rest only how many there are. */
const MOST_LISTED = 12;

export interface RulesBoxProps {
  on: Target;
  /** Id of the shelf that they are for; null for the whole store. */
  shelfId: string | null;
  rules: KeptRules;
}

/** Own rules: written, read as they are typed, and switched off without losing them. */
export function RulesBox({ on, shelfId, rules }: RulesBoxProps) {
  const set = useSet(on);
  const headingId = useId();
  const [faults, setFaults] = useState<readonly RuleFault[]>([]);
  const [tooLong, setTooLong] = useState<number | null>(null);
  const [go, setGo] = useState<{ insert: string } | { line: number } | null>(null);
  const places = useMemo(() => placesFor(shelfId !== null), [shelfId]);
  const change = (text: string) => {
    const isTooLong = text.length > LONGEST_RULES;
    setTooLong(isTooLong ? text.length : null);
    if (!isTooLong) set('rules.text', text === '' ? undefined : text);
  };
  return (
    <Box role="region" aria-labelledby={headingId}>
      <h3 id={headingId}>{shelfId === null ? 'Own rules of the store' : 'Own rules of the shelf'}</h3>
      <Hint>
        Style rules (CSS) for what no setting offers. They come over all other settings, and checks cannot see
        what they change.
      </Hint>
      <Suspense fallback={<Hint>One moment…</Hint>}>
        <RulesEditor
          label={shelfId === null ? 'Own rules of the store' : 'Own rules of the shelf'}
          text={rules.text}
          shelfId={shelfId}
          places={places}
          go={go}
          onChange={change}
          onFaults={setFaults}
        />
      </Suspense>
      <div role="status">
        {tooLong !== null && (
          <p className="fault">
            Rules are at most {numeral(LONGEST_RULES)} characters long; these are {numeral(tooLong)}. They are
            not kept until they are shorter.
          </p>
        )}
        {tooLong === null && faults.length > 0 && (
          <p className="fault">{counted(faults.length, 'part')} not used; all else holds.</p>
        )}
      </div>
      {tooLong === null && faults.length > 0 && (
        <ul className="faults" aria-label="Not used">
          {faults.slice(0, MOST_LISTED).map((one, i) => (
            <li key={i}>
              <TextButton onPress={() => setGo({ line: one.line })}>Line {one.line}</TextButton> {one.why}.
            </li>
          ))}
          {faults.length > MOST_LISTED && <li>And {faults.length - MOST_LISTED} more.</li>}
        </ul>
      )}
      <Switch on={rules.on} onChange={(next) => set('rules.on', next ? undefined : false)}>
        Use these rules
      </Switch>
      <details>
        <summary>Names of elements</summary>
        <div className="names">
          {places.map(({ name, about }) => (
            <Button
              key={name}
              aria-label={`Insert .${name}: ${about}`}
              onPress={() => setGo({ insert: `.${name}` })}
            >
              .{name}
            </Button>
          ))}
        </div>
        <Hint>
          With states: <code>.card:hover .title</code>. By width:{' '}
          <code>@container region (width &lt; 560px)</code>. Addresses, fixed positions and tags are refused.
        </Hint>
      </details>
    </Box>
  );
}

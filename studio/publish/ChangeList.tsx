import { ChevronDown, ChevronUp } from 'lucide-react';
import { useState } from 'react';
import styled from 'styled-components';
import type { Change } from '../../core/change/change.ts';
import { capital, counted, listed } from '../../core/sentence/sentence.ts';
import { useStudio } from '../studioContext.tsx';
import { Button, QuietButton, TextButton } from '../ui/Button.tsx';
import { t } from '../ui/theme.ts';
import { WithSwatches } from './WithSwatches.tsx';

const Groups = styled.div`
  overflow: auto;
  border-block: 1px solid ${t.line};
  margin: 0 -24px;
  h3,
  h4,
  ul {
    margin: 0;
  }
  h3 {
    font: 600 13px/1.3 ${t.text};
    display: flex;
    justify-content: space-between;
    gap: 12px;
    padding: 6px 24px;
    background: ${t.wall};
    position: sticky;
    top: 0;
  }
  h3 span {
    font-weight: 400;
    font-size: 12px;
    color: ${t.ink2};
  }
  h4 {
    font: 600 13px/1.4 ${t.text};
  }
  ul {
    padding: 8px 24px 10px;
  }
  section + section {
    border-top: 1px solid ${t.line};
  }
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px 12px;
    align-items: start;
    padding: 3px 0;
    overflow-wrap: anywhere;
  }
  li ul {
    grid-column: 1 / -1;
    padding: 2px 0 4px 12px;
    border-inline-start: 2px solid ${t.line};
  }
  li li {
    padding: 1px 0;
    color: ${t.ink2};
  }
  small {
    color: ${t.ink2};
    font-size: 12px;
    display: block;
  }
  .open svg {
    vertical-align: -2px;
  }
`;

/** Changes by a part of their place, in the order in which they come. */
function groupedBy(changes: readonly Change[], part: 'group' | 'name'): [string | null, Change[]][] {
  const groups = new Map<string | null, Change[]>();
  for (const change of changes) {
    const key = change.place[part];
    groups.set(key, [...(groups.get(key) ?? []), change]);
  }
  return [...groups];
}

/** Everything that would change, by page and bay; each can be reverted alone, and what was said as one opened. */
export function ChangeList({ changes }: { changes: readonly Change[] }) {
  return (
    <Groups>
      {groupedBy(changes, 'group').map(([group, ofGroup]) => (
        <section key={group} aria-label={group!}>
          <h3>
            {group} <span>{counted(ofGroup.length, 'change')}</span>
          </h3>
          {groupedBy(ofGroup, 'name').map(([name, ofBay]) => (
            <ul key={name} aria-label={name ? `Changes of ${name}` : `Changes of ${group}`}>
              {name !== null && (
                <h4>
                  {name}
                  {ofBay[0]!.place.also.length > 0 && (
                    <small>Also on {listed([...ofBay[0]!.place.also])}</small>
                  )}
                </h4>
              )}
              {ofBay.map((change) => (
                <OneChange key={change.id} change={change} />
              ))}
            </ul>
          ))}
        </section>
      ))}
    </Groups>
  );
}

function OneChange({ change }: { change: Change }) {
  const { draft } = useStudio();
  const [opened, setOpened] = useState(false);
  const { text, settings, along, takeBack } = change;
  return (
    <li>
      <span>
        <WithSwatches text={capital(text)} />{' '}
        {settings.length > 0 && (
          <TextButton
            className="open"
            aria-expanded={opened}
            aria-label={`${counted(settings.length, 'setting')} of: ${text}`}
            onPress={() => setOpened(!opened)}
          >
            {counted(settings.length, 'setting')}{' '}
            {opened ? <ChevronUp size={13} aria-hidden /> : <ChevronDown size={13} aria-hidden />}
          </TextButton>
        )}
        {along.length > 0 && <small>With it: {listed([...along])}.</small>}
      </span>
      <Button aria-label={`Revert: ${text}`} onPress={() => draft.run(takeBack)}>
        Revert
      </Button>
      {opened && (
        <ul aria-label={`Settings of: ${text}`}>
          {settings.map((setting) => (
            <li key={setting.text}>
              <WithSwatches text={capital(setting.text)} />
              {setting.takeBack && (
                <QuietButton
                  aria-label={`Revert: ${setting.text}`}
                  onPress={() => draft.run(setting.takeBack!)}
                >
                  Revert
                </QuietButton>
              )}
            </li>
          ))}
        </ul>
      )}
    </li>
  );
}

import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { listEntries } from '../../../core/api/journal.ts';
import { fold } from '../../../core/catalogue/fold.ts';
import { dateFormat } from '../../../core/catalogue/formats.ts';
import { entryLacks, isOut, type EntryRow } from '../../../core/journal/entry.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { ENTRIES_KEY } from '../../api/entryWriter.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { FindField } from '../../ui/FindField.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { t } from '../../ui/theme.ts';
import { useNow } from '../../useNow.ts';
import { ListFoot } from '../ListFoot.tsx';
import { Middle } from '../Middle.tsx';
import { MissingFilters } from '../MissingFilters.tsx';
import { NotWritten } from '../NotWritten.tsx';
import { EntryPlace } from './EntryPlace.tsx';
import { sayEntryFact } from './sayEntryFact.ts';
import { NewEntry } from './NewEntry.tsx';

const List = styled.ul`
  list-style: none;
  flex: 1;
  min-height: 0;
  overflow: auto;
  background: ${t.paper};
  border-radius: ${t.corner};
  li + li {
    border-top: 1px solid ${t.line};
  }
  a {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px 14px;
    padding: 9px 14px;
    color: inherit;
    text-decoration: none;
  }
  a:hover {
    background: ${t.pineSoft};
  }
  a:focus-visible {
    outline: 2px solid ${t.pine};
    outline-offset: -2px;
  }
  b {
    overflow-wrap: anywhere;
  }
  .aside {
    color: ${t.ink2};
  }
  .mark {
    color: ${t.amber};
    font-size: 12px;
  }
`;

/** The journal: all entries, by what they lack; one is opened in their place. */
export function Journal() {
  const { client, entries: writer } = useStudio();
  const navigate = useNavigate();
  const { entryId } = useParams();
  const [typed, setTyped] = useState('');
  const [missing, setMissing] = useState<string | null>(null);
  const { data, error, refetch } = useQuery({
    queryKey: ENTRIES_KEY,
    queryFn: () => client.ask(listEntries),
  });
  const all = data?.entries;
  if (entryId !== undefined) return <EntryPlace key={entryId} id={Number(entryId)} all={all ?? []} />;
  const lack = entryLacks.find(({ id }) => id === missing);
  const isNarrowed = typed.trim() !== '' || lack !== undefined;
  const found = all?.filter(
    (one) =>
      fold([one.title, one.author, ...one.tags].join(' ')).includes(fold(typed)) && (!lack || lack.is(one)),
  );
  return (
    <Middle>
      <header>
        <h2>Journal</h2>
        <NewEntry onMade={(id) => void navigate(`/catalogue/journal/${id}`)} />
      </header>
      <FindField
        label="Find an entry"
        placeholder="A part of its title, author or tags"
        value={typed}
        onChange={setTyped}
      />
      <MissingFilters
        lacking={entryLacks.map(({ id, words, is }) => ({ id, words, count: all?.filter(is).length ?? 0 }))}
        chosen={missing}
        onChoose={setMissing}
      />
      <NotWritten writer={writer} say={sayEntryFact} />
      {error && !all && (
        <Notice action="Try again" onAction={() => void refetch()}>
          The journal could not be fetched: {error.message}
        </Notice>
      )}
      {!all && !error && <Notice>Fetching the journal…</Notice>}
      {found && found.length > 0 && (
        <List aria-label="Entries">
          {found.map((entry) => (
            <li key={entry.id}>
              <Link to={`/catalogue/journal/${entry.id}`}>
                <b>{entry.title}</b>
                <Out entry={entry} />
                <span className="aside">{[entry.author, ...entry.tags].filter(Boolean).join(', ')}</span>
                {entry.drafted && <span className="mark">text not saved</span>}
              </Link>
            </li>
          ))}
        </List>
      )}
      {found?.length === 0 && (
        <Notice>{isNarrowed ? 'No entry is so.' : 'There are no entries yet. Write the first one.'}</Notice>
      )}
      <ListFoot
        writer={writer}
        listed={
          all && found
            ? isNarrowed
              ? `${counted(found.length, 'entry', 'entries')} found`
              : counted(all.length, 'entry', 'entries')
            : ''
        }
      />
    </Middle>
  );
}

/** Since when an entry is shown, or from when on. */
function Out({ entry }: { entry: EntryRow }) {
  const { timeZone } = useDraft(({ plan }) => plan.house);
  const now = useNow();
  const day = dateFormat('en-GB', { dateStyle: 'medium', timeZone }).format(new Date(entry.publishedAt));
  if (entry.hidden) return <span className="mark">hidden</span>;
  return isOut(entry, now) ? <span className="aside">{day}</span> : <span className="mark">from {day}</span>;
}

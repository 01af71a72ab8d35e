import { useQuery } from '@tanstack/react-query';
import { ChevronLeft } from 'lucide-react';
import { useMemo } from 'react';
import { Link, useNavigate } from 'react-router';
import { useStore } from 'zustand';
import styled from 'styled-components';
import { readEntry } from '../../../core/api/journal.ts';
import type { EntryDetail } from '../../../core/catalogue/facts.ts';
import { isOut, type Entry, type EntryRow } from '../../../core/journal/entry.ts';
import { placeOfEntry } from '../../../core/journal/entryShelves.ts';
import { countWords, type EntryBlock } from '../../../core/journal/entryText.ts';
import { entryPage } from '../../../core/pages/entry.ts';
import { pagePath } from '../../../core/pages/index.ts';
import type { Page } from '../../../core/plan/page.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import { entryKey } from '../../api/entryWriter.ts';
import { usePictures } from '../../api/usePictureSearch.ts';
import { PageNow } from '../../arrange/wall/PageNow.tsx';
import { usePageViews } from '../../arrange/usePageViews.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Button, LinkButton, MainButton, TextButton } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { t } from '../../ui/theme.ts';
import { useNow } from '../../useNow.ts';
import { NotWritten } from '../NotWritten.tsx';
import { EntrySide } from './EntrySide.tsx';
import { EntryText } from './EntryText.tsx';
import { RemoveEntry } from './RemoveEntry.tsx';
import { sayEntryFact } from './sayEntryFact.ts';
import { useEntryText } from './useEntryText.ts';

const Place = styled.div`
  display: grid;
  grid-template:
    'head head side' auto
    'text now side' minmax(0, 1fr)
    'foot foot side' auto / minmax(0, 1fr) minmax(200px, 260px) 320px;
  min-height: 0;
  min-width: 0;
  @container studio (max-width: 1100px) {
    grid-template:
      'head head' auto
      'text side' minmax(0, 3fr)
      'now side' minmax(0, 2fr)
      'foot foot' auto / minmax(0, 1fr) minmax(260px, 320px);
  }
  > header {
    grid-area: head;
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 14px;
    padding: 12px 16px 8px;
    > a:first-child {
      display: inline-flex;
      align-items: center;
      gap: 3px;
      color: ${t.pine};
      font-weight: 600;
    }
    h2 {
      font: 600 18px/1.25 ${t.names};
      flex: 1;
      min-width: 0;
      overflow-wrap: anywhere;
    }
  }
  > .text {
    grid-area: text;
    display: grid;
    grid-auto-rows: max-content;
    grid-template-rows: minmax(0, 1fr);
    gap: 8px;
    min-width: 0;
    min-height: 0;
    padding: 0 0 12px 16px;
  }
  > .now {
    grid-area: now;
    display: grid;
    min-width: 0;
    min-height: 0;
  }
  > aside {
    grid-area: side;
    background: ${t.paper};
    border-inline-start: 1px solid ${t.line};
    padding: 14px 16px 20px;
    overflow: auto;
    h3 {
      font: 600 14px/1.3 ${t.names};
      margin-bottom: 5px;
    }
    section {
      border-top: 1px solid ${t.line};
      padding-top: 12px;
    }
    > section {
      margin-top: 14px;
    }
  }
  > .foot {
    grid-area: foot;
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px 14px;
    border-top: 1px solid ${t.line};
    padding: 8px 16px;
    min-height: 46px;
    color: ${t.ink2};
  }
  > .foot .said {
    flex: 1;
  }
`;

interface EntryPlaceProps {
  id: number;
  all: readonly EntryRow[];
}

/** One entry: its text, the page it makes, and what is said of it. */
export function EntryPlace({ id, all }: EntryPlaceProps) {
  const { client } = useStudio();
  const stored = useDraft((state) => state.draft);
  const pages = useDraft(({ plan }) => plan.pages);
  const { data, error, refetch } = useQuery({
    queryKey: entryKey(id),
    queryFn: () => client.ask(readEntry, { query: { id: String(id) } }),
  });
  if (error && !data)
    return (
      <Notice action="Try again" onAction={() => void refetch()}>
        The entry could not be fetched: {error.message}
      </Notice>
    );
  if (!data) return <Notice>Fetching the entry…</Notice>;
  if (!data.entry)
    return (
      <Notice>
        This entry is not there any more. <Link to="/catalogue/journal">See all entries</Link>
      </Notice>
    );
  const page = pages[placeOfEntry(stored, id)?.page.id ?? ''];
  return <Opened entry={data.entry} all={all} page={page} />;
}

/** Letters are read by somebody at so many words a minute. */
const WORDS_A_MINUTE = 200;

function Opened({ entry, all, page }: { entry: Entry; all: readonly EntryRow[]; page: Page | undefined }) {
  const { entries: writer, entryDrafts } = useStudio();
  const navigate = useNavigate();
  const now = useNow();
  const { text, differs, isTyped, write, save, putBack } = useEntryText(entry);
  const words = countWords(text);
  const minutes = Math.max(1, Math.round(words / WORDS_A_MINUTE));
  return (
    <Place>
      <header>
        <Link to="/catalogue/journal">
          <ChevronLeft size={16} aria-hidden /> All {counted(all.length, 'entry', 'entries')}
        </Link>
        <h2>{entry.title}</h2>
        {isOut(entry, now) && (
          <LinkButton href={pagePath(entryPage, entry.slug)} target="_blank" rel="noreferrer">
            See it in the shop
          </LinkButton>
        )}
      </header>
      <div className="text">
        <EntryText entry={entry} text={text} onChange={write} />
        <NotWritten writer={entryDrafts} say={sayEntryFact} />
        <NotWritten writer={writer} say={sayEntryFact} />
      </div>
      <div className="now">{page && <EntryNow entry={entry} text={text} page={page} />}</div>
      <aside aria-label={entry.title}>
        <EntrySide entry={entry} all={all} />
        <RemoveEntry entry={entry} onRemoved={() => void navigate('/catalogue/journal')} />
      </aside>
      <div className="foot">
        <span>
          {counted(words, 'word')}, about {counted(minutes, 'minute')} to read
        </span>
        <Said differs={differs} isTyped={isTyped} />
        {differs && (
          <>
            <Button onPress={() => void putBack()}>Put back</Button>
            <MainButton onPress={() => void save()}>Save the text</MainButton>
          </>
        )}
      </div>
    </Place>
  );
}

/** Whether what was written is kept, and who sees it; and the way back. */
function Said({ differs, isTyped }: { differs: boolean; isTyped: boolean }) {
  const { entries: writer, entryDrafts } = useStudio();
  const facts = useStore(writer);
  const drafts = useStore(entryDrafts);
  const undo = facts.done.at(-1);
  const isBusy = isTyped || facts.under + drafts.under > 0;
  return (
    <>
      <span className="said" role="status">
        {isBusy
          ? 'Keeping what you write…'
          : differs
            ? 'Kept, not saved: shoppers read the text as it was.'
            : 'Shoppers read this text.'}
      </span>
      {undo && <TextButton onPress={() => void writer.undo()}>Take back {undo.words}</TextButton>}
    </>
  );
}

const noTabs: Readonly<Record<string, string>> = {};

/** The page of the entry with the text as it is being written. */
function EntryNow({ entry, text, page }: { entry: Entry; text: readonly EntryBlock[]; page: Page }) {
  const { pictures } = usePictures(entry.pictureId === null ? [] : [entry.pictureId]);
  const picture = pictures.find(({ id }) => id === entry.pictureId) ?? null;
  const given = useMemo((): { entry: EntryDetail } => {
    const { id, slug, title, summary, author, tags, publishedAt } = entry;
    return {
      entry: { id, slug, title, summary, author, tags: [...tags], publishedAt, picture, text },
    };
  }, [entry, picture, text]);
  const view = usePageViews(page, page, noTabs, undefined, given).asItIs;
  return <PageNow title="Its page" named="The entry" view={view} begins="narrow" />;
}

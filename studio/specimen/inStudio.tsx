import { StyleSheetManager } from 'styled-components';
import './whatJsdomLacks.ts';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { createStore } from 'zustand/vanilla';
import { specimenStored, specimenTree } from '../../core/specimen/specimen.ts';
import type { AnyContract } from '../../core/api/contract.ts';
import { emptyVocabulary, type Vocabulary } from '../../core/catalogue/vocabulary.ts';
import type { StoredPlan } from '../../core/plan/storedPlan.ts';
import type { Unreadable } from '../../core/plan/reading.ts';
import { Refusal, type Client } from '../api/client.ts';
import { makeGoodsWriter } from '../api/goodsWriter.ts';
import { makeDraftWriter, makeEntryWriter } from '../api/entryWriter.ts';
import { makeGroupingWriter } from '../api/groupingWriter.ts';
import { makeItems } from '../api/items.ts';
import { makeUploads } from '../api/uploads.ts';
import { makeDraft, type Draft } from '../draft/draftStore.ts';
import type { Keep, KeepFault } from '../draft/kept/keep.ts';
import type { UnsentWork } from '../draft/kept/unsent.ts';
import { makeShopper } from '../seenBy/shopper.ts';
import { StudioContext, type Studio } from '../studioContext.tsx';

/** A keep that remembers what it was told. */
export interface SpecimenKeep extends Keep {
  removed: string[];
}

export interface Given {
  stored?: StoredPlan;
  unreadable?: readonly Unreadable[];
  left?: UnsentWork[];
  fault?: KeepFault | null;
  mayPublish?: boolean;
  /** The address in the studio. */
  at?: string;
  /** What of it there is. */
  vocabulary?: Partial<Vocabulary>;
  /** Answers of the server by method and path; what is not here is refused. */
  answers?: Readonly<Record<string, (body: unknown, query: Readonly<Record<string, string>>) => unknown>>;
}

export interface InStudio {
  draft: Draft;
  keep: SpecimenKeep;
  /** What was asked of the server, as method and path. */
  asked: string[];
}

/** Draws a component inside of the studio, with a made-up draft and a server of the given answers. For tests. */
export function inStudio(children: ReactNode, given: Given = {}): InStudio {
  const {
    stored = specimenStored([]),
    unreadable = [],
    left = [],
    fault = null,
    answers = {},
    at = '/',
  } = given;
  const asked: string[] = [];
  const ask = async (
    { method, path }: AnyContract,
    sent?: { body?: unknown; query?: Record<string, string> },
  ) => {
    const question = `${method} ${path}`;
    asked.push(question);
    const answer = answers[question];
    if (!answer) throw new Refusal('not-found', 404, `Nobody answers ${question}.`, null);
    return answer(sent?.body, sent?.query ?? {});
  };
  const send = (contract: AnyContract, file: Blob, query: Record<string, string>) =>
    ask(contract, { body: file, query });
  const client = { ask, send } as unknown as Client;
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const draft = makeDraft(stored, {}, null, () => 0, unreadable);
  const keep: SpecimenKeep = {
    fault: createStore<KeepFault | null>(() => fault),
    own: [],
    left,
    removed: [],
    write: async () => undefined,
    remove: async (window) => void keep.removed.push(window),
    setAside: async () => undefined,
    close: async () => undefined,
  };
  // Beside the document, where no style sheet is read: what is found by role would ask all of them for each element.
  const unseen = document.createElement('div');
  const studio: Studio = {
    account: {
      email: 'wren@shop.example',
      name: 'Wren',
      role: 'owner',
      mayPublish: given.mayPublish ?? true,
    },
    client,
    draft,
    items: makeItems(client, queries),
    goods: makeGoodsWriter(client, queries),
    groupings: makeGroupingWriter(client, queries),
    entries: makeEntryWriter(client, queries),
    entryDrafts: makeDraftWriter(client, queries),
    uploads: makeUploads(client, queries),
    tree: specimenTree,
    vocabulary: { ...emptyVocabulary, ...given.vocabulary },
    shopper: makeShopper(),
    titles: new Map(),
    learnTitles: () => undefined,
    saveNow: async () => {
      const unsaved = draft.unsaved();
      draft.saved(Object.fromEntries(unsaved.map(({ key, version }) => [key, version + 1])), unsaved, '');
    },
    keep,
    keepNow: async () => undefined,
    signOut: () => undefined,
  };
  render(
    <StyleSheetManager target={unseen}>
      <QueryClientProvider client={queries}>
        <MemoryRouter initialEntries={[at]}>
          <StudioContext value={studio}>{children}</StudioContext>
        </MemoryRouter>
      </QueryClientProvider>
    </StyleSheetManager>,
  );
  return { draft, keep, asked };
}

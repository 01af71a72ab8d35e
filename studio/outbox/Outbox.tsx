import { useInfiniteQuery, useMutation, useQueryClient, type InfiniteData } from '@tanstack/react-query';
import { useEffect, useEffectEvent, useState } from 'react';
import { GridList, GridListItem } from 'react-aria-components';
import { VisuallyHidden } from 'react-aria/VisuallyHidden';
import { useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { markMessage, readMessages, removeMessage } from '../../core/api/messages.ts';
import type { AnswerOf } from '../../core/api/contract.ts';
import { MESSAGE_KINDS } from '../../core/shopper/message.ts';
import { counted } from '../../core/sentence/sentence.ts';
import { useStudio } from '../studioContext.tsx';
import { Button } from '../ui/Button.tsx';
import { Notice } from '../ui/Notice.tsx';
import { t } from '../ui/theme.ts';

const Place = styled.div`
  display: grid;
  grid-template: minmax(0, 1fr) / minmax(280px, 380px) minmax(0, 1fr);
  min-height: 0;
  @container studio (max-width: 700px) {
    grid-template: minmax(0, 2fr) minmax(0, 3fr) / minmax(0, 1fr);
  }
  .list {
    background: ${t.paper};
    border-inline-end: 1px solid ${t.line};
    overflow: auto;
    padding: 14px 12px;
    display: flex;
    flex-direction: column;
    gap: 10px;
  }
  h2 {
    font: 600 16px/1.25 ${t.names};
  }
  .list p {
    color: ${t.ink2};
  }
`;

const Row = styled(GridListItem)`
  border: 1px solid transparent;
  border-radius: ${t.corner};
  padding: 8px 10px;
  cursor: pointer;
  outline: none;
  overflow-wrap: anywhere;
  &[data-hovered] {
    border-color: ${t.edge};
  }
  &[data-selected] {
    background: #fff;
    border-color: ${t.pine};
  }
  &[data-focus-visible] {
    outline: 2px solid ${t.pine};
    outline-offset: -2px;
  }
  .top {
    display: flex;
    justify-content: space-between;
    gap: 10px;
    color: ${t.ink2};
  }
  &[data-unread] .subject {
    font-weight: 700;
  }
`;

const Letter = styled.article`
  overflow: auto;
  padding: 20px 26px;
  display: flex;
  flex-direction: column;
  gap: 12px;
  h2 {
    font: 600 19px/1.25 ${t.names};
    overflow-wrap: anywhere;
  }
  .who {
    color: ${t.ink2};
    overflow-wrap: anywhere;
  }
  a {
    color: ${t.pine};
  }
  .does {
    display: flex;
    gap: 10px;
  }
  .body {
    white-space: pre-wrap;
    overflow-wrap: anywhere;
    background: ${t.paper};
    border-radius: ${t.corner};
    padding: 14px 16px;
    max-width: 720px;
  }
`;

const when = (iso: string) =>
  new Date(iso).toLocaleString([], {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  });

const KEY = ['messages'];
type Pages = InfiniteData<AnswerOf<typeof readMessages>, string>;

/** Mail of the store, which is kept here and sent nowhere: confirmations of orders, questions, requests for quotes and messages. */
export default function Outbox() {
  return (
    <>
      <VisuallyHidden elementType="h1">Outbox</VisuallyHidden>
      <Mail />
    </>
  );
}

function Mail() {
  const { client } = useStudio();
  const navigate = useNavigate();
  const { messageId } = useParams();
  const queries = useQueryClient();
  const { data, error, refetch, hasNextPage, isFetchingNextPage, fetchNextPage } = useInfiniteQuery({
    queryKey: KEY,
    queryFn: ({ pageParam }) => client.ask(readMessages, { query: { before: pageParam } }),
    initialPageParam: '',
    getNextPageParam: ({ messages, more }) => (more ? String(messages.at(-1)!.id) : undefined),
  });
  const { mutate: mark } = useMutation({
    mutationFn: (sent: { id: number; read: boolean }) => client.ask(markMessage, { body: sent }),
    onSuccess: ({ unread }, { id, read }) =>
      queries.setQueryData<Pages>(
        KEY,
        (before) =>
          before && {
            ...before,
            pages: before.pages.map((page) => ({
              ...page,
              unread,
              messages: page.messages.map((one) => (one.id === id ? { ...one, read } : one)),
            })),
          },
      ),
  });
  // Here until they are fetched again, so that one can be put back.
  const [removed, setRemoved] = useState<ReadonlySet<number>>(new Set());
  const { mutate: remove, error: notRemoved } = useMutation({
    mutationFn: (sent: { id: number; removed: boolean }) => client.ask(removeMessage, { body: sent }),
    onSuccess: ({ unread }, sent) => {
      setRemoved((before) => {
        const after = new Set(before);
        if (sent.removed) after.add(sent.id);
        else after.delete(sent.id);
        return after;
      });
      queries.setQueryData<Pages>(
        KEY,
        (before) => before && { ...before, pages: before.pages.map((page) => ({ ...page, unread })) },
      );
    },
  });
  const all = data?.pages.flatMap((page) => page.messages) ?? [];
  const messages = all.filter(({ id }) => !removed.has(id));
  const open = all.find(({ id }) => String(id) === messageId);
  // Reading it is what marks it; once marked otherwise it stays so while it is open.
  const isRead = useEffectEvent(() => {
    if (open && !open.read) mark({ id: open.id, read: true });
  });
  const openId = open?.id;
  useEffect(() => isRead(), [openId]);

  if (error)
    return (
      <Notice action="Try again" onAction={() => void refetch()}>
        {error.message}
      </Notice>
    );
  if (!data) return <Notice>Opening the outbox…</Notice>;
  if (all.length === 0)
    return (
      <Notice>
        No mail yet. Confirmations of orders, questions, requests for quotes and messages come here.
      </Notice>
    );
  const unread = data.pages[0]!.unread;
  return (
    <Place>
      <section className="list" aria-label="Mail">
        <h2>Outbox</h2>
        <p role="status">
          {unread > 0 ? `${counted(unread, 'message')} not read yet.` : 'All are read.'} Nothing is sent from
          here.
        </p>
        <GridList
          aria-label="Messages, the newest first"
          selectionMode="single"
          selectionBehavior="replace"
          selectedKeys={open ? [open.id] : []}
          onSelectionChange={(keys) => {
            const [id] = keys === 'all' ? [] : [...keys];
            if (id !== undefined) void navigate(`/outbox/${id}`);
          }}
        >
          {messages.map(({ id, kind, at, name, subject, read }) => (
            <Row key={id} id={id} textValue={subject} data-unread={read ? undefined : ''}>
              <div className="top">
                <span>
                  {MESSAGE_KINDS[kind].name}, {name}
                </span>
                <time dateTime={at}>{when(at)}</time>
              </div>
              <div className="subject">{subject}</div>
            </Row>
          ))}
        </GridList>
        {hasNextPage && (
          <Button isDisabled={isFetchingNextPage} onPress={() => void fetchNextPage()}>
            Show older
          </Button>
        )}
      </section>
      {open && removed.has(open.id) ? (
        <Notice focused action="Put it back" onAction={() => remove({ id: open.id, removed: false })}>
          “{open.subject}” was removed.
        </Notice>
      ) : open ? (
        <Letter aria-label="Message">
          <h2>{open.subject}</h2>
          <p className="who">
            {MESSAGE_KINDS[open.kind].way} {open.name}, {open.email}, {when(open.at)}
          </p>
          <p className="body">{open.body}</p>
          {open.product && (
            <p>
              About{' '}
              <a href={`/product/${open.product.slug}`} target="_blank" rel="noreferrer">
                {open.product.title}
              </a>
            </p>
          )}
          {notRemoved && <p role="alert">{notRemoved.message}</p>}
          <p className="does">
            <Button onPress={() => mark({ id: open.id, read: !open.read })}>
              {open.read ? 'Mark as not read' : 'Mark as read'}
            </Button>
            <Button onPress={() => remove({ id: open.id, removed: true })}>Remove</Button>
          </p>
        </Letter>
      ) : (
        <Notice>Choose a message to read it.</Notice>
      )}
    </Place>
  );
}

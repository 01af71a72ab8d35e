// @vitest-environment jsdom
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { afterEach, describe, expect, it } from 'vitest';
import type { Message } from '../../core/shopper/message.ts';
import { specimenStored } from '../../core/specimen/specimen.ts';
import { inStudio } from '../specimen/inStudio.tsx';
import Outbox from './Outbox.tsx';

afterEach(cleanup);

const message = (id: number, more: Partial<Message> = {}): Message => ({
  id,
  at: '2026-11-24T12:00:00.000Z',
  kind: 'question',
  name: `Shopper ${id}`,
  email: `shopper-${id}@place.example`,
  subject: `Question ${id}`,
  body: `Is piece ${id}\n<b>frost-proof</b>?`,
  product: { slug: `piece-${id}`, title: `Piece ${id}` },
  read: false,
  ...more,
});

/** A server with these messages, so many at once, which counts what is not read. */
function outbox(all: Message[], atOnce = 50, stuck = 0) {
  const messages = all.map((one) => ({ ...one }));
  const marked: unknown[] = [];
  const removed = new Set<number>();
  const there = () => messages.filter(({ id }) => !removed.has(id));
  const unread = () => there().filter((one) => !one.read).length;
  const places = (
    <Routes>
      <Route path="/outbox/:messageId" element={<Outbox />} />
      <Route path="*" element={<Outbox />} />
    </Routes>
  );
  inStudio(places, {
    stored: specimenStored([]),
    answers: {
      'GET /api/messages': (_, query) => {
        const before = Number(query.before || Infinity);
        const found = there().filter(({ id }) => id < before);
        return { messages: found.slice(0, atOnce), more: found.length > atOnce, unread: unread() };
      },
      'POST /api/messages/read': (body) => {
        const sent = body as { id: number; read: boolean };
        marked.push(sent);
        messages.find(({ id }) => id === sent.id)!.read = sent.read;
        return { unread: unread() };
      },
      'POST /api/messages/removed': (body) => {
        const sent = body as { id: number; removed: boolean };
        if (sent.id === stuck) throw new Error('It could not be removed just now.');
        removed[sent.removed ? 'add' : 'delete'](sent.id);
        return { unread: unread() };
      },
    },
  });
  return { marked };
}

describe('the outbox', () => {
  it('says that there is nothing yet', async () => {
    outbox([]);
    await screen.findByText(/^No mail yet\./);
  });

  it('opens a message as plain text, marks it as read once, and as not read again where that is asked', async () => {
    const { marked } = outbox([message(3), message(2, { read: true }), message(1)]);
    await screen.findByText('2 messages not read yet. Nothing is sent from here.');
    fireEvent.click(screen.getByRole('row', { name: 'Question 3' }));
    const letter = await screen.findByRole('article', { name: 'Message' });
    expect(letter.textContent).toContain('<b>frost-proof</b>');
    expect(letter.querySelector('b')).toBeNull();
    expect(letter.querySelector('a')!.getAttribute('href')).toBe('/product/piece-3');
    await screen.findByText('1 message not read yet. Nothing is sent from here.');
    fireEvent.click(screen.getByRole('button', { name: 'Mark as not read' }));
    await screen.findByText('2 messages not read yet. Nothing is sent from here.');
    expect(marked).toEqual([
      { id: 3, read: true },
      { id: 3, read: false },
    ]);
    // One that was read already is not marked again.
    fireEvent.click(screen.getByRole('row', { name: 'Question 2' }));
    await waitFor(() => expect(screen.getByRole('heading', { name: 'Question 2' })).toBeTruthy());
    expect(marked).toHaveLength(2);
  });

  it('removes a message, says so, and puts it back', async () => {
    outbox([message(3), message(2, { read: true })]);
    fireEvent.click(await screen.findByRole('row', { name: 'Question 3' }));
    await screen.findByText('All are read. Nothing is sent from here.');
    fireEvent.click(screen.getByRole('button', { name: 'Remove' }));
    await screen.findByText('“Question 3” was removed.');
    await waitFor(() =>
      expect(document.activeElement).toBe(screen.getByRole('button', { name: 'Put it back' })),
    );
    expect(screen.getAllByRole('row').map((row) => row.textContent)).toEqual([
      expect.stringContaining('Question 2'),
    ]);
    fireEvent.click(screen.getByRole('button', { name: 'Put it back' }));
    await screen.findByRole('row', { name: 'Question 3' });
    expect((await screen.findByRole('article', { name: 'Message' })).textContent).toContain('Question 3');
  });

  it('says why one could not be removed, and keeps it', async () => {
    outbox([message(3)], 50, 3);
    fireEvent.click(await screen.findByRole('row', { name: 'Question 3' }));
    fireEvent.click(await screen.findByRole('button', { name: 'Remove' }));
    expect((await screen.findByRole('alert')).textContent).toBe('It could not be removed just now.');
    expect(screen.getByRole('row', { name: 'Question 3' })).toBeTruthy();
  });

  it('shows older ones where there are any, each once', async () => {
    outbox(
      Array.from({ length: 5 }, (_, i) => message(5 - i, { kind: 'order', subject: `Your order ${5 - i}` })),
      2,
    );
    expect(await screen.findAllByRole('row')).toHaveLength(2);
    fireEvent.click(screen.getByRole('button', { name: 'Show older' }));
    await waitFor(() => expect(screen.getAllByRole('row')).toHaveLength(4));
    fireEvent.click(screen.getByRole('button', { name: 'Show older' }));
    await waitFor(() => expect(screen.getAllByRole('row')).toHaveLength(5));
    expect(screen.queryByRole('button', { name: 'Show older' })).toBeNull();
    expect(screen.getAllByRole('row').map((row) => row.textContent)).toEqual(
      [5, 4, 3, 2, 1].map((id) => expect.stringContaining(`Your order ${id}`) as string),
    );
  });
});

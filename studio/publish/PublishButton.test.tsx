// @vitest-environment jsdom
import { act, cleanup, fireEvent, screen } from '@testing-library/react';
import { useRef } from 'react';
import { afterEach, describe, expect, it } from 'vitest';
import { apply } from '../../core/plan/commands.ts';
import { readPlan, writtenPlan } from '../../core/plan/reading.ts';
import { specimenColumns as columns, specimenShelf, specimenStored } from '../../core/specimen/specimen.ts';
import { inStudio, type Given } from '../specimen/inStudio.tsx';
import { UndoRedo } from '../UndoRedo.tsx';
import { PublishButton } from './PublishButton.tsx';

afterEach(cleanup);

// As it is read: with the pages that every store has.
const live = readPlan(writtenPlan(specimenStored([specimenShelf('a'), specimenShelf('b')]))).plan;

function Bar() {
  const main = useRef<HTMLElement>(null);
  return (
    <>
      <UndoRedo />
      <PublishButton after={main} />
      <main ref={main} tabIndex={-1} />
    </>
  );
}
const release = (plan: unknown) => ({ live: plan && { number: 1, publishedAt: '', plan } });
const open = (released: unknown, given: Given = {}) =>
  inStudio(<Bar />, { stored: live, answers: { 'GET /api/live': () => release(released) }, ...given });
const button = (name: string | RegExp) => screen.findByRole<HTMLButtonElement>('button', { name });

describe('the button that publishes', () => {
  it('counts what shoppers do not see yet, with each edit and each step back', async () => {
    const { draft } = open(writtenPlan(live));
    expect((await button('Nothing to publish')).disabled).toBe(true);
    expect((await button('Undo')).disabled).toBe(true);
    act(() => draft.run(columns('a', 5)));
    expect((await button('Publish 1 change')).disabled).toBe(false);
    act(() => draft.run(columns('b', 6)));
    await button('Publish 2 changes');
    fireEvent.click(await button('Undo'));
    await button('Publish 1 change');
    fireEvent.click(await button('Redo'));
    await button('Publish 2 changes');
    expect((await button('Redo')).disabled).toBe(true);
  });

  it('counts everything as new before anything was published', async () => {
    open(null);
    expect((await button(/^Publish \d+ changes?$/)).disabled).toBe(false);
  });

  it('leaves out what is only tried beside a shelf', async () => {
    const { draft } = open(writtenPlan(live));
    await button('Nothing to publish');
    act(() => draft.run({ do: 'tryAnother', shelf: 'a' }));
    await button('Nothing to publish');
    expect(apply(live, { do: 'tryAnother', shelf: 'a' })).not.toEqual(live);
  });
});

// @vitest-environment jsdom
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { RuleCounts } from '../../core/api/assortments.ts';
import type { Group } from '../../core/assortment/rule.ts';
import { specimenProduct, specimenTree } from '../../core/specimen/specimen.ts';
import { inStudio, type Given } from '../specimen/inStudio.tsx';
import { RuleEditor } from './RuleEditor.tsx';

afterEach(cleanup);

const [one, two] = specimenTree.all;
const inCategory = (id: number) => ({ is: 'category' as const, ids: [id], below: true });

function Edited({ start, counts, told }: { start: Group; counts?: RuleCounts; told(rule: Group): void }) {
  const [rule, setRule] = useState(start);
  return (
    <RuleEditor
      rule={rule}
      counts={counts}
      wide={false}
      onOrder={vi.fn()}
      onChange={(next) => {
        setRule(next);
        told(next);
      }}
    />
  );
}

const draw = (start: Group, given: Given = {}, counts?: RuleCounts) => {
  const told = vi.fn<(rule: Group) => void>();
  inStudio(<Edited start={start} counts={counts} told={told} />, {
    ...given,
    answers: { 'GET /api/products': () => ({ products: [] }), ...given.answers },
  });
  return told;
};
const rows = () => within(screen.getByRole('grid', { name: 'Clauses of the rule' })).getAllByRole('row');
const type = (value: string) => {
  const field = screen.getByRole('combobox', { name: 'Add to the rule' });
  field.focus();
  fireEvent.change(field, { target: { value } });
};

describe('the editor of a rule', () => {
  it('turns a clause into its opposite and back, as one row', async () => {
    const told = draw({ join: 'all', parts: [{ is: 'featured' }] });
    fireEvent.click(screen.getByRole('button', { name: 'marked as featured' }));
    fireEvent.click(await screen.findByRole('radio', { name: 'Is not', hidden: true }));
    expect(told).toHaveBeenLastCalledWith({
      join: 'all',
      parts: [{ join: 'none', parts: [{ is: 'featured' }] }],
    });
    fireEvent.keyDown(document.activeElement!, { key: 'Escape' });
    await waitFor(() => expect(rows()).toHaveLength(1));
    expect(rows()[0]!.textContent).toContain('not marked as featured');
    fireEvent.click(screen.getByRole('button', { name: 'not marked as featured' }));
    fireEvent.click(await screen.findByRole('radio', { name: 'Is', hidden: true }));
    expect(told).toHaveBeenLastCalledWith({ join: 'all', parts: [{ is: 'featured' }] });
  });

  it('offers the one clause that two clauses were meant as, with its count, where together they leave nothing', async () => {
    const rule: Group = { join: 'all', parts: [inCategory(one!.id), inCategory(two!.id)] };
    const counted = (count: number): RuleCounts => ({
      all: 90,
      parts: [
        { path: [0], count: 40 },
        { path: [1], count },
      ],
      remains: count,
      inStock: count,
    });
    const answers = {
      'POST /api/assortments/counts': (body: unknown) => {
        expect((body as { assortment: { rule: Group } }).assortment.rule.parts).toHaveLength(1);
        return { ...counted(0), remains: 64 };
      },
    };
    const told = draw(rule, { answers }, counted(0));
    fireEvent.click(await screen.findByRole('button', { name: new RegExp(`${two!.name}.*, 64$`) }));
    expect(told).toHaveBeenLastCalledWith({
      join: 'all',
      parts: [{ is: 'category', ids: [one!.id, two!.id], below: true }],
    });
    cleanup();
    draw(rule, { answers }, counted(3));
    expect(screen.queryByText(/Nothing is both/)).toBeNull();
  });

  it('offers to make a typed category and one that is there into one clause', async () => {
    const told = draw({ join: 'all', parts: [inCategory(one!.id)] });
    type(two!.name);
    fireEvent.click(
      await screen.findByRole('option', { name: new RegExp(`${one!.name} or ${two!.name}`, 'i') }),
    );
    expect(told).toHaveBeenLastCalledWith({
      join: 'all',
      parts: [{ is: 'category', ids: [one!.id, two!.id], below: true }],
    });
  });

  it('finds a single product by its title', async () => {
    const told = draw(
      { join: 'all', parts: [] },
      {
        answers: {
          'GET /api/products': () => ({ products: [specimenProduct(7, { title: 'Amber mug' })] }),
        },
      },
    );
    type('amber');
    fireEvent.click(await screen.findByRole('option', { name: /Amber mug/ }));
    expect(told).toHaveBeenLastCalledWith({ join: 'all', parts: [{ is: 'named', ids: [7] }] });
  });
});

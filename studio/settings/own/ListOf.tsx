import { Copy, X } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import type { Command } from '../../../core/plan/commands.ts';
import type { Target } from '../../../core/plan/target.ts';
import { useStudio } from '../../studioContext.tsx';
import { AddButton, QuietButton } from '../../ui/Button.tsx';
import { OrderedList } from '../../ui/OrderedList.tsx';
import { Hint, Stack } from '../Stack.tsx';
import { changed } from './changed.ts';
import { freeId } from '../../../core/settings/freeId.ts';
import { SettingsBox } from './SettingsBox.tsx';

/** Changes one value of the row that is open; `undefined` takes it out. */
export type ChangeRow<T> = <K extends keyof T>(key: K, value: T[K] | undefined) => void;

/** A new row, and what has to be there before it. */
export interface MadeRow<T> {
  row: T;
  commands: readonly Command[];
}

/** The name of a step in which letters of a row's text are typed. */
export const rowStep = (setting: string, row: string, key: string): string => `${setting} ${row} ${key}`;

/** A row that needs nothing but itself. */
export const plainRow = <T,>(row: T): MadeRow<T> => ({ row, commands: [] });

export interface ListOfProps<T extends { id: string }> {
  on: Target;
  /** Id of the setting that holds the list. */
  setting: string;
  value: readonly T[];
  most: number;
  /** What one is called: "column". */
  noun: string;
  label: string;
  empty: string;
  nameOf(one: T, i: number): string;
  factsOf?(one: T): string;
  /** Rows that belong to the one above, and a row that begins or ceases to. */
  under?: { is(one: T): boolean; changed(one: T, under: boolean): T };
  /** At the end of its row. */
  asideOf?(one: T): ReactNode;
  /** A new one, or a copy of one, under an id that none has. */
  make?(id: string, copyOf: T | null): MadeRow<T>;
  /** What is done once one is gone. */
  gone?(one: T): Command;
  /** The row that is open where that is not the list's own affair. */
  opened?: { id: string | null; open(one: T | null): void };
  /** What is in it comes in otherwise: none is added or copied here. */
  fixed?: boolean;
  /** Ones that cannot be removed. */
  stays?(one: T): boolean;
  /** What copying one is called. */
  copying?: string;
  children(one: T, change: ChangeRow<T>): ReactNode;
}

/** A setting that is a list: its rows in their order, each with its settings below when it is open. */
export function ListOf<T extends { id: string }>({
  on,
  setting,
  value,
  most,
  noun,
  label,
  empty,
  nameOf,
  factsOf,
  asideOf,
  under,
  make,
  gone,
  opened,
  copying = 'Duplicate',
  fixed = false,
  stays,
  children,
}: ListOfProps<T>) {
  const { draft } = useStudio();
  const [ownOpen, setOwnOpen] = useState<string | null>(value.length === 1 ? value[0]!.id : null);
  const open = opened ? opened.id : ownOpen;
  const setOpen = (one: T | null) => (opened ? opened.open(one) : setOwnOpen(one?.id ?? null));
  const set = (list: readonly T[]): Command => ({ do: 'set', on, setting, value: list });
  /** @param step a name under which what follows quickly is one step back, as letters that are typed are */
  const write = (list: readonly T[], step?: string) => draft.run(set(list), step);
  const at = value.findIndex(({ id }) => id === open);
  const shown = value[at];
  const add = (copyOf: T | null, after: number) => {
    const { row, commands } = make!(freeId(noun, value), copyOf);
    const list = [...value.slice(0, after + 1), row, ...value.slice(after + 1)];
    draft.run({ do: 'together', commands: [...commands, set(list)] });
    setOpen(row);
  };
  const remove = (one: T) => {
    const list = value.filter((other) => other !== one);
    draft.run({ do: 'together', commands: [set(list), ...(gone ? [gone(one)] : [])] });
    setOpen(opened ? (list[at] ?? list.at(-1) ?? null) : null);
  };
  const isFull = value.length >= most;
  return (
    <Stack>
      <div data-setting={setting}>
        <OrderedList
          label={label}
          empty={empty}
          rows={value.map((one, i) => ({
            id: one.id,
            name: nameOf(one, i),
            facts: factsOf?.(one) ?? '',
            aside: asideOf?.(one),
            under: under?.is(one) ?? false,
          }))}
          open={open}
          onOpen={(id) => setOpen(id === ownOpen && !opened ? null : value.find((one) => one.id === id)!)}
          {...(under && {
            onUnder: (id: string, is: boolean) =>
              write(value.map((one, i) => (one.id === id && i > 0 ? under.changed(one, is) : one))),
          })}
          onMove={(id, next) => {
            const moved = value.find((one) => one.id === id)!;
            const rest = value.filter((one) => one !== moved);
            const to = next === undefined ? rest.length : rest.findIndex((one) => one.id === next);
            write([...rest.slice(0, to), moved, ...rest.slice(to)]);
          }}
        />
      </div>
      {shown && (
        <SettingsBox key={shown.id} aria-label={`Settings of ${nameOf(shown, at)}`}>
          <Stack>
            {children(shown, (key, next) =>
              write(
                value.map((one) => (one === shown ? changed(shown, key, next) : one)),
                rowStep(setting, shown.id, String(key)),
              ),
            )}
            <div>
              {!fixed && (
                <QuietButton isDisabled={isFull} onPress={() => add(shown, at)}>
                  <Copy size={14} aria-hidden /> {copying}
                </QuietButton>
              )}
              {!stays?.(shown) && (
                <QuietButton onPress={() => remove(shown)}>
                  <X size={14} aria-hidden /> Remove
                </QuietButton>
              )}
            </div>
          </Stack>
        </SettingsBox>
      )}
      {isFull ? (
        <Hint>
          There is room for {most} {noun}s.
        </Hint>
      ) : (
        !fixed && <AddButton onPress={() => add(null, value.length - 1)}>Add a {noun}</AddButton>
      )}
    </Stack>
  );
}

import { Copy, X } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import type { Target } from '../../../core/plan/target.ts';
import { useStudio } from '../../studioContext.tsx';
import { AddButton, QuietButton } from '../../ui/Button.tsx';
import { OrderedList } from '../../ui/OrderedList.tsx';
import { Hint, Stack } from '../Stack.tsx';
import { changed } from './changed.ts';
import { freeId } from './freeId.ts';
import { SettingsBox } from './SettingsBox.tsx';

/** Changes one value of the row that is open; `undefined` takes it out. */
export type ChangeRow<T> = <K extends keyof T>(key: K, value: T[K] | undefined) => void;

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
  /** A new one, under its id. */
  fresh(id: string): T;
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
  fresh,
  children,
}: ListOfProps<T>) {
  const { draft } = useStudio();
  const [open, setOpen] = useState<string | null>(value.length === 1 ? value[0]!.id : null);
  /** @param step a name under which what follows quickly is one step back, as letters that are typed are */
  const write = (list: readonly T[], step?: string) =>
    draft.run({ do: 'set', on, setting, value: list }, step);
  const at = value.findIndex(({ id }) => id === open);
  const opened = value[at];
  const add = (one: T, after: number) => {
    write([...value.slice(0, after + 1), one, ...value.slice(after + 1)]);
    setOpen(one.id);
  };
  const isFull = value.length >= most;
  return (
    <Stack>
      <div data-setting={setting}>
        <OrderedList
          label={label}
          empty={empty}
          rows={value.map((one, i) => ({ id: one.id, name: nameOf(one, i), facts: factsOf?.(one) ?? '' }))}
          open={open}
          onOpen={(id) => setOpen(id === open ? null : id)}
          onMove={(id, next) => {
            const moved = value.find((one) => one.id === id)!;
            const rest = value.filter((one) => one !== moved);
            const to = next === undefined ? rest.length : rest.findIndex((one) => one.id === next);
            write([...rest.slice(0, to), moved, ...rest.slice(to)]);
          }}
        />
      </div>
      {opened && (
        <SettingsBox key={opened.id} aria-label={`Settings of ${nameOf(opened, at)}`}>
          <Stack>
            {children(opened, (key, next) =>
              write(
                value.map((one) => (one === opened ? changed(opened, key, next) : one)),
                `${setting} ${opened.id} ${String(key)}`,
              ),
            )}
            <div>
              <QuietButton
                isDisabled={isFull}
                onPress={() => add({ ...opened, id: freeId(noun, value) }, at)}
              >
                <Copy size={14} aria-hidden /> Duplicate
              </QuietButton>
              <QuietButton
                onPress={() => {
                  write(value.filter((one) => one !== opened));
                  setOpen(null);
                }}
              >
                <X size={14} aria-hidden /> Remove
              </QuietButton>
            </div>
          </Stack>
        </SettingsBox>
      )}
      {isFull ? (
        <Hint>
          There is room for {most} {noun}s.
        </Hint>
      ) : (
        <AddButton onPress={() => add(fresh(freeId(noun, value)), value.length - 1)}>Add a {noun}</AddButton>
      )}
    </Stack>
  );
}

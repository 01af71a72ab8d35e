import { useState } from 'react';
import styled from 'styled-components';
import { partsOf } from '../../../core/card/parts/index.ts';
import { everShown, ofPart } from '../../../core/card/shown.ts';
import { assortmentOf } from '../../../core/plan/showing.ts';
import { partName, sayPart } from '../../../core/spec/card.ts';
import { useDraft, useNames, useStudio } from '../../studioContext.tsx';
import type { FieldFacts } from '../../../core/catalogue/vocabulary.ts';
import { fieldsOffered } from './fieldsOffered.ts';
import { OrderedList } from '../../ui/OrderedList.tsx';
import { Search } from '../../ui/Search.tsx';
import { WidthHeads, WidthsOn } from '../ShownAt.tsx';
import { Hint } from '../Stack.tsx';
import { useSet } from '../useSetting.ts';
import type { OwnControlProps } from './ownControl.ts';
import { PartSettings } from './PartSettings.tsx';
import { ReadyCards } from './ReadyCards.tsx';
import { usePartSamples } from './usePartSamples.ts';

const Column = styled.div`
  display: flex;
  flex-direction: column;
  gap: 10px;
`;

const partOf = (setting: string | null): string | null =>
  /^card\.parts\.([^.]+)\./.exec(setting ?? '')?.[1] ?? null;

/** The parts in use, in their order, each with its settings under the list; another is added by typing. */
export function CardParts({ on, setting, shelf, view, wanted }: OwnControlProps) {
  const plan = useDraft((state) => state.plan);
  const names = useNames();
  const { draft, vocabulary } = useStudio();
  const set = useSet(on);
  const samples = usePartSamples(plan, shelf);
  const [open, setOpen] = useState({ id: partOf(wanted), wanted });
  // A setting that is gone to opens its part.
  if (open.wanted !== wanted) setOpen({ id: partOf(wanted) ?? open.id, wanted });
  if (!shelf) return null;
  const kinds = partsOf(assortmentOf(plan, shelf).of);
  const byId = new Map(kinds.map((kind) => [kind.id, kind]));
  const all = shelf.card.order.filter((id) => byId.has(id));
  // One that is gone to is there though it is shown at no width.
  const used = all.filter((id) => everShown(shelf.card, id) || (id === open.id && id === partOf(wanted)));
  const move = (id: string, next: string | undefined) => {
    const rest = all.filter((one) => one !== id);
    rest.splice(next === undefined ? rest.length : rest.indexOf(next), 0, id);
    set(setting.id, rest);
  };
  const shown = new Set(kinds.flatMap(({ id }) => (everShown(shelf.card, id) ? [id] : [])));
  const fields = fieldsOffered(vocabulary.fields, shelf.card, samples, shown, shown);
  /** Puts one of the store's own fields on the card, with its name before it, as one step. */
  const addField = (field: FieldFacts, part: string) => {
    const values = {
      field: field.id,
      before: field.name.slice(0, 40),
      shown: { [names.bands[0]!.id]: true },
    };
    draft.run({
      do: 'together',
      commands: Object.entries(values).map(([key, value]) => ({
        do: 'set',
        on,
        setting: `card.parts.${part}.${key}`,
        value,
      })),
    });
    openPart(part);
  };
  const openPart = (id: string | null) => setOpen({ id, wanted });
  // One whose adding was undone is not there any more.
  const opened = open.id !== null && used.includes(open.id) ? byId.get(open.id) : undefined;
  return (
    <Column>
      <ReadyCards shelf={shelf} />
      <div data-setting={setting.id}>
        {used.length > 0 && <WidthHeads />}
        <OrderedList
          label="Parts of the card"
          empty="The card shows nothing yet."
          rows={used.map((id) => ({
            id,
            name: partName(shelf.card, byId.get(id)!, names),
            facts: sayPart(shelf.card, byId.get(id)!, names),
            aside: (
              <span data-setting={`card.parts.${id}.shown`}>
                <WidthsOn
                  underHeads
                  name={partName(shelf.card, byId.get(id)!, names)}
                  value={ofPart(shelf.card, id)!.shown}
                  onChange={(shown) => set(`card.parts.${id}.shown`, shown)}
                />
              </span>
            ),
          }))}
          open={open.id}
          onOpen={(id) => openPart(id === open.id ? null : id)}
          onMove={move}
        />
      </div>
      {opened && (
        <PartSettings
          key={opened.id}
          part={opened}
          on={on}
          shelf={shelf}
          wanted={wanted}
          cards={view?.cards ?? []}
          onRemove={() => {
            set(`card.parts.${opened.id}.shown`, { [names.bands[0]!.id]: false });
            openPart(null);
          }}
        />
      )}
      <Search
        label="Add a part"
        placeholder="Add a part: brand, item code, stock…"
        opensAtOnce
        find={(words) =>
          kinds
            .filter(({ id, name, find, ofField }) => {
              if (ofField) return false;
              const typed = words.trim().toLowerCase();
              return (
                !everShown(shelf.card, id) && [name.toLowerCase(), ...find].some((one) => one.includes(typed))
              );
            })
            .map(({ id, name }) => ({ id, words: name, aside: samples?.get(id) ?? '' }))
            .concat(fields.found(words))
        }
        onChoose={(id) => {
          const chosen = fields.chosen(id);
          if (chosen) addField(chosen.field, chosen.part);
          else {
            set(`card.parts.${id}.shown`, { [names.bands[0]!.id]: true });
            openPart(id);
          }
        }}
      />
      <Hint>
        Bring a frame near to drag parts to another place of the card, and the lower edge of a picture to
        another height.
      </Hint>
      {samples === null && <Hint>Samples of parts are coming…</Hint>}
    </Column>
  );
}

import { X } from 'lucide-react';
import { useState } from 'react';
import { labelKind, labelKinds } from '../../../core/label/labels/index.ts';
import { LABEL_PLACES, labelPlace, placeOf } from '../../../core/label/labelPlaces.ts';
import { wordsFault } from '../../../core/label/placeholders.ts';
import { labelName } from '../../../core/label/sayLabel.ts';
import { LABEL_PICTURE_PX } from '../../../core/label/labelKind.ts';
import {
  LABEL_PICTURE,
  LONGEST_LABEL,
  MOST_APART_PX,
  MOST_LABELS,
  type StoreLabel,
} from '../../../core/label/storeLabel.ts';
import { useDraft, useNames, useStudio } from '../../studioContext.tsx';
import { QuietButton } from '../../ui/Button.tsx';
import { ColourPick } from '../../ui/ColourPick.tsx';
import { OrderedList } from '../../ui/OrderedList.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { Search } from '../../ui/Search.tsx';
import { Stepper } from '../../ui/Stepper.tsx';
import { Words } from '../../ui/Words.tsx';
import { PictureControl } from '../controls/Picture.tsx';
import { changed } from './changed.ts';
import { SettingsBox } from './SettingsBox.tsx';
import { Hint, Stack } from '../Stack.tsx';
import type { OwnControlProps } from './ownControl.ts';

/** One more of a kind, or of a tag, under an id that no other has. */
function another(list: readonly StoreLabel[], kind: string, tag?: string): StoreLabel {
  const ids = new Set(list.map(({ id }) => id));
  let id = kind;
  for (let n = 2; ids.has(id); n += 1) id = `${kind}-${n}`;
  return { id, kind, ...(tag !== undefined && { tag }) };
}

/** The labels of the store: which, in which order, what they say, where they stand and in what colours. */
export function StoreLabels({ on, value }: Pick<OwnControlProps, 'on'> & { value: readonly StoreLabel[] }) {
  const { vocabulary, draft } = useStudio();
  const names = useNames();
  const [open, setOpen] = useState<string | null>(null);
  /** @param step a name under which what follows quickly is one step back, as letters that are typed are */
  const write = (list: readonly StoreLabel[], step?: string) =>
    draft.run({ do: 'set', on, setting: 'labels.list', value: list }, step);
  const opened = value.find(({ id }) => id === open);
  const change = (next: StoreLabel, what: string) =>
    write(
      value.map((one) => (one.id === next.id ? next : one)),
      `label ${next.id} ${what}`,
    );
  const has = (kind: string) => value.some((one) => one.kind === kind);
  const hasTag = (tag: string) => value.some((one) => one.tag === tag);
  const offered = [
    ...labelKinds
      .filter(({ id, tied }) => !tied && !has(id))
      .map(({ id, name, find }) => ({ id: `kind:${id}`, words: name, aside: '', find })),
    ...vocabulary.tags
      .filter(({ tag }) => !hasTag(tag))
      .map(({ tag, name, products }) => ({
        id: `tag:${tag}`,
        words: `For what has the tag "${name}"`,
        aside: `${products} products`,
        find: [name, 'own', 'tag'],
      })),
  ];
  return (
    <Stack>
      <h3>Labels</h3>
      <div data-setting="labels.list">
        <OrderedList
          label="Labels of the store"
          empty="The store has no labels."
          rows={value.map((label) => ({
            id: label.id,
            name: labelName(label, names),
            facts: label.words ? `“${label.words}”` : '',
          }))}
          open={open}
          onOpen={(id) => setOpen(id === open ? null : id)}
          onMove={(id, next) => {
            const moved = value.find((one) => one.id === id)!;
            const rest = value.filter((one) => one !== moved);
            const at = next === undefined ? rest.length : rest.findIndex((one) => one.id === next);
            write([...rest.slice(0, at), moved, ...rest.slice(at)]);
          }}
        />
      </div>
      {opened && (
        <LabelSettings
          key={opened.id}
          label={opened}
          onChange={change}
          onRemove={() => {
            write(value.filter((one) => one !== opened));
            setOpen(null);
          }}
        />
      )}
      {value.length < MOST_LABELS && (
        <Search
          label="Add a label"
          placeholder="Add a label: new, low stock, a tag…"
          opensAtOnce
          find={(typed) => {
            const words = typed.trim().toLowerCase();
            return offered.filter((one) =>
              [one.words, ...one.find].some((text) => text.toLowerCase().includes(words)),
            );
          }}
          onChoose={(id) => {
            const [how, ...rest] = id.split(':') as ['kind' | 'tag', ...string[]];
            const named = rest.join(':');
            const label = how === 'kind' ? another(value, named) : another(value, 'tag', named);
            write([...value, label]);
            setOpen(label.id);
          }}
        />
      )}
      <Hint>The one that comes first stands first. Shelves can leave each out.</Hint>
    </Stack>
  );
}

function LabelSettings({
  label,
  onChange,
  onRemove,
}: {
  label: StoreLabel;
  /** @param what the value of it that is changed */
  onChange(next: StoreLabel, what: string): void;
  onRemove(): void;
}) {
  const colours = useDraft((state) => state.plan.house.colours);
  const names = useNames();
  const kind = labelKind(label.kind);
  if (!kind) return null;
  const change = <K extends keyof StoreLabel>(key: K, value: StoreLabel[K] | undefined) =>
    onChange(changed(label, key, value), key);
  const { apartPx } = labelPlace(placeOf(label));
  const { text, accent, ground, card, reduced } = colours;
  const offered = [...new Set([accent, reduced, text, ground, card])];
  const named = kind.placeholders.map((name) => `{${name}}`).join(', ');
  return (
    <SettingsBox aria-label={`Settings of the label ${labelName(label, names)}`}>
      <h3>{labelName(label, names)}</h3>
      <Stack>
        <div>
          <Words
            label="Own words"
            value={label.words ?? ''}
            longest={LONGEST_LABEL}
            placeholder={kind.tied ? (names.tag(label.tag ?? '') ?? label.tag) : "the store's own"}
            fault={(typed) => wordsFault(typed, kind.placeholders)}
            onChange={(words) => change('words', words.trim() === '' ? undefined : words)}
          />
          {named && <Hint>Figures of the product: {named}</Hint>}
        </div>
        {kind.counts && (
          <Stepper
            label={kind.counts.name}
            value={label.from ?? kind.counts.atFirst}
            least={1}
            most={kind.counts.most}
            onChange={(from) => change('from', from)}
          />
        )}
        <Pick
          label="Place by the picture"
          value={placeOf(label)}
          options={LABEL_PLACES.map((id) => ({ value: id, words: labelPlace(id).name }))}
          onChange={(at) => change('at', at === placeOf({}) ? undefined : at)}
        />
        <Stepper
          label="From the edges of the picture, px"
          value={label.apartPx ?? apartPx}
          least={0}
          most={MOST_APART_PX}
          step={2}
          onChange={(px) => change('apartPx', px === apartPx ? undefined : px)}
        />
        <PictureControl
          control={{ is: 'picture' }}
          label="Picture instead of words"
          shown
          inherits={false}
          value={label.picture ?? null}
          onChange={(picture) => change('picture', (picture as string | null) ?? undefined)}
        />
        {label.picture && (
          <Stepper
            label="Height of the picture, px"
            shown
            value={label.picturePx ?? LABEL_PICTURE_PX}
            {...LABEL_PICTURE}
            step={4}
            onChange={(px) => change('picturePx', px === LABEL_PICTURE_PX ? undefined : px)}
          />
        )}
        <ColourPick
          label="Background"
          value={label.ground ?? null}
          none="Its own"
          offered={offered}
          onChange={(colour) => change('ground', colour ?? undefined)}
        />
        <ColourPick
          label="Words"
          value={label.ink ?? null}
          none="Its own"
          offered={offered}
          onChange={(colour) => change('ink', colour ?? undefined)}
        />
        <div>
          <QuietButton onPress={onRemove}>
            <X size={14} aria-hidden /> Remove from the store
          </QuietButton>
        </div>
      </Stack>
    </SettingsBox>
  );
}

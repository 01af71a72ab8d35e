import { useEffect } from 'react';
import { useForm } from 'react-hook-form';
import { instantOf, shownAt } from '../../../core/catalogue/clockTime.ts';
import { dateFormat } from '../../../core/catalogue/formats.ts';
import { isOut, type Entry, type EntryRow } from '../../../core/journal/entry.ts';
import { entryEdits } from '../../../core/journal/entryEdit.ts';
import { entryFact, type EntryFact } from '../../../core/journal/entryFacts.ts';
import { TimeControl } from '../../settings/controls/Time.tsx';
import { Hint, Stack } from '../../settings/Stack.tsx';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Choice } from '../../ui/Choice.tsx';
import { useNow } from '../../useNow.ts';
import { OnePicture } from '../groupings/OnePicture.tsx';
import type { KnownTag } from '../findTags.ts';
import { TagsField } from '../TagsField.tsx';
import { TextFact, type Texts } from '../TextFact.tsx';

const TEXTS = ['title', 'slug', 'author', 'summary'] as const;
const textsOf = (entry: Entry): Texts => Object.fromEntries(TEXTS.map((id) => [id, entry[id]]));

const SHOWN = { shown: 'Shown', hidden: 'Hidden' } as const;

/** What is said of an entry besides its text; each holds once it is set. */
export function EntrySide({ entry, all }: { entry: Entry; all: readonly EntryRow[] }) {
  const { entries: writer } = useStudio();
  const { timeZone } = useDraft(({ plan }) => plan.house);
  const now = useNow();
  const { control, reset, resetField } = useForm<Texts>({ defaultValues: textsOf(entry), mode: 'onBlur' });
  // What was changed elsewhere, or taken back, is in the fields; what is being typed stays.
  useEffect(() => reset(textsOf(entry), { keepDirtyValues: true }), [entry, reset]);
  const set = <F extends EntryFact['id']>(fact: F, is: Entry[F]) => {
    const edits = entryEdits(entry, fact, is);
    const { name } = entryFact(fact)!;
    if (edits.length > 0) void writer.write({ words: `${name.toLowerCase()} of ${entry.title}`, edits });
  };
  const text = (id: (typeof TEXTS)[number], lines = 1) => {
    const { name, schema } = entryFact(id)!;
    return (
      <TextFact
        control={control}
        name={id}
        label={name}
        schema={schema}
        lines={lines}
        saved={lines > 1}
        onCommit={(next) => {
          resetField(id, { defaultValue: next });
          set(id, next);
        }}
      />
    );
  };
  const day = dateFormat('en-GB', { dateStyle: 'long', timeStyle: 'short', timeZone }).format(
    new Date(entry.publishedAt),
  );
  return (
    <Stack>
      <Choice
        label="Visibility"
        value={entry.hidden ? 'hidden' : 'shown'}
        options={(['shown', 'hidden'] as const).map((value) => ({ value, words: SHOWN[value] }))}
        onChange={(next) => set('hidden', next === 'hidden')}
      />
      <Hint>
        {entry.hidden
          ? 'Nobody sees it.'
          : isOut(entry, now)
            ? `Shown to everyone since ${day}.`
            : `Shown to everyone from ${day} on.`}
      </Hint>
      <TimeControl
        control={{ is: 'time', none: '' }}
        label={entryFact('publishedAt')!.name}
        shown
        inherits={false}
        value={shownAt(entry.publishedAt, timeZone)}
        onChange={(next) => typeof next === 'string' && set('publishedAt', instantOf(next, timeZone))}
      />
      {text('title')}
      {text('slug')}
      {text('author')}
      {text('summary', 3)}
      <section>
        <h3>Picture</h3>
        <OnePicture label="Picture" value={entry.pictureId} onChange={(is) => set('pictureId', is)} />
      </section>
      <TagsField
        of="this entry"
        tags={entry.tags}
        known={knownTags(all)}
        one="entry"
        many="entries"
        onChange={(tags) => set('tags', tags)}
      />
    </Stack>
  );
}

/** Tags of the journal, with how many entries have each. */
function knownTags(all: readonly EntryRow[]): KnownTag[] {
  const counts = new Map<string, number>();
  for (const tag of all.flatMap(({ tags }) => tags)) counts.set(tag, (counts.get(tag) ?? 0) + 1);
  return [...counts].map(([tag, count]) => ({ tag, name: tag, count })).sort((a, b) => b.count - a.count);
}

import { useId, useState, useSyncExternalStore } from 'react';
import { DropZone, FileTrigger, Text } from 'react-aria-components';
import { useMutation } from '@tanstack/react-query';
import styled from 'styled-components';
import type { AnswerOf } from '../../core/api/contract.ts';
import { addTypeface, readTypefaces, removeTypeface } from '../../core/api/typefaces.ts';
import { capital, counted, listed } from '../../core/sentence/sentence.ts';
import { characterSets } from '../../core/text/characterSets.ts';
import { facesHeld, whenFaceComes } from '../../core/text/faces.ts';
import { ownTypeFamilies, typeFamilies } from '../../core/text/families/index.ts';
import { FONT_ENDINGS, MOST_FONT_BYTES, SAID_FONT_KINDS } from '../../core/text/fontLimits.ts';
import { familyCss } from '../../core/text/standIns.ts';
import { fontsOf, type TypeFamily } from '../../core/text/typeFamily.ts';
import { takeOwnTypefaces } from '../api/ownTypefaces.ts';
import { Hint } from '../settings/Stack.tsx';
import { useStudio } from '../studioContext.tsx';
import { Button, TextButton } from '../ui/Button.tsx';
import { sayBytes } from '../ui/sayBytes.ts';
import { t } from '../ui/theme.ts';
import { TypeSamples } from '../ui/TypeSamples.tsx';

const Box = styled.div`
  display: flex;
  flex-direction: column;
  gap: 12px;
  h3 {
    font: 600 13px/1.4 ${t.text};
  }
  ul {
    list-style: none;
    display: flex;
    flex-direction: column;
    gap: 10px;
  }
  .sample {
    font-size: 22px;
    line-height: 1.25;
    overflow-wrap: anywhere;
  }
  .row {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    gap: 8px;
  }
  .about {
    color: ${t.ink2};
    font-size: 12.5px;
  }
  [role='status'] {
    display: flex;
    flex-direction: column;
    gap: 6px;
  }
  .fault {
    color: ${t.brick};
    overflow-wrap: anywhere;
  }
`;

const Drop = styled(DropZone)`
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 8px;
  border: 1.5px dashed ${t.edge};
  border-radius: ${t.corner};
  padding: 12px;
  &[data-drop-target],
  &[data-focus-visible] {
    border-color: ${t.pine};
    background: ${t.pineSoft};
  }
`;

const letters = ({ sets }: Pick<TypeFamily, 'sets'>): string =>
  sets
    .map((set) => characterSets[set].name + (characterSets[set].isComplex ? ' (widths estimated)' : ''))
    .join('; ');

/** Slopes and weights that there are, in words. */
const styles = (family: TypeFamily): string =>
  listed(
    fontsOf(family).map(({ slope, weights: [least, most] }) => {
      const weights = least === most ? `weight ${least}` : `weights ${least} to ${most}`;
      return slope === 'italic' ? `italics, ${weights}` : weights;
    }),
  );

type Put = { name: string; before: number } & ({ answer: AnswerOf<typeof addTypeface> } | { fault: string });

/** What came of a file that was put in. */
function Came({ put }: { put: Put }) {
  if ('fault' in put)
    return (
      <p className="fault">
        {put.name}: {put.fault}
      </p>
    );
  const { family, bytes, leftOut, mayEmbed } = put.answer;
  return (
    <p>
      {put.name} is now part of {family.name}: {sayBytes(put.before)}, made to {sayBytes(bytes)} in{' '}
      {counted(family.fonts.flatMap(({ sets }) => sets).length, 'file')}.
      {leftOut > 0 && ` ${counted(leftOut, 'character')} of other scripts are left out.`}
      {!mayEmbed &&
        ' It says of itself that it may not be put into documents: ask its maker for a web licence.'}
    </p>
  );
}

/** The typefaces that a store can be set in: its own, which are put in here, and those that are shipped. */
export function Typefaces() {
  const { client } = useStudio();
  const ownId = useId();
  const shippedId = useId();
  useSyncExternalStore(whenFaceComes, facesHeld);
  const [came, setCame] = useState<readonly Put[]>([]);
  const add = useMutation({
    mutationFn: async (files: readonly File[]) => {
      const put: Put[] = [];
      for (const file of files) {
        const { name, size: before } = file;
        if (before > MOST_FONT_BYTES) {
          const fault = `This file is ${sayBytes(before)}; a font may have at most ${sayBytes(MOST_FONT_BYTES)}. Ask its maker for one for websites.`;
          put.push({ name, before, fault });
          continue;
        }
        try {
          const answer = await client.send(addTypeface, file, null);
          takeOwnTypefaces((await client.ask(readTypefaces)).families);
          put.push({ name, before, answer });
        } catch (error) {
          put.push({ name, before, fault: (error as Error).message });
        }
      }
      return put;
    },
    onSuccess: setCame,
  });
  const remove = useMutation({
    mutationFn: (id: string) => client.ask(removeTypeface, { body: { id } }),
    onSuccess: ({ families }) => {
      takeOwnTypefaces(families);
      setCame([]);
    },
  });
  const choose = (files: readonly File[]) => files.length && add.mutate(files);
  const own = ownTypeFamilies();
  return (
    <Box role="region" aria-label="Typefaces">
      <TypeSamples />
      <Hint>
        Choose where each is used under All text, or under an element. What is put in here can be chosen at
        once, and shoppers see it once it is used and published.
      </Hint>
      <h3 id={ownId}>Your own</h3>
      <Drop
        aria-label="Font files"
        getDropOperation={() => 'copy'}
        onDrop={({ items }) => {
          const files = items.flatMap((item) => (item.kind === 'file' ? [item.getFile()] : []));
          void Promise.all(files).then(choose);
        }}
      >
        <FileTrigger
          acceptedFileTypes={FONT_ENDINGS}
          allowsMultiple
          onSelect={(files) => choose([...(files ?? [])])}
        >
          <Button isDisabled={add.isPending}>
            {add.isPending ? 'Reading the letters…' : 'Add font files'}
          </Button>
        </FileTrigger>
        <Text slot="label" className="about">
          {SAID_FONT_KINDS}, or drop them here. Several weights and italics of one name make one typeface.
          Make sure that your licence allows use on a website.
        </Text>
      </Drop>
      <div role="status">
        {came.map((put, i) => (
          <Came key={i} put={put} />
        ))}
        {remove.isError && <p className="fault">{remove.error.message}</p>}
      </div>
      {own.length > 0 && (
        <ul aria-labelledby={ownId}>
          {own.map((family) => (
            <li key={family.id}>
              <p className="sample" style={{ fontFamily: familyCss(family) }}>
                {family.name}
              </p>
              <div className="row">
                <span className="about">
                  {capital(styles(family))}. {letters(family)}.
                </span>
                <TextButton aria-label={`Remove ${family.name}`} onPress={() => remove.mutate(family.id)}>
                  Remove
                </TextButton>
              </div>
            </li>
          ))}
        </ul>
      )}
      <h3 id={shippedId}>Shipped</h3>
      <ul aria-labelledby={shippedId}>
        {typeFamilies.map((family) => (
          <li key={family.id}>
            <p className="sample" style={{ fontFamily: familyCss(family) }}>
              {family.name}
            </p>
            <p className="about">
              {family.character}. {letters(family)}.
            </p>
          </li>
        ))}
      </ul>
    </Box>
  );
}

import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Input, Label, ToggleButton, TextField } from 'react-aria-components';
import styled from 'styled-components';
import type { PictureFacts } from '../../../../core/catalogue/facts.ts';
import { renditionAddress } from '../../../../core/picture/renditions.ts';
import { LEAST_BANNER_PX, MOST_BANNER_PX } from '../../../../core/plan/bays/banner.ts';
import { LINK } from '../../../../core/plan/link.ts';
import { LONGEST_HEADING, LONGEST_LINK, LONGEST_SENTENCE } from '../../../../core/plan/words.ts';
import { useStudio } from '../../../studioContext.tsx';
import { Button } from '../../../ui/Button.tsx';
import { Words } from '../../../ui/fields.tsx';
import { t } from '../../../ui/theme.ts';
import { Hint, SettingBox, Stack, useSet, VaryingStepper, type LineProps } from './controls.tsx';

/** The words of a notice or a banner. */
export function Says({ bay, page }: LineProps) {
  const set = useSet({ page: page.id, bay: bay.id });
  if (bay.holds === 'notice')
    return (
      <SettingBox id="words">
        <Words
          label="Words"
          value={bay.words}
          longest={LONGEST_HEADING}
          onChange={(value) => set('words', value)}
        />
        {!bay.words && <Hint>Without words the notice is not shown.</Hint>}
      </SettingBox>
    );
  if (bay.holds !== 'banner') return null;
  return (
    <Stack>
      <SettingBox id="title">
        <Words
          label="Title"
          value={bay.title}
          longest={LONGEST_HEADING}
          onChange={(value) => set('title', value)}
        />
      </SettingBox>
      <SettingBox id="words">
        <Words
          label="Words below"
          long
          value={bay.words}
          longest={LONGEST_SENTENCE}
          onChange={(value) => set('words', value)}
        />
      </SettingBox>
      <SettingBox id="button">
        <Words
          label="Button"
          value={bay.button}
          longest={60}
          placeholder="None"
          onChange={(value) => set('button', value)}
        />
      </SettingBox>
    </Stack>
  );
}

/** Where a notice or a banner's button leads. */
export function LeadsTo({ bay, page }: LineProps) {
  const set = useSet({ page: page.id, bay: bay.id });
  if (!('link' in bay)) return null;
  return (
    <SettingBox id="link">
      <Words
        label="Address"
        value={bay.link}
        longest={LONGEST_LINK}
        placeholder="Nowhere"
        fault={(value) =>
          value === '' || LINK.test(value)
            ? null
            : 'Begin with "/" for a page of the store, or with "https://".'
        }
        onChange={(value) => set('link', value)}
      />
      <Hint>/shop, /category/vases, or any https address</Hint>
    </SettingBox>
  );
}

const Pictures = styled.div`
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
  max-height: 250px;
  overflow: auto;
  padding: 3px;
  button {
    border: 0;
    padding: 0;
    background: ${t.line};
    border-radius: 4px;
    overflow: hidden;
    aspect-ratio: 4/3;
    cursor: pointer;
  }
  button[data-selected] {
    outline: 3px solid ${t.pine};
  }
  img {
    width: 100%;
    height: 100%;
    object-fit: cover;
    display: block;
  }
`;

/** The picture behind a banner's words, and how high it is. */
export function PictureLine({ bay, page }: LineProps) {
  const { client } = useStudio();
  const [words, setWords] = useState('');
  const on = { page: page.id, bay: bay.id };
  const set = useSet(on);
  const found = useQuery({
    queryKey: ['picture search', words],
    queryFn: () =>
      client.get<{ pictures: PictureFacts[] }>(`/api/pictures?words=${encodeURIComponent(words)}`),
    placeholderData: (before) => before,
  });
  if (bay.holds !== 'banner') return null;
  return (
    <Stack>
      <div data-setting="pictureId">
        <TextField value={words} onChange={setWords} aria-label="Find a picture">
          <Label>Picture</Label>
          <Input
            placeholder="Find by name"
            style={{
              width: '100%',
              border: `1px solid ${t.edge}`,
              borderRadius: 7,
              padding: '5px 9px',
              margin: '3px 0 8px',
            }}
          />
        </TextField>
        {found.isPending && <Hint>Fetching pictures …</Hint>}
        {found.isError && (
          <Hint>
            The pictures could not be fetched. <Button onPress={() => void found.refetch()}>Try again</Button>
          </Hint>
        )}
        {found.data?.pictures.length === 0 && <Hint>No picture is called “{words}”.</Hint>}
        <Pictures>
          {found.data?.pictures.map((picture) => (
            <ToggleButton
              key={picture.id}
              isSelected={bay.pictureId === picture.id}
              aria-label={picture.alt || 'Picture without a name'}
              onChange={(chosen) => set('pictureId', chosen ? picture.id : null)}
            >
              <img src={renditionAddress(picture.id, 160)} alt="" loading="lazy" />
            </ToggleButton>
          ))}
        </Pictures>
      </div>
      <VaryingStepper
        id="height"
        title="Height, px"
        on={on}
        value={bay.height}
        least={LEAST_BANNER_PX}
        most={MOST_BANNER_PX}
        step={20}
      />
    </Stack>
  );
}

import { useState } from 'react';
import { Input, Label, TextField, ToggleButton } from 'react-aria-components';
import styled from 'styled-components';
import { renditionAddress } from '../../../core/picture/renditions.ts';
import { usePictureSearch } from '../../api/usePictureSearch.ts';
import { Button } from '../../ui/Button.tsx';
import { t } from '../../ui/theme.ts';
import type { Controlled } from '../control.ts';
import { Hint } from '../Stack.tsx';

const Find = styled(TextField)`
  input {
    width: 100%;
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    padding: 5px 9px;
    margin: 3px 0 8px;
  }
`;

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

/** One of the stored pictures, found by its name. */
export function PictureControl({ label, value, onChange }: Controlled<'picture', string | null>) {
  const [words, setWords] = useState('');
  const found = usePictureSearch(words);
  return (
    <>
      <Find value={words} onChange={setWords} aria-label={`Find a picture: ${label}`}>
        <Label>{label}</Label>
        <Input placeholder="Find by name" />
      </Find>
      {found.isPending && <Hint>Fetching pictures…</Hint>}
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
            isSelected={value === picture.id}
            aria-label={picture.alt || 'Picture without a name'}
            onChange={(chosen) => onChange(chosen ? picture.id : null)}
          >
            <img src={renditionAddress(picture.id, 160)} alt="" loading="lazy" />
          </ToggleButton>
        ))}
      </Pictures>
    </>
  );
}

import { useState } from 'react';
import { Input, Label, ListBox, ListBoxItem, TextField } from 'react-aria-components';
import styled from 'styled-components';
import { usePictures, usePictureSearch } from '../../api/usePictureSearch.ts';
import { UploadButton } from '../../pictures/UploadButton.tsx';
import { UploadProgress } from '../../pictures/UploadProgress.tsx';
import { Button } from '../../ui/Button.tsx';
import { pictureName, PictureTile } from '../../pictures/PictureTile.tsx';
import { t } from '../../ui/theme.ts';
import type { Controlled } from '../control.ts';
import { Hint } from '../Stack.tsx';

const Find = styled(TextField)`
  input {
    width: 100%;
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    padding: 5px 9px;
    margin: 3px 0 0;
  }
`;

const Chosen = styled.div`
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr);
  gap: 10px;
  align-items: center;
  p {
    overflow-wrap: anywhere;
  }
`;

const Tiles = styled(ListBox)`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 6px;
  max-height: 250px;
  overflow: auto;
  padding: 3px;
  outline: none;
  .react-aria-ListBoxItem {
    border-radius: 4px;
    padding: 3px;
    cursor: pointer;
    outline: none;
    min-width: 0;
  }
  .react-aria-ListBoxItem[data-hovered] {
    background: ${t.line};
  }
  .react-aria-ListBoxItem[data-selected] {
    outline: 2px solid ${t.pine};
  }
  .react-aria-ListBoxItem[data-focus-visible] {
    outline: 3px solid ${t.pine};
  }
`;

/** One of the stored pictures, found by its name, or a new one from this computer. */
export function PictureControl({ label, value, onChange }: Controlled<'picture', string | null>) {
  const [words, setWords] = useState('');
  const found = usePictureSearch(words);
  const { pictures, isPending } = usePictures(value === null ? [] : [value]);
  const chosen = pictures.find(({ id }) => id === value);
  return (
    <>
      {value !== null && !isPending && (
        <Chosen>
          {chosen ? <PictureTile picture={chosen} /> : <span aria-hidden />}
          <div>
            <p>{chosen ? pictureName(chosen) : 'This picture is not in the store any more.'}</p>
            <Button onPress={() => onChange(null)}>No picture</Button>
          </div>
        </Chosen>
      )}
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
      {found.pictures?.length === 0 && (
        <Hint>{words ? `No picture is called “${words}”.` : 'The store has no pictures yet.'}</Hint>
      )}
      <Tiles
        aria-label={`Pictures: ${label}`}
        layout="grid"
        selectionMode="single"
        selectedKeys={value === null ? [] : [value]}
        onSelectionChange={(keys) => {
          const [key] = keys === 'all' ? [] : [...keys];
          onChange(key === undefined ? null : String(key));
        }}
      >
        {(found.pictures ?? []).map((picture) => (
          <ListBoxItem key={picture.id} id={picture.id} textValue={pictureName(picture)}>
            <PictureTile picture={picture} />
          </ListBoxItem>
        ))}
      </Tiles>
      {found.hasNextPage && (
        <Button isDisabled={found.isFetchingNextPage} onPress={() => void found.fetchNextPage()}>
          Show more pictures
        </Button>
      )}
      <UploadButton
        label="A picture from this computer"
        onStored={([picture]) => picture && onChange(picture.id)}
      />
      <UploadProgress />
    </>
  );
}

import { useState } from 'react';
import styled from 'styled-components';
import { usePictures } from '../../api/usePictureSearch.ts';
import { PictureTile } from '../../pictures/PictureTile.tsx';
import { PictureControl } from '../../settings/controls/Picture.tsx';
import { Button } from '../../ui/Button.tsx';

const Shown = styled.div`
  display: grid;
  grid-template-columns: 96px minmax(0, 1fr);
  align-items: center;
  gap: 12px;
  .does {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
`;

interface OnePictureProps {
  label: string;
  value: string | null;
  onChange(id: string | null): void;
}

/** The picture of something in the catalogue; the pictures of the store are shown once another is wanted. */
export function OnePicture({ label, value, onChange }: OnePictureProps) {
  const [choosing, setChoosing] = useState(false);
  const { pictures } = usePictures(value === null ? [] : [value]);
  const picture = pictures.find(({ id }) => id === value);
  if (choosing)
    return (
      <div style={{ display: 'grid', gap: 8 }}>
        <PictureControl
          label={label}
          shown={false}
          control={{ is: 'picture' }}
          inherits={false}
          value={value}
          onChange={(id) => onChange(id as string | null)}
        />
        <Button onPress={() => setChoosing(false)}>Done</Button>
      </div>
    );
  return (
    <Shown>
      {picture ? <PictureTile picture={picture} /> : <span>None yet</span>}
      <div className="does">
        <Button onPress={() => setChoosing(true)}>
          {value === null ? 'Choose a picture' : 'Another picture'}
        </Button>
        {value !== null && <Button onPress={() => onChange(null)}>No picture</Button>}
      </div>
    </Shown>
  );
}

import styled from 'styled-components';
import type { StorePicture } from '../../core/api/pictures.ts';
import { renditionAddress } from '../../core/picture/renditions.ts';
import { t } from '../ui/theme.ts';

/** What a picture without a name is called. */
export const pictureName = ({ name, alt }: Pick<StorePicture, 'name' | 'alt'>): string =>
  name || alt || 'Picture without a name';

const Tile = styled.span`
  display: grid;
  gap: 4px;
  min-width: 0;
  .face {
    aspect-ratio: 4/3;
    border-radius: 4px;
    overflow: hidden;
    background: repeating-conic-gradient(#e9edee 0 25%, #fff 0 50%) 0 0 / 12px 12px;
  }
  img {
    width: 100%;
    height: 100%;
    object-fit: contain;
    display: block;
  }
  .name {
    font-size: 12px;
    line-height: 1.25;
    color: ${t.ink2};
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    text-align: start;
  }
`;

/** A stored picture, whole, with its name under it. */
export function PictureTile({ picture, px = 160 }: { picture: StorePicture; px?: 160 | 240 | 320 }) {
  return (
    <Tile>
      <span className="face">
        <img src={renditionAddress(picture, px)} alt="" loading="lazy" />
      </span>
      <span className="name" title={pictureName(picture)}>
        {pictureName(picture)}
      </span>
    </Tile>
  );
}

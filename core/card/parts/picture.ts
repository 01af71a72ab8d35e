import { faceOf } from '../item.ts';
import { OFS, type PartKind } from '../partKind.ts';

export const picturePart: PartKind = {
  id: 'picture',
  of: OFS,
  name: 'Picture',
  find: ['picture', 'image', 'photograph', 'ratio', 'proportions', 'fill', 'whole', 'crop'],
  atFirst: true,
  view: (item, { labels }) => ({
    part: 'picture',
    picture: faceOf(item).picture,
    labels,
  }),
  heightPx: (view, { picture: shape }, widthPx) => {
    if (shape.by === 'height') return shape.px;
    if (shape.by === 'ratio') return widthPx / shape.ratio;
    const picture = view.part === 'picture' ? view.picture : null;
    return picture ? widthPx * (picture.height / picture.width) : widthPx;
  },
  say: ({ picture: { by, ratio, height, fit } }) => {
    const values = Object.values(by === 'height' ? height : ratio);
    const measure = by === 'height' ? `${values[0]} px high` : String(values[0]);
    return `picture ${measure}${new Set(values).size > 1 ? ' and others' : ''}${fit === 'whole' ? ' shown whole' : ''}`;
  },
};

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
    if (shape.by === 'height' || shape.by === 'screen') return shape.px;
    if (shape.by === 'ratio') return widthPx / shape.ratio;
    const picture = view.part === 'picture' ? view.picture : null;
    return picture ? widthPx * (picture.height / picture.width) : widthPx;
  },
  say: ({ picture: { by, ratio, height, screen, fit } }) => {
    const values = Object.values({ ratio, height, screen }[by]);
    const measure = {
      ratio: String(values[0]),
      height: `${values[0]} px high`,
      screen: `${values[0]} % of the screen high`,
    }[by];
    return `picture ${measure}${new Set(values).size > 1 ? ' and others' : ''}${fit === 'whole' ? ' shown whole' : ''}`;
  },
};

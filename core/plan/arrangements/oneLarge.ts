import { everywhere } from '../../bands/varying.ts';
import { growing, type Arrangement } from './arrangement.ts';

export const oneLarge: Arrangement = {
  id: 'oneLarge',
  name: 'One large at a time',
  about: 'A slider: one picture across the shelf with the words on it.',
  settings: (bands) => ({
    layout: everywhere(bands, 'slider'),
    'layoutOwn.slider.by': 'ratio',
    'layoutOwn.slider.ratio': growing(bands, '4:5', '16:9', '5:2'),
    'amount.by': 'items',
    'amount.items': everywhere(bands, 5),
    'moving.arrows': growing(bands, false, true),
    'moving.marks': everywhere(bands, 'dots'),
    'moving.loop': true,
    'paging.by': 'none',
  }),
};

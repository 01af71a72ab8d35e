// @vitest-environment jsdom
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import type { PictureFacts } from '../core/catalogue/facts.ts';
import { firstBands } from '../core/plan/firstBands.ts';
import { DrawnAtContext } from './drawnAt.ts';
import { Picture, type PictureProps } from './Picture.tsx';

const picture: PictureFacts = {
  id: 'cd'.repeat(32),
  file: 'ab'.repeat(32),
  alt: 'A mug',
  width: 1600,
  height: 1200,
  dominant: '#aabbcc',
  seeThrough: false,
  focal: { x: 0.5, y: 0.5 },
  placeholder: '',
};

const drawn = (props: Partial<PictureProps>, small = false): HTMLImageElement => {
  const body = document.createElement('body');
  const image = <Picture picture={picture} sizes="160px" {...props} />;
  body.innerHTML = renderToStaticMarkup(
    small ? (
      <DrawnAtContext value={{ widthPx: 1280, scale: 0.28, bands: firstBands }}>{image}</DrawnAtContext>
    ) : (
      image
    ),
  );
  return body.querySelector('img')!;
};

describe('a picture', () => {
  it('is measured by the browser where it is fetched late, in public', () => {
    expect(drawn({}).getAttribute('sizes')).toBe('auto, 160px');
    expect(drawn({}).getAttribute('loading')).toBe('lazy');
  });

  it('is never measured by the browser where it is wanted at once, as it could not be', () => {
    expect(drawn({ eager: true }).getAttribute('sizes')).toBe('160px');
    expect(drawn({ eager: true }).hasAttribute('loading')).toBe(false);
  });

  it('goes by its drawn width where the page is drawn small, whatever width its box has', () => {
    expect(drawn({}, true).getAttribute('sizes')).toBe('160px');
  });

  it('keeps its place before it is there, and is never asked for larger than it is', () => {
    const image = drawn({});
    expect([image.getAttribute('width'), image.getAttribute('height')]).toEqual(['1600', '1200']);
    const widths = [...image.srcset.matchAll(/ (\d+)w/g)].map(([, width]) => Number(width));
    expect(widths.length).toBeGreaterThan(2);
    expect(Math.max(...widths)).toBeLessThanOrEqual(1600);
    expect(widths).toEqual([...widths].sort((a, b) => a - b));
  });
});

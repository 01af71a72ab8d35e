import { useTexts } from '../texts.ts';
import { Arrow, Marks, Pause } from '../layouts/Moving.tsx';
import { Banner } from './Banner.tsx';
import type { BayDrawingProps } from './bayDrawing.ts';

/** Banners of which one is seen at a time: a row that scrolls, which the script of the page moves. */
export function BannersBay({ content: { banners, moving } }: BayDrawingProps<'banners'>) {
  const texts = useTexts();
  const moves = banners.length > 1;
  const name =
    banners.map(({ title, words, picture }) => title || words || picture?.alt).find(Boolean) ??
    texts.carousel;
  const shows = <T,>(at: Readonly<Record<string, T>>, is: (one: T) => boolean) =>
    moves && Object.values(at).some(is);
  const arrow = (to: 'previous' | 'next') => <Arrow to={to} moving={moving} name={name} />;
  return (
    <div
      className="banners"
      {...(moves && {
        role: 'group',
        'aria-roledescription': texts.carousel,
        'aria-label': name,
        'data-moving': 'foot',
        'data-loop': moving.loop || undefined,
        'data-rest': moving.play ? moving.restMs : undefined,
        'data-time': moving.moveMs,
        'data-swipe': true,
        'data-drag': true,
        'data-fades': moving.comes === 'fades' || undefined,
      })}
    >
      {moves && moving.play && <Pause name={name} />}
      {shows(moving.arrows, Boolean) && (
        <>
          {arrow('previous')}
          {arrow('next')}
        </>
      )}
      <div className="window">
        <ol className="banner-row" role="list">
          {banners.map((banner, i) => (
            <li key={i}>
              <Banner content={banner} level={i === 0 ? 1 : 2} eager={i === 0} />
            </li>
          ))}
        </ol>
      </div>
      {shows(moving.marks, (one) => one !== 'none') && <Marks name={name} />}
    </div>
  );
}

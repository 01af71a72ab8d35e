import { useStore } from 'zustand';
import { nominalOf, type Bands } from '../../../core/bands/bands.ts';
import { Switch } from '../../ui/Switch.tsx';
import { canTurn, wallChoice } from './stands.ts';

const without = (set: ReadonlySet<string>, id: string, is: boolean): ReadonlySet<string> => {
  const next = new Set(set);
  if (is) next.add(id);
  else next.delete(id);
  return next;
};

/** Which widths are shown, and which of them as landscape. */
export default function WidthsShownSheet({ bands }: { bands: Bands }) {
  const { away, turned, freePx } = useStore(wallChoice);
  const standing = bands.filter((band) => !away.has(band.id));
  return (
    <>
      {bands.map((band) => {
        const { width, height } = nominalOf(bands, band);
        return (
          <div key={band.id} style={{ display: 'contents' }}>
            <Switch
              on={!away.has(band.id)}
              onChange={(on) => {
                if (on || standing.length > 1) wallChoice.setState({ away: without(away, band.id, !on) });
              }}
            >
              {band.name}, {width} × {height}
            </Switch>
            {canTurn(width) ? (
              <Switch
                on={turned.has(band.id)}
                onChange={(on) => wallChoice.setState({ turned: without(turned, band.id, on) })}
              >
                Landscape
              </Switch>
            ) : (
              <span />
            )}
          </div>
        );
      })}
      <Switch on={freePx !== null} onChange={(on) => wallChoice.setState({ freePx: on ? 1000 : null })}>
        A frame of any width
      </Switch>
      <span />
      <p>As many as fit are shown whole; the others are tags that bring them in.</p>
    </>
  );
}

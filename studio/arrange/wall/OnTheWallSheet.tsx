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

/** Which bands stand on the wall, and which of them on their side. */
export default function OnTheWallSheet({ bands }: { bands: Bands }) {
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
                Turned sideways
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
      <p>One band stands on the wall at least.</p>
    </>
  );
}

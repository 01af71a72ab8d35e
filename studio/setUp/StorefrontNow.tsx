import { useState } from 'react';
import styled from 'styled-components';
import { nominalOf } from '../../core/bands/bands.ts';
import { pageStyles } from '../../core/css/pageCss.ts';
import type { PageView } from '../../core/view/view.ts';
import { Frame } from '../arrange/wall/Frame.tsx';
import { useSize } from '../arrange/wall/useSize.ts';
import { Choice } from '../ui/Choice.tsx';
import { t } from '../ui/theme.ts';

const nothing = () => undefined;

const Ground = styled.section`
  grid-area: now;
  min-width: 0;
  min-height: 0;
  padding: 14px 16px 16px;
  display: flex;
  flex-direction: column;
  gap: 10px;
  header {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 6px 12px;
  }
  h2 {
    font: 600 16px/1.25 ${t.names};
  }
  .room {
    flex: 1;
    min-height: 0;
    overflow: hidden;
    position: relative;
  }
  .waiting {
    position: absolute;
    inset: 22% 12% auto;
    list-style: none;
    display: grid;
    gap: 10px;
  }
  .waiting li {
    display: grid;
    gap: 2px;
    justify-items: center;
    text-align: center;
    background: ${t.paper};
    border: 1px dashed ${t.edge};
    border-radius: ${t.corner};
    padding: 12px;
  }
  .waiting span {
    color: ${t.ink2};
  }
`;

interface StorefrontNowProps {
  view: PageView;
  /** Names of its shelves that show nothing yet, for want of products. */
  waiting: readonly string[];
}

/** The home page of the draft as it is, at a width that is chosen, and what will be on it. */
export function StorefrontNow({ view, waiting }: StorefrontNowProps) {
  const { bands } = view;
  const [bandId, setBandId] = useState(bands.at(-2)?.id ?? bands[0]!.id);
  const band = bands.find(({ id }) => id === bandId) ?? bands[0]!;
  const [measure, size] = useSize();
  const { width } = nominalOf(bands, band);
  return (
    <Ground aria-label="Your storefront now">
      <header>
        <h2>Your storefront now</h2>
        <Choice
          label="Width"
          shown={false}
          value={band.id}
          options={bands.map(({ id, name }) => ({ value: id, words: name }))}
          onChange={setBandId}
        />
      </header>
      <div className="room" ref={measure}>
        {size.width > 0 && (
          <Frame
            view={view}
            styles={pageStyles(view)}
            widthPx={width}
            heightPx={Math.max(120, size.height)}
            scale={Math.min(1, size.width / width)}
            name={`The home page on ${band.name}`}
            chosenBay={null}
            onPress={nothing}
            onDocument={nothing}
          />
        )}
        {waiting.length > 0 && (
          <ul className="waiting">
            {waiting.map((name) => (
              <li key={name}>
                <b>{name}</b>
                <span>Step 2: as soon as you add products</span>
              </li>
            ))}
          </ul>
        )}
      </div>
    </Ground>
  );
}

import { useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { nominalOf } from '../../../core/bands/bands.ts';
import { pageStyles } from '../../../core/css/pageCss.ts';
import type { PageView } from '../../../core/view/view.ts';
import { Frame } from './Frame.tsx';
import { useSize } from '../../ui/useSize.ts';
import { Choice } from '../../ui/Choice.tsx';
import { t } from '../../ui/theme.ts';

const nothing = () => undefined;

const Ground = styled.section`
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
`;

interface PageNowProps {
  title: string;
  /** What it is a page of, as in "The home page". */
  named: string;
  view: PageView;
  /** Shown at first: the widest but one, or the narrowest. */
  begins: 'wide' | 'narrow';
  /** What lies over it. */
  children?: ReactNode;
}

/** A page of the draft as it is, at a width that is chosen. */
export function PageNow({ title, named, view, begins, children }: PageNowProps) {
  const { bands } = view;
  const [bandId, setBandId] = useState((begins === 'wide' ? bands.at(-2) : bands[0])?.id ?? bands[0]!.id);
  const band = bands.find(({ id }) => id === bandId) ?? bands[0]!;
  const [measure, size] = useSize();
  const { width } = nominalOf(bands, band);
  return (
    <Ground aria-label={title}>
      <header>
        <h2>{title}</h2>
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
            name={`${named} on ${band.name}`}
            chosenBay={null}
            onPress={nothing}
            onDocument={nothing}
          />
        )}
        {children}
      </div>
    </Ground>
  );
}

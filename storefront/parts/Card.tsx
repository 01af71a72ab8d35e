import { Label } from '../Label.tsx';
import { useTexts } from '../texts.ts';
import { Fragment, memo, type ReactNode } from 'react';
import { partKind, type PartView } from '../../core/card/parts/index.ts';
import type { Slots } from '../../core/card/slots.ts';
import type { LabelView } from '../../core/label/labelKind.ts';
import type { CardView } from '../../core/view/view.ts';
import { drawPart } from './index.tsx';
import type { PartContext } from './partDrawing.ts';

export interface CardProps {
  card: CardView;
  shelfId: string;
  /** Its place in the whole list, from 0. */
  place: number;
  sizes: string;
  eager: boolean;
  titleLevel: number;
}

/** One card of a shelf: the picture, with the texts before and after it, and one link over all of it. */
export const Card = memo(function Card({ card, shelfId, place, sizes, eager, titleLevel }: CardProps) {
  const Title = `h${titleLevel}` as PartContext['Title'];
  const texts = useTexts();
  const views = new Map<string, PartView>(card.parts.map((view) => [view.part, view]));
  const { lead, texts: lines, zones, breaks, pictured } = card.slots;
  const draw = (id: string) => {
    const view = views.get(id);
    return view && <Fragment key={id}>{drawPart(view, context)}</Fragment>;
  };
  const drawLines = (all: readonly string[][]) =>
    all.map((line) => {
      const parts = line.filter((id) => views.has(id));
      // A line that is shared at some width is a box of its own, whatever of it an item has.
      return line.length > 1 && parts.length > 0 ? (
        <div key={line[0]} className="row">
          {parts.map((id, i) => [
            i > 0 && breaks.includes(id) && <span key={`break-${id}`} className={`break break-${id}`} />,
            draw(id),
          ])}
        </div>
      ) : (
        parts.map(draw)
      );
    });
  const context: PartContext = {
    card,
    formId: `basket-${shelfId}-${card.id}`,
    sizes,
    eager,
    Title,
    texts,
    onPicture: (labels) => <OnPicture zones={zones} labels={labels} draw={draw} />,
  };
  const titled = [...lead, ...lines].some((line) =>
    line.some((id) => views.has(id) && partKind(id)?.carriesLink),
  );
  const picture = pictured && card.parts.find(({ part }) => partKind(part)?.isPicture);
  return (
    <li className="card" data-card={card.id} data-place={place}>
      {lead.length > 0 && <div className="texts lead">{drawLines(lead)}</div>}
      {picture && draw(picture.part)}
      <div className="texts">{drawLines(lines)}</div>
      {!titled && card.href && (
        <p className="part-title bare">
          <a href={card.href} aria-label={card.name || texts.seeMore} />
        </p>
      )}
    </li>
  );
});

/** The zones of a picture with what stands in them; labels first. */
function OnPicture({
  zones,
  labels,
  draw,
}: {
  zones: Slots['zones'];
  labels: readonly LabelView[];
  draw(id: string): ReactNode;
}) {
  const forLabels = new Set<string>(labels.map(({ at }) => at));
  const all = [
    ...[...forLabels]
      .filter((at) => !zones.some(({ zone }) => zone === at))
      .map((zone) => ({ zone, parts: [] })),
    ...zones,
  ];
  return all.map(({ zone, parts }) => (
    <div key={zone} className={`zone zone-${zone}`}>
      {forLabels.has(zone) && (
        <div className="labels">
          {labels
            .filter(({ at }) => at === zone)
            .map((label) => (
              <Label key={label.id} label={label} />
            ))}
        </div>
      )}
      {parts.map(draw)}
    </div>
  ));
}

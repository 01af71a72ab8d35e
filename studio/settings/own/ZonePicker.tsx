import { useState } from 'react';
import { Radio, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import { valueAt, type Varying } from '../../../core/bands/varying.ts';
import { faceOf } from '../../../core/card/item.ts';
import { partKind, partsOf, type AnyPart } from '../../../core/card/parts/index.ts';
import { slotsOf } from '../../../core/card/slots.ts';
import { labelPlace, placeOf } from '../../../core/label/labelPlaces.ts';
import { TEXT_ZONE, zoneKinds } from '../../../core/card/zones.ts';
import { labelsShown } from '../../../core/card/cardLabels.ts';
import { everShown } from '../../../core/card/shown.ts';
import { asLaidOut } from '../../../core/plan/like.ts';
import { assortmentOf } from '../../../core/plan/showing.ts';
import type { Shelf } from '../../../core/plan/shelf.ts';
import type { Target } from '../../../core/plan/target.ts';
import { partName } from '../../../core/spec/card.ts';
import { useDraft, useNames } from '../../studioContext.tsx';
import { t } from '../../ui/theme.ts';
import { useSet } from '../useSetting.ts';
import { DrawnCard } from './DrawnCard.tsx';
import { useCardPlaces } from './useCardPlaces.ts';
import { toDraw, useSampleItems } from './useSampleItems.ts';

/** The card in small: the true card where one can be drawn, and the places on it. */
const Box = styled.div`
  position: relative;
  width: fit-content;
`;

const DRAWN_PX = 190;
const MOST_HIGH_PX = 300;

/** A picture with its zones, and the texts under it. */
const Drawing = styled(RadioGroup)`
  display: grid;
  gap: 3px;
  &[data-plain] {
    grid-template: 34px 34px 34px 34px 44px / repeat(3, minmax(0, 1fr));
    width: ${DRAWN_PX}px;
    padding: 4px;
    border: 1px solid ${t.edge};
    border-radius: 6px;
    background: linear-gradient(${t.line} 0 152px, #fff 0);
  }
  &:not([data-plain]) {
    position: absolute;
    inset: 0;
    gap: 2px;
    > label {
      background: rgb(255 255 255 / 0.25);
      border-color: ${t.ink2};
      font-size: 0;
    }
    > label[data-hovered] {
      background: rgb(255 255 255 / 0.6);
    }
    > label[data-selected] {
      background: transparent;
      border-color: transparent;
      outline: 3px solid ${t.pine};
    }
  }
`;

const Zone = styled(Radio)`
  display: grid;
  place-items: center;
  border: 1px dashed ${t.edge};
  border-radius: 4px;
  background: #fff;
  font-size: 11px;
  line-height: 1.2;
  color: ${t.ink2};
  text-align: center;
  overflow: hidden;
  cursor: pointer;
  &[data-hovered] {
    border-color: ${t.ink};
  }
  &[data-selected] {
    border: 1px solid ${t.pine};
    background: ${t.pine};
    color: #fff;
    font-weight: 600;
  }
  &[data-focus-visible] {
    outline: 2px solid ${t.pine};
    outline-offset: 2px;
  }
`;

interface ZonePickerProps {
  part: AnyPart;
  on: Target;
  zone: Varying<string>;
  shelf: Shelf;
}

/** Where a part stands, chosen in a drawing of the card that names what stands there already; at every width alike. */
export function ZonePicker({ part, on, zone, shelf }: ZonePickerProps) {
  const plan = useDraft((state) => state.plan);
  const { bands } = plan.house;
  const { card } = shelf;
  const ofStore = useNames();
  const names = new Map(
    partsOf(assortmentOf(plan, shelf).of).map((kind) => [kind.id, partName(card, kind, ofStore)]),
  );
  const name = names.get(part.id)!;
  const set = useSet(on);
  const { lead, texts, zones } = slotsOf(card);
  const at = new Set(bands.map((band) => valueAt(zone, bands, band.id)));
  const partsIn = (id: string): string[] => {
    const others =
      id === TEXT_ZONE ? [...lead, ...texts].flat() : (zones.find((one) => one.zone === id)?.parts ?? []);
    const labels = labelsShown(plan.house.labels, card).some(
      (label) => labelPlace(placeOf(label)).corner === id,
    )
      ? ['Labels']
      : [];
    return [...labels, ...others.filter((one) => one !== part.id).flatMap((one) => names.get(one) ?? [])];
  };
  const pictured = card.order.some((id) => partKind(id)?.isPicture && everShown(card, id));
  const items = useSampleItems(plan, shelf);
  const item = toDraw(items ?? []);
  const [page, setPage] = useState<Document | null>(null);
  const places = useCardPlaces(page);
  const stored = useDraft(({ draft: { shelves } }) => {
    const own = shelves[shelf.id];
    return own && asLaidOut(shelves, own);
  });
  const drawing = (
    <Drawing
      aria-label={`Where ${name} stands`}
      value={at.size === 1 ? [...at][0]! : null}
      onChange={(next) => set(`card.parts.${part.id}.zone`, { [bands[0]!.id]: next })}
      orientation="horizontal"
      data-plain={places ? undefined : ''}
      style={places ?? undefined}
    >
      {zoneKinds.map(({ id, name: zoneName, css, drawn }) => (
        <Zone
          key={id}
          value={id}
          aria-label={zoneName}
          isDisabled={css !== null && !pictured}
          style={{ gridArea: drawn }}
        >
          {at.has(id as never) ? name : partsIn(id).join(', ')}
        </Zone>
      ))}
    </Drawing>
  );
  // Without a picture there is nothing that others stand on.
  if (!item || !stored || !pictured || faceOf(item).picture === null) return drawing;
  return (
    <Box>
      <DrawnCard
        shelf={stored}
        item={item}
        name={`The card with ${name}`}
        drawnPx={DRAWN_PX}
        mostHighPx={MOST_HIGH_PX}
        onDocument={setPage}
      />
      {drawing}
    </Box>
  );
}

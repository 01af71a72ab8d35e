import { X } from 'lucide-react';
import type { AnyPart } from '../../../core/card/parts/index.ts';
import { placeOf } from '../../../core/card/slots.ts';
import { assortmentOf } from '../../../core/plan/showing.ts';
import { shelfSettings, type Shelf } from '../../../core/plan/shelf.ts';
import type { Target } from '../../../core/plan/target.ts';
import { readPath } from '../../../core/settings/path.ts';
import type { ShownCard } from '../../../core/settings/setting.ts';
import { partName } from '../../../core/spec/card.ts';
import { useDraft, useNames } from '../../studioContext.tsx';
import { QuietButton } from '../../ui/Button.tsx';
import { SettingControl } from '../SettingControl.tsx';
import { SettingsBox } from './SettingsBox.tsx';
import { Hint, Stack } from '../Stack.tsx';
import { WhereItHolds } from '../WhereItHolds.tsx';
import { ZonePicker } from './ZonePicker.tsx';

interface PartSettingsProps {
  part: AnyPart;
  on: Target;
  shelf: Shelf;
  wanted: string | null;
  /** What the shelf shows now. */
  cards: readonly ShownCard[];
  onRemove(): void;
}

/** All that can be set of one part of the card: where it stands by a drawing, the rest by the usual controls. */
export function PartSettings({ part, on, shelf, wanted, cards, onRemove }: PartSettingsProps) {
  const plan = useDraft((state) => state.plan);
  const { bands } = plan.house;
  const name = partName(shelf.card, part, useNames());
  const under = `card.parts.${part.id}.`;
  const settings = shelfSettings(assortmentOf(plan, shelf).of).filter(
    ({ id }) => id.startsWith(under) && id !== `${under}shown`,
  );
  const silent = cards.length > 0 && !cards.some(({ parts }) => parts.some((one) => one.part === part.id));
  const zone = part.carriesLink ? undefined : placeOf(shelf.card, part.id)?.zone;
  return (
    <SettingsBox aria-label={`Settings of the part ${name}`}>
      <h4>{name}</h4>
      <Stack>
        {silent && (
          <Hint role="note">Has no effect now: No card that is shown has anything to say here.</Hint>
        )}
        {zone && <ZonePicker part={part} on={on} zone={zone} shelf={shelf} />}
        {settings.map((one) => (
          <WhereItHolds
            key={one.id}
            setting={one}
            document={shelf}
            shelf={shelf}
            bands={bands}
            wanted={wanted}
            shown={{ cards, steps: [], pictures: null }}
          >
            {(at) => <SettingControl on={on} setting={one} value={readPath(shelf, one.id)} at={at} />}
          </WhereItHolds>
        ))}
        <div>
          <QuietButton onPress={onRemove}>
            <X size={14} aria-hidden /> Remove from the card
          </QuietButton>
        </div>
      </Stack>
    </SettingsBox>
  );
}

import type { PlacedSetting } from '../../../core/settings/setting.ts';
import { Pick } from '../../ui/Pick.tsx';
import { Hint } from '../Stack.tsx';
import { SettingBox } from '../SettingBox.tsx';

const OWN = '(own)';

interface GiverPickProps {
  setting: PlacedSetting;
  /** What it has the values from; null for itself. */
  giver: string | null;
  /** What else it can have them from. */
  others: readonly string[];
  /** What others have them from this one; there is nothing to choose then. */
  followers: readonly string[];
  nameOf(id: string): string;
  /** Null for itself. */
  onChoose(giver: string | null): void;
}

/** Whether something has values of its own, or those of another, which are then set together. */
export function GiverPick({ setting, giver, others, followers, nameOf, onChoose }: GiverPickProps) {
  if (followers.length > 0)
    return <Hint>Also for {followers.map((id) => `"${nameOf(id)}"`).join(', ')}.</Hint>;
  const choices = [...new Set([...others, ...(giver === null ? [] : [giver])])];
  if (choices.length === 0) return null;
  return (
    <SettingBox id={setting.id}>
      <Pick
        label={setting.name}
        value={giver ?? OWN}
        options={[
          { value: OWN, words: 'Its own' },
          ...choices.map((id) => ({ value: id, words: `As "${nameOf(id)}"` })),
        ]}
        onChange={(id) => onChoose(id === OWN ? null : id)}
      />
      {giver !== null && <Hint>What is changed here is changed there too.</Hint>}
    </SettingBox>
  );
}

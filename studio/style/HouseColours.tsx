import styled from 'styled-components';
import { contrast, LEAST_CONTRAST, sayContrast } from '../../core/colour/contrast.ts';
import { subjectOf, type Target } from '../../core/plan/target.ts';
import { readPath } from '../../core/settings/path.ts';
import { HOUSE_COLOURS, type HouseColour } from '../../core/style/houseColour.ts';
import { SettingControl } from '../settings/SettingControl.tsx';
import { Hint, Stack } from '../settings/Stack.tsx';
import { useDraft } from '../studioContext.tsx';
import { t } from '../ui/theme.ts';

const HOUSE: Target = { house: true };

/** Colours that text is written in, and what they are written on. */
const WRITTEN: readonly [text: HouseColour, on: HouseColour][] = [
  ['text', 'ground'],
  ['quiet', 'ground'],
  ['reduced', 'ground'],
  ['onAccent', 'accent'],
];

const Said = styled.p`
  font-size: 12px;
  color: ${t.pine};
  &[data-low] {
    color: ${t.brick};
  }
`;

/** The colours that everything else can follow by their names. */
export function HouseColours() {
  const stored = useDraft(({ draft }) => draft);
  const house = useDraft(({ plan }) => plan.house);
  const subject = subjectOf(stored, HOUSE)!;
  const settings = subject.settings.filter(({ id }) => id.startsWith('colours.'));
  return (
    <Stack role="region" aria-label="Colours of the store">
      <Hint>What is set to one of these follows it wherever it is.</Hint>
      {settings.map((one) => {
        const pair = WRITTEN.find(([text]) => one.id === `colours.${text}`);
        const ratio = pair && contrast(house.colours[pair[0]], house.colours[pair[1]]);
        return (
          <div key={one.id}>
            <SettingControl on={HOUSE} setting={one} value={readPath(house, one.id)} at={[]} />
            {pair && ratio !== undefined && (
              <Said role="status" data-low={ratio < LEAST_CONTRAST || undefined}>
                {sayContrast(ratio)}:1 on {HOUSE_COLOURS[pair[1]].toLowerCase()}
                {ratio < LEAST_CONTRAST ? `, needs ${LEAST_CONTRAST}:1` : ''}
              </Said>
            )}
          </div>
        );
      })}
    </Stack>
  );
}

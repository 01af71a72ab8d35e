import { MOST_MARGIN_PX, MOST_SPACE_PX, NARROWEST_BAY_PX } from '../../../../core/plan/bay.ts';
import { LONGEST_HEADING } from '../../../../core/plan/words.ts';
import { useDraft } from '../../../studioContext.tsx';
import { ColourPick } from '../../../ui/ColourPick.tsx';
import { Choice, SlidingNumber, Switch, Words } from '../../../ui/fields.tsx';
import { SettingBox, Stack, useSet, VaryingStepper, type LineProps } from './controls.tsx';

/** Heading, width, ground and space around. */
export function Look({ bay, page }: LineProps) {
  const { colours, contentPx, margin: houseMargin } = useDraft((state) => state.plan.house);
  const on = { page: page.id, bay: bay.id };
  const set = useSet(on);
  return (
    <Stack>
      {bay.holds === 'shelf' && (
        <>
          <SettingBox id="heading.words">
            <Words
              label="Heading"
              value={bay.heading.words}
              longest={LONGEST_HEADING}
              placeholder="None"
              onChange={(value) => set('heading.words', value)}
            />
          </SettingBox>
          <SettingBox id="heading.level">
            <Choice
              label="Heading level"
              value={String(bay.heading.level)}
              options={['1', '2', '3', '4'].map((value) => ({ value, words: value }))}
              onChange={(value) => set('heading.level', Number(value))}
            />
          </SettingBox>
          <SettingBox id="heading.align">
            <Choice
              label="Heading stands"
              value={bay.heading.align}
              options={[
                { value: 'start', words: 'Start' },
                { value: 'center', words: 'Middle' },
                { value: 'end', words: 'End' },
              ]}
              onChange={(value) => set('heading.align', value)}
            />
          </SettingBox>
        </>
      )}
      <SettingBox id="look.width">
        <Choice
          label="Width"
          value={bay.look.width}
          options={[
            { value: 'content', words: 'Kept to the content' },
            { value: 'window', words: 'As wide as the window' },
            { value: 'own', words: 'Its own' },
          ]}
          onChange={(value) => set('look.width', value)}
        />
      </SettingBox>
      {bay.look.width === 'own' && (
        <SettingBox id="look.ownPx">
          <SlidingNumber
            label="At most, px"
            value={Math.min(bay.look.ownPx, contentPx)}
            least={NARROWEST_BAY_PX}
            most={contentPx}
            step={10}
            onChange={(value) => set('look.ownPx', value)}
          />
        </SettingBox>
      )}
      <SettingBox id="look.margin">
        <Switch
          on={bay.look.margin !== null}
          onChange={(own) => set('look.margin', own ? houseMargin : null)}
        >
          Margins of its own at the sides
        </Switch>
      </SettingBox>
      {bay.look.margin && (
        <VaryingStepper
          id="look.margin"
          title="Margin at the sides, px"
          on={on}
          value={bay.look.margin}
          least={0}
          most={MOST_MARGIN_PX}
          step={4}
        />
      )}
      <SettingBox id="look.ground">
        <ColourPick
          label="Ground"
          value={bay.look.ground}
          none="The page's own"
          offered={[colours.card, '#f3ecdf', '#e9efe9', '#e6ebf2', colours.text]}
          onChange={(value) => set('look.ground', value)}
        />
      </SettingBox>
      <VaryingStepper
        id="look.above"
        title="Space above, px"
        on={on}
        value={bay.look.above}
        least={0}
        most={MOST_SPACE_PX}
        step={4}
      />
      <VaryingStepper
        id="look.below"
        title="Space below, px"
        on={on}
        value={bay.look.below}
        least={0}
        most={MOST_SPACE_PX}
        step={4}
      />
    </Stack>
  );
}

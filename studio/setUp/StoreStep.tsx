import { Suspense } from 'react';
import { Link } from 'react-router';
import { LOCALES, sayLocale, sayTimeZone, timeZones } from '../../core/catalogue/storeWhere.ts';
import type { Command } from '../../core/plan/commands.ts';
import { subjectOf } from '../../core/plan/target.ts';
import { readPath } from '../../core/settings/path.ts';
import { STORE_SETTINGS } from '../../core/setUp/setUpSteps.ts';
import { ownControls } from '../settings/own/index.ts';
import { SettingControl } from '../settings/SettingControl.tsx';
import { useDraft, useStudio } from '../studioContext.tsx';
import { TextButton } from '../ui/Button.tsx';
import type { StepProps } from './step.ts';
import { Card, StepBody } from './StepBody.tsx';

/** What of the whole store is asked for here, in this order. */
const ASKED = [...STORE_SETTINGS, 'shop.place'];
const HOUSE = { house: true } as const;
const none: readonly string[] = [];

const setHouse = (setting: string, value: unknown): Command => ({ do: 'set', on: HOUSE, setting, value });

/** What the store is called, and how it writes prices and dates. */
export function StoreStep({ is, view, next }: StepProps) {
  const { draft } = useStudio();
  const stored = useDraft((state) => state.draft);
  const house = useDraft(({ plan }) => plan.house);
  const settings = subjectOf(stored, HOUSE)?.settings ?? [];
  const done = is.steps.some((step) => step.id === 'store' && step.done);
  const goOn = () => {
    // What stays as it was is confirmed as well.
    const commands = STORE_SETTINGS.filter((id) => stored.house[id] === undefined).map((id) =>
      setHouse(id, house[id]),
    );
    if (commands.length) draft.run({ do: 'together', commands });
    next?.go();
  };
  return (
    <StepBody
      title="Your store"
      about="How it is called, and how it writes prices and dates. All of it can be changed later."
      said={done ? 'Saved.' : 'Check these, then go on.'}
      next={next && { does: `Next: ${next.name.toLowerCase()}`, can: true, go: goOn }}
    >
      <AsHere />
      {is.facts.products === 0 && (
        <p className="quiet">
          Do you have a whole store in a file? <Link to="/catalogue/whole-store">Bring it in</Link>
        </p>
      )}
      <Card>
        {ASKED.map((id) => {
          const setting = settings.find((one) => one.id === id);
          if (!setting) return null;
          const own = ownControls[id];
          const value = readPath(house, id);
          return own ? (
            <Suspense key={id} fallback={<p>Opening…</p>}>
              <own.Control
                {...{
                  on: HOUSE,
                  setting,
                  at: none,
                  shelf: null,
                  view: null,
                  page: view,
                  bayId: '',
                  wanted: null,
                }}
                value={value as never}
              />
            </Suspense>
          ) : (
            <SettingControl key={id} on={HOUSE} setting={setting} value={value} at={none} />
          );
        })}
      </Card>
    </StepBody>
  );
}

/** The language and the time zone that this computer is set to, while they are not those of the store. */
function AsHere() {
  const { draft } = useStudio();
  const stored = useDraft((state) => state.draft.house);
  const { locale, timeZone } = useDraft(({ plan }) => plan.house);
  const { timeZone: zone } = new Intl.DateTimeFormat().resolvedOptions();
  const { language } = navigator;
  const offered = [
    ...(stored.locale === undefined && language !== locale && LOCALES.includes(language)
      ? [{ setting: 'locale', value: language, said: sayLocale(language) }]
      : []),
    ...(stored.timeZone === undefined && zone !== timeZone && timeZones().includes(zone)
      ? [{ setting: 'timeZone', value: zone, said: sayTimeZone(zone) }]
      : []),
  ];
  if (offered.length === 0) return null;
  return (
    <p className="quiet">
      This computer is set to {offered.map(({ said }) => said).join(' and ')}.{' '}
      <TextButton
        onPress={() =>
          draft.run({
            do: 'together',
            commands: offered.map(({ setting, value }) => setHouse(setting, value)),
          })
        }
      >
        Use that
      </TextButton>
    </p>
  );
}

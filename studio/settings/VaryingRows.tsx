import { useState } from 'react';
import styled from 'styled-components';
import type { Band } from '../../core/bands/bands.ts';
import { differs, valueAt, type Varying } from '../../core/bands/varying.ts';
import type { Target } from '../../core/plan/target.ts';
import type { PlacedSetting } from '../../core/settings/setting.ts';
import { useDraft } from '../studioContext.tsx';
import { TextButton } from '../ui/Button.tsx';
import { t } from '../ui/theme.ts';
import { BandValue } from './BandValue.tsx';
import { OneValue } from './OneValue.tsx';
import { useSet } from './useSetting.ts';
import { useStoredValue } from './useStoredValue.ts';

const Row = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto 26px;
  align-items: center;
  gap: 8px;
  padding: 4px 0;
  .width b {
    font-weight: 500;
    display: block;
    line-height: 1.2;
  }
  .width span {
    font: 400 11px/1.2 ${t.measures};
    color: ${t.ink2};
  }
`;

const Title = styled.div`
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 2px 12px;
  b {
    font-weight: 500;
  }
`;

const Folded = styled.p`
  color: ${t.ink2};
  font-size: 12px;
  margin-top: 3px;
`;

/** Where the value of a band comes from: set here, as on a narrower band, of the house, or the default. */
export interface FromWhere {
  own: boolean;
  words: string;
}

/** Where each band's value comes from. */
export function fromWhere(
  own: Readonly<Record<string, unknown>>,
  bands: readonly Band[],
  inherits: string,
): Map<string, FromWhere> {
  let narrower: Band | undefined;
  return new Map(
    bands.map((band) => {
      const isOwn = Object.hasOwn(own, band.id);
      if (isOwn) narrower = band;
      return [band.id, { own: isOwn, words: isOwn ? '' : narrower ? `as on ${narrower.name}` : inherits }];
    }),
  );
}

export interface VaryingRowsProps {
  on: Target;
  setting: PlacedSetting;
  /** With its unit. */
  label: string;
  value: Varying<unknown>;
  /** Ids of the bands at which it has an effect. */
  at: readonly string[];
}

/** A value at each width; where none is set there, what holds instead and from where. */
export function BandRows({ on, setting, label, value, at }: VaryingRowsProps) {
  const bands = useDraft((state) => state.plan.house.bands);
  const own = (useStoredValue(on, setting.id) ?? {}) as Readonly<Record<string, unknown>>;
  const froms = fromWhere(own, bands, setting.byDefault.is === 'house' ? 'house style' : 'default');
  return bands.map((band) => {
    if (!at.includes(band.id)) return null;
    const from = froms.get(band.id)!;
    return (
      <Row key={band.id}>
        <span className="width">
          <b>{band.name}</b>
          <span>{from.words || ' '}</span>
        </span>
        <BandValue
          on={on}
          setting={setting}
          band={band}
          label={label}
          value={valueAt(value, bands, band.id)}
          own={from.own}
        />
      </Row>
    );
  });
}

/** A value that may vary: one control until it differs by width or is opened, then one at each width. */
export function VaryingRows(props: VaryingRowsProps) {
  const { on, setting, label, value } = props;
  const bands = useDraft((state) => state.plan.house.bands);
  const isSet = useStoredValue(on, setting.id) !== undefined;
  const set = useSet(on);
  const [opened, setOpened] = useState(false);
  const narrowest = valueAt(value, bands, bands[0]!.id);
  const setEverywhere = (next: unknown) => set(setting.id, { [bands[0]!.id]: next });
  if (!opened && !differs(value, bands))
    return (
      <div data-setting={setting.id}>
        <OneValue
          setting={setting}
          label={label}
          value={narrowest}
          isSet={isSet}
          onChange={(next) => (next === undefined ? set(setting.id, next) : setEverywhere(next))}
        />
        <Folded>
          Same at every width ·{' '}
          <TextButton aria-label={`Set ${label} per width`} onPress={() => setOpened(true)}>
            Set per width
          </TextButton>
        </Folded>
      </div>
    );
  return (
    <div data-setting={setting.id} role="group" aria-label={label}>
      <Title>
        <b>{label}</b>
        <TextButton
          aria-label={`Set ${label} the same at every width`}
          onPress={() => {
            setOpened(false);
            if (differs(value, bands)) setEverywhere(narrowest);
          }}
        >
          Same at every width
        </TextButton>
      </Title>
      <BandRows {...props} />
    </div>
  );
}

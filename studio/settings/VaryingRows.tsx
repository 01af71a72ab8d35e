import styled from 'styled-components';
import type { Band } from '../../core/bands/bands.ts';
import { valueAt, type Varying } from '../../core/bands/varying.ts';
import type { Target } from '../../core/plan/target.ts';
import type { PlacedSetting } from '../../core/settings/setting.ts';
import { useDraft } from '../studioContext.tsx';
import { t } from '../ui/theme.ts';
import { BandValue } from './BandValue.tsx';
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

const Title = styled.p`
  font-weight: 500;
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

/** A value at each width; where none is set, what holds instead and from where. */
export function VaryingRows({ on, setting, label, value, at }: VaryingRowsProps) {
  const bands = useDraft((state) => state.plan.house.bands);
  const own = (useStoredValue(on, setting.id) ?? {}) as Readonly<Record<string, unknown>>;
  const froms = fromWhere(own, bands, setting.byDefault.is === 'house' ? 'house style' : 'default');
  return (
    <div data-setting={setting.id} role="group" aria-label={label}>
      <Title>{label}</Title>
      {bands.map((band) => {
        if (!at.includes(band.id)) return null;
        const from = froms.get(band.id)!;
        return (
          <Row key={band.id}>
            <span className="width">
              <b>{band.name}</b>
              <span>{from.words || ' '}</span>
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
      })}
    </div>
  );
}

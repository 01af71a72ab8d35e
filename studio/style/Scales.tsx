import styled from 'styled-components';
import { subjectOf, type Target } from '../../core/plan/target.ts';
import { counted } from '../../core/sentence/sentence.ts';
import { readPath } from '../../core/settings/path.ts';
import { pageElement } from '../../core/style/elements/page.ts';
import { resolve } from '../../core/style/resolve.ts';
import { stepPx, steps, type Steps } from '../../core/style/scale.ts';
import { setValues } from '../../core/style/setValues.ts';
import { typeFamily } from '../../core/text/families/index.ts';
import { familyCss } from '../../core/text/standIns.ts';
import { SettingControl } from '../settings/SettingControl.tsx';
import { Hint, Stack } from '../settings/Stack.tsx';
import { useDraft } from '../studioContext.tsx';
import { TypeSamples } from '../ui/TypeSamples.tsx';
import { t } from '../ui/theme.ts';

const HOUSE: Target = { house: true };

const Table = styled.table`
  border-collapse: collapse;
  width: 100%;
  font-size: 12px;
  caption {
    text-align: start;
    font: 600 13px/1.4 ${t.text};
    padding-bottom: 4px;
  }
  th {
    font-weight: 400;
    text-align: start;
    color: ${t.ink2};
  }
  th,
  td {
    border-top: 1px solid ${t.line};
    padding: 3px 4px;
    vertical-align: middle;
  }
  td {
    text-align: end;
    white-space: nowrap;
  }
  .drawn {
    text-align: start;
    max-width: 84px;
    overflow: hidden;
  }
  .drawn i {
    display: block;
    height: 10px;
    background: ${t.pine};
  }
`;

const TITLES: Readonly<Record<Steps, string>> = { sizes: 'Sizes of text', spaces: 'Spaces' };

/** Sizes and spaces of the house: what they are made from, and what each step comes to at each width. */
export function Scales() {
  const stored = useDraft(({ draft }) => draft);
  const house = useDraft(({ plan }) => plan.house);
  const subject = subjectOf(stored, HOUSE)!;
  const settings = subject.settings.filter(({ id }) => id.startsWith('scale.'));
  const { bands, scale, style } = house;
  const family = resolve([style], pageElement, 'family', 'rest', bands, bands[0]!.id).value as string;
  const drawnIn = familyCss(typeFamily(family));
  /** So many values of the house are set to a step. */
  const uses = (id: string) =>
    setValues(style).filter(({ value }) => Object.values(value ?? {}).includes(id)).length;
  return (
    <Stack role="region" aria-label="Sizes and spaces">
      <TypeSamples />
      <Hint>What is set to a step follows it wherever it is, and is larger or smaller with the width.</Hint>
      {settings.map((one) => (
        <SettingControl
          key={one.id}
          on={HOUSE}
          setting={one}
          value={readPath(house, one.id)}
          at={bands.map(({ id }) => id)}
        />
      ))}
      {(Object.keys(steps) as Steps[]).map((of) => (
        <Table key={of}>
          <caption>{TITLES[of]}</caption>
          <thead>
            <tr>
              <th scope="col">Step</th>
              <th scope="col">Drawn</th>
              {bands.map(({ id, name }) => (
                <th key={id} scope="col">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {steps[of].map(({ id, name }) => {
              const widest = stepPx(id, scale, bands, bands.at(-1)!.id);
              const count = uses(id);
              return (
                <tr key={id}>
                  <th scope="row">
                    {name}
                    {count > 0 && <span> ({counted(count, 'place')})</span>}
                  </th>
                  <td className="drawn" aria-hidden="true">
                    {of === 'sizes' ? (
                      <span style={{ fontFamily: drawnIn, fontSize: widest, lineHeight: 1.1 }}>Aa</span>
                    ) : (
                      <i style={{ width: widest }} />
                    )}
                  </td>
                  {bands.map((band) => (
                    <td key={band.id}>{stepPx(id, scale, bands, band.id)}</td>
                  ))}
                </tr>
              );
            })}
          </tbody>
        </Table>
      ))}
    </Stack>
  );
}

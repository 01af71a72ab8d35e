import { useContext, useMemo } from 'react';
import { ColorPickerStateContext } from 'react-aria-components';
import styled from 'styled-components';
import { passingArea, type Against } from '../../core/colour/passingArea.ts';

const COLUMNS = 40;
const ROWS = 26;

const Over = styled.svg`
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  pointer-events: none;
`;

/** Over the field of a colour picker, hatched: what of it does not stand out enough. */
export function FailingPart({ against }: { against: Against }) {
  const hue = Math.round(
    useContext(ColorPickerStateContext)?.color.toFormat('hsb').getChannelValue('hue') ?? 0,
  );
  const path = useMemo(
    () =>
      passingArea(hue, against, COLUMNS, ROWS)
        .flatMap((row, y) => row.flatMap((passes, x) => (passes ? [] : [`M${x} ${y}h1v1h-1z`])))
        .join(''),
    [hue, against],
  );
  return (
    <Over
      viewBox={`0 0 ${COLUMNS} ${ROWS}`}
      preserveAspectRatio="none"
      aria-hidden
      data-failing={path.length > 0}
    >
      <defs>
        <pattern
          id="failing"
          width="1.5"
          height="1.5"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width=".45" height="1.5" fill="#000" opacity=".5" />
          <rect x=".45" width=".3" height="1.5" fill="#fff" opacity=".5" />
        </pattern>
      </defs>
      <path d={path} fill="url(#failing)" />
    </Over>
  );
}

import { capital } from '../../../core/sentence/sentence.ts';
import { useDraft } from '../../studioContext.tsx';
import { ColourPick } from '../../ui/ColourPick.tsx';
import { NamedColour } from './NamedColour.tsx';
import type { Controlled } from '../control.ts';

/** A colour of the house, any other, or none of its own. */
export function ColourControl(props: Controlled<'colour', string | null>) {
  const { control, label, value, onChange } = props;
  const { text, accent, ground, card, quiet } = useDraft((state) => state.plan.house.colours);
  if (control.named && value !== null) return <NamedColour {...props} value={value} />;
  return (
    <ColourPick
      label={label}
      value={value}
      none={capital(control.none ?? '')}
      offered={[...new Set([card, ground, text, quiet, accent])]}
      onChange={onChange}
    />
  );
}

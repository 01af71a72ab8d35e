import { contactFields } from '../../core/bays/contact.ts';
import { useTexts } from '../texts.ts';
import { BayHeading } from './BayHeading.tsx';
import type { BayDrawingProps } from './bayDrawing.ts';
import { Fields } from './FormFields.tsx';

export function ContactBay({ bay, content }: BayDrawingProps<'contact'>) {
  const { bayId, path, fields, button, thanks, place, sent, done } = content;
  const texts = useTexts();
  return (
    <div className="inner">
      <BayHeading heading={bay.heading} />
      {place && <address className="lines">{place}</address>}
      {done ? (
        <p className="thanks" role="status">
          {thanks || texts.messageSent}
        </p>
      ) : (
        <form className="store-form" action="/contact" method="post">
          {/* People leave this one empty; what fills in everything it finds does not. */}
          <div className="skip" aria-hidden="true">
            <input name="website" tabIndex={-1} autoComplete="off" />
          </div>
          <input type="hidden" name="path" value={path} />
          <input type="hidden" name="bay" value={bayId} />
          <Fields fields={contactFields(fields)} sent={sent} within={bayId} />
          <button className="button">{button || texts.send}</button>
        </form>
      )}
    </div>
  );
}

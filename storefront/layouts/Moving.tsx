import { useTexts } from '../texts.ts';
import type { Moving } from '../../core/plan/shelf.ts';

const usual = {
  previous: 'M15 5 8 12l7 7',
  next: 'M9 5l7 7-7 7',
};

/** An arrow; it works with script only, and its place is kept until then. */
export function Arrow({
  to,
  moving: { arrowShape, arrowSign = '' },
  name,
}: {
  to: 'previous' | 'next';
  moving: Pick<Moving, 'arrowShape'> & Partial<Moving>;
  name: string;
}) {
  const texts = useTexts();
  return (
    <button
      type="button"
      className={`arrow ${to} ${arrowShape}`}
      aria-label={to === 'next' ? texts.nextOf(name) : texts.previousOf(name)}
    >
      {arrowSign ? (
        <span aria-hidden="true">{arrowSign}</span>
      ) : (
        <svg viewBox="0 0 24 24" aria-hidden="true">
          <path d={usual[to]} />
        </svg>
      )}
    </button>
  );
}

/** Room for dots, a bar or a count, which the script fills, since it knows the stops. */
export function Marks({ name }: { name: string }) {
  const texts = useTexts();
  return <div className="marks" role="group" aria-label={texts.positionsOf(name)} />;
}

/** Stops and starts what moves by itself. */
export function Pause({ name }: { name: string }) {
  const texts = useTexts();
  return (
    <button type="button" className="pause" aria-label={texts.pause(name)} data-start={texts.start(name)}>
      <svg viewBox="0 0 24 24" aria-hidden="true">
        <path className="bars" d="M8 5v14M16 5v14" />
        <path className="on" d="M8 5l11 7-11 7z" />
      </svg>
    </button>
  );
}

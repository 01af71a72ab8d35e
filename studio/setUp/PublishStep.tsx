import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { counted } from '../../core/sentence/sentence.ts';
import { useGoodsCounts } from '../catalogue/products/useGoodsList.ts';
import { useChanges } from '../publish/useChanges.ts';
import { useStudio } from '../studioContext.tsx';
import { LinkButton, TapeButton } from '../ui/Button.tsx';
import type { StepProps } from './step.ts';
import { Card, StepBody } from './StepBody.tsx';

const Publish = lazy(() => import('../publish/Publish.tsx').then((module) => ({ default: module.Publish })));

/** What shoppers will see, and what they will not; then the store is open. */
export function PublishStep({ is: { facts, steps } }: StepProps) {
  const { account } = useStudio();
  const { changes, first } = useChanges();
  const counts = useGoodsCounts();
  const [publishing, setPublishing] = useState(false);
  const open = steps.filter((step) => !step.done && step.id !== 'publish');
  const withoutPicture = counts?.missing.picture ?? 0;
  return (
    <StepBody
      title="Publish"
      about="Nothing you do here is seen by shoppers before you publish. After that you publish again whenever you like."
      said={
        facts.published
          ? 'Your store is open.'
          : 'Until then shoppers see only that the store is not open yet.'
      }
    >
      <Card>
        <h3>Before you open</h3>
        <ul aria-label="Before you open">
          {open.map(({ id, name, said }) => (
            <li key={id}>
              <Link to={`/set-up/${id}`}>{name}</Link>: {said}
            </li>
          ))}
          {facts.samples > 0 && (
            <li>
              <Link to="/set-up/goods">{counted(facts.samples, 'sample')}</Link> will be seen, and can be put
              into the basket.
            </li>
          )}
          {withoutPicture > 0 && (
            <li>
              <Link to="/catalogue/products">{counted(withoutPicture, 'product')}</Link> without a picture.
            </li>
          )}
          {open.length === 0 && facts.samples === 0 && withoutPicture === 0 && <li>Everything is there.</li>}
        </ul>
      </Card>
      <Card>
        <h3>{facts.published ? 'Your store is open' : 'Open your store'}</h3>
        <p className="quiet">
          {account.mayPublish
            ? 'You see first what shoppers will see.'
            : 'Your account may arrange, but not publish. Ask the owner.'}
        </p>
        <div className="row">
          <TapeButton
            isDisabled={changes.length === 0 || !account.mayPublish}
            onPress={() => setPublishing(true)}
          >
            {changes.length ? `See and publish ${counted(changes.length, 'change')}` : 'Nothing to publish'}
          </TapeButton>
          {facts.published && (
            <LinkButton href="/" target="_blank">
              See the live store
            </LinkButton>
          )}
        </div>
      </Card>
      <Suspense fallback={null}>
        {publishing && <Publish open first={first} changes={changes} onClose={() => setPublishing(false)} />}
      </Suspense>
    </StepBody>
  );
}

import { Check } from 'lucide-react';
import { Link, Navigate, useNavigate, useParams } from 'react-router';
import type { ComponentType } from 'react';
import styled from 'styled-components';
import { homePage } from '../../core/pages/home.ts';
import { nextStep, SET_UP_STEPS, type SetUpStep, type SetUpStepId } from '../../core/setUp/setUpSteps.ts';
import { shelvesOf } from '../../core/plan/places.ts';
import type { Page } from '../../core/plan/page.ts';
import { usePageViews } from '../arrange/usePageViews.ts';
import { useDraft } from '../studioContext.tsx';
import { Notice } from '../ui/Notice.tsx';
import { t } from '../ui/theme.ts';
import { GoodsStep } from './GoodsStep.tsx';
import { HomeStep } from './HomeStep.tsx';
import { PublishStep } from './PublishStep.tsx';
import { StorefrontNow } from './StorefrontNow.tsx';
import { StoreStep } from './StoreStep.tsx';
import type { StepProps } from './step.ts';
import { useSetUp, type SetUpIs } from './useSetUp.ts';

const Ground = styled.div`
  display: grid;
  grid-template: 'steps middle now' minmax(0, 1fr) / 256px minmax(0, 560px) minmax(0, 1fr);
  min-height: 0;
  background: ${t.wall};
  @container studio (max-width: 1000px) {
    grid-template: 'steps middle' minmax(0, 3fr) 'steps now' minmax(0, 2fr) / 200px minmax(0, 1fr);
  }
`;

const Steps = styled.nav`
  grid-area: steps;
  background: ${t.paper};
  border-inline-end: 1px solid ${t.line};
  padding: 16px 8px;
  overflow: auto;
  display: flex;
  flex-direction: column;
  gap: 6px;
  > header,
  > .foot {
    padding: 0 8px;
    color: ${t.ink2};
  }
  h1 {
    font: 600 18px/1.25 ${t.names};
    color: ${t.ink};
  }
  .foot {
    margin-top: auto;
    padding-top: 14px;
    border-top: 1px solid ${t.line};
  }
  ol {
    list-style: none;
    display: grid;
    gap: 6px;
    margin-bottom: 12px;
  }
  li {
    border: 1px solid transparent;
    border-radius: 10px;
    padding: 10px;
    display: grid;
    grid-template-columns: 24px minmax(0, 1fr);
    gap: 2px 12px;
  }
  li[data-open] {
    border-color: ${t.pine};
    background: #fff;
  }
  li > i {
    grid-row: span 3;
    width: 24px;
    height: 24px;
    border-radius: 50%;
    border: 1.5px solid ${t.edge};
    display: grid;
    place-items: center;
    font: 500 12px/1 ${t.measures};
    font-style: normal;
    background: #fff;
  }
  li[data-open] > i {
    border-color: ${t.pine};
    color: ${t.pine};
  }
  li[data-done] > i {
    background: ${t.pine};
    border-color: ${t.pine};
    color: #fff;
  }
  li p {
    color: ${t.ink2};
    overflow-wrap: anywhere;
  }
  a {
    color: ${t.pine};
    font-weight: 600;
    width: fit-content;
  }
`;

const Progress = styled.div`
  display: grid;
  grid-auto-flow: column;
  gap: 4px;
  margin-top: 10px;
  span {
    height: 4px;
    border-radius: 2px;
    background: ${t.line};
  }
  span[data-done] {
    background: ${t.pine};
  }
`;

const BODIES: Record<SetUpStepId, ComponentType<StepProps>> = {
  store: StoreStep,
  goods: GoodsStep,
  home: HomeStep,
  publish: PublishStep,
};

const isStep = (id: string | undefined): id is SetUpStepId => SET_UP_STEPS.includes(id as SetUpStepId);

/** From nothing to a store that shoppers see, in steps that can be left and taken up again. */
export default function SetUp() {
  const { stepId } = useParams();
  const { is, error, refetch } = useSetUp();
  const home = useDraft(({ plan }) => plan.pages[homePage.id]);
  if (error)
    return (
      <Notice action="Try again" onAction={() => void refetch()}>
        How far your store is could not be fetched: {error.message}
      </Notice>
    );
  if (!is) return <Notice>Looking how far your store is…</Notice>;
  if (!isStep(stepId)) return <Navigate to={`/set-up/${nextStep(is.steps)}`} replace />;
  return home ? <Opened is={is} stepId={stepId} home={home} /> : null;
}

const none: readonly string[] = [];
const noTabs: Readonly<Record<string, string>> = {};

function Opened({ is, stepId, home }: { is: SetUpIs; stepId: SetUpStepId; home: Page }) {
  const navigate = useNavigate();
  const view = usePageViews(home, home, noTabs).asItIs;
  const named = useDraft(({ plan }) => plan.shelves);
  const shelves = home.bays.flatMap((bay) => [...shelvesOf(bay)]).map((id) => named[id]?.name ?? id);
  const Body = BODIES[stepId];
  const after = is.steps[SET_UP_STEPS.indexOf(stepId) + 1];
  return (
    <Ground>
      <StepList steps={is.steps} open={stepId} />
      <Body
        key={stepId}
        is={is}
        view={view}
        {...(after && { next: { name: after.name, go: () => void navigate(`/set-up/${after.id}`) } })}
      />
      <StorefrontNow view={view} waiting={is.facts.products === 0 ? shelves : none} />
    </Ground>
  );
}

function StepList({ steps, open }: { steps: readonly SetUpStep[]; open: SetUpStepId }) {
  const done = steps.filter((step) => step.done).length;
  return (
    <Steps aria-label="Steps">
      <header>
        <h1>Set up your store</h1>
        <p>
          {done} of {steps.length} done
        </p>
        <Progress aria-hidden>
          {steps.map((step) => (
            <span key={step.id} data-done={step.done || undefined} />
          ))}
        </Progress>
      </header>
      <ol>
        {steps.map(({ id, name, said, done: isDone }, at) => (
          <li
            key={id}
            data-open={id === open || undefined}
            data-done={isDone || undefined}
            aria-current={id === open ? 'step' : undefined}
          >
            <i role="img" aria-label={isDone ? 'Done' : `Step ${at + 1}`}>
              {isDone ? <Check size={14} aria-hidden /> : at + 1}
            </i>
            <b>{name}</b>
            <p>{said}</p>
            <StepLink id={id} name={name} isOpen={id === open} isDone={isDone} later={steps[at + 1]} />
          </li>
        ))}
      </ol>
      <p className="foot">
        Everything is saved as you go. To come back here, open your account menu and choose Set up.
      </p>
    </Steps>
  );
}

/** The way to a step, or past the one that is open. */
function StepLink({
  id,
  name,
  isOpen,
  isDone,
  later,
}: {
  id: SetUpStepId;
  name: string;
  isOpen: boolean;
  isDone: boolean;
  later: SetUpStep | undefined;
}) {
  if (isOpen) return later && !isDone ? <Link to={`/set-up/${later.id}`}>Do this later</Link> : null;
  return (
    <Link to={`/set-up/${id}`} aria-label={`${isDone ? 'Change' : 'Do this'}: ${name}`}>
      {isDone ? 'Change' : 'Do this'}
    </Link>
  );
}

import { useQuery } from '@tanstack/react-query';
import styled from 'styled-components';
import { readCounts, type RuleCounts } from '../../core/api/assortments.ts';
import { completeAssortment } from '../../core/assortment/assortment.ts';
import { clauseKind, type Clause } from '../../core/assortment/clauses/index.ts';
import { mergedRule } from '../../core/assortment/either.ts';
import type { Group } from '../../core/assortment/rule.ts';
import { capital, numeral, plain } from '../../core/sentence/sentence.ts';
import { useNames, useStudio } from '../studioContext.tsx';
import { Button } from '../ui/Button.tsx';
import { t } from '../ui/theme.ts';
import { useSeenBy } from './useSeenBy.ts';

const Offer = styled.div`
  background: ${t.amberSoft};
  color: ${t.amber};
  border-radius: ${t.corner};
  padding: 8px 10px;
  margin-top: 7px;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
  justify-content: space-between;
`;

export interface EitherOfferProps {
  rule: Group;
  counts: RuleCounts | undefined;
  onChange(rule: Group): void;
}

/** Where two clauses leave nothing together, offers the one clause that was likely meant: one or the other. */
export function EitherOffer({ rule, counts, onChange }: EitherOfferProps) {
  const { client } = useStudio();
  const names = useNames();
  const seenBy = useSeenBy();
  const merged = mergedRule(rule);
  const leavesNothing =
    merged !== null &&
    counts?.parts.find(({ path }) => path.length === 1 && path[0] === merged.at)?.count === 0;
  const assortment = completeAssortment({ of: 'products', rule: merged?.rule ?? rule });
  const { data } = useQuery({
    queryKey: ['rule counts', JSON.stringify({ rule: merged?.rule, seenBy })],
    queryFn: () => client.ask(readCounts, { body: { assortment, seenBy } }),
    enabled: leavesNothing,
    staleTime: 60_000,
  });
  if (!merged || !leavesNothing || !data || data.remains === 0) return null;
  const say = (clause: Clause) => plain(clauseKind(clause.is).say(clause, names));
  return (
    <Offer role="status">
      <span>
        Nothing is both {say(merged.of[0])} and {say(merged.of[1])}.
      </span>
      <Button onPress={() => onChange(merged.rule)}>
        {capital(say(merged.clause))}, {numeral(data.remains)}
      </Button>
    </Offer>
  );
}

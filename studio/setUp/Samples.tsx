import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { addSamples, removeSamples } from '../../core/api/setUp.ts';
import { sampleDrawing } from '../../core/samples/sampleDrawing.ts';
import { SAMPLES, sampleCategories } from '../../core/samples/sampleGoods.ts';
import { counted } from '../../core/sentence/sentence.ts';
import { goodsChanged } from '../api/goodsWriter.ts';
import { knownChanged } from '../api/known.ts';
import { picturesChanged } from '../api/uploads.ts';
import { useStudio } from '../studioContext.tsx';
import { Button } from '../ui/Button.tsx';
import { RemoveDialog } from '../ui/RemoveDialog.tsx';
import { t } from '../ui/theme.ts';
import { Card } from './StepBody.tsx';

const Pictures = styled.div`
  display: flex;
  align-items: center;
  gap: 6px;
  color: ${t.ink2};
  img {
    width: 56px;
    height: 56px;
    border-radius: 5px;
  }
`;

/** The first of each category, as it is drawn. */
const shown = sampleCategories.map(({ name, shape, goods }) => ({
  name,
  src: `data:image/svg+xml,${encodeURIComponent(sampleDrawing(shape, goods[0]!.colour, 0))}`,
}));

/** Goods that are invented, to try layouts with: put in, and taken out in one press. */
export function Samples({ samples }: { samples: number }) {
  const { client } = useStudio();
  const queries = useQueryClient();
  const [asking, setAsking] = useState(false);
  const changed = () => {
    goodsChanged(queries);
    knownChanged(queries);
    picturesChanged(queries);
  };
  const adding = useMutation({ mutationFn: () => client.ask(addSamples), onSettled: changed });
  const removing = useMutation({
    mutationFn: () => client.ask(removeSamples),
    onSuccess: () => setAsking(false),
    onSettled: changed,
  });
  const left = removing.data?.left ?? 0;
  return (
    <Card>
      <div className="between">
        <div>
          <h3>{samples > 0 ? `${counted(samples, 'sample')} in your store` : 'Fill with sample goods'}</h3>
          <p className="quiet">
            {SAMPLES} invented products in {sampleCategories.length} categories, to try layouts with. Shoppers
            see them too once you publish. One press removes them all.
          </p>
        </div>
        {samples > 0 ? (
          <Button onPress={() => setAsking(true)}>Remove the samples</Button>
        ) : (
          <Button isDisabled={adding.isPending} onPress={() => adding.mutate()}>
            {adding.isPending ? 'Adding…' : `Add ${SAMPLES} samples`}
          </Button>
        )}
      </div>
      <Pictures>
        {shown.map(({ name, src }) => (
          <img key={name} src={src} alt={name} />
        ))}
        <span>and {SAMPLES - shown.length} more</span>
      </Pictures>
      {adding.isError && <p role="alert">{adding.error.message}</p>}
      {left > 0 && (
        <p role="status">{counted(left, 'sample')} stayed, since somebody has ordered from them.</p>
      )}
      <RemoveDialog
        title={`Remove ${counted(samples, 'sample')}`}
        open={asking}
        does="Remove the samples"
        several
        removing={removing}
        onClose={() => setAsking(false)}
      >
        <p>
          They go with their categories and pictures, also those that you have changed. What you added among
          them stays.
        </p>
      </RemoveDialog>
    </Card>
  );
}

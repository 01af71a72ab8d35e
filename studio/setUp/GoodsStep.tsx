import { Link, useNavigate } from 'react-router';
import styled from 'styled-components';
import { exampleGoods } from '../../core/api/exchange.ts';
import { counted } from '../../core/sentence/sentence.ts';
import { ChooseFile } from '../catalogue/import/ChooseFile.tsx';
import { useImport } from '../catalogue/import/useImport.ts';
import { FirstProduct } from './FirstProduct.tsx';
import { Samples } from './Samples.tsx';
import type { StepProps } from './step.ts';
import { Card, StepBody } from './StepBody.tsx';

const Links = styled.p`
  display: flex;
  justify-content: space-between;
  gap: 12px;
`;

/** Products from a file, typed, or to try things with. */
export function GoodsStep({ is, next }: StepProps) {
  const { products, samples } = is.facts;
  const navigate = useNavigate();
  const { isSending, send, fault, state, last } = useImport();
  return (
    <StepBody
      title="Your goods"
      about="Start in one of three ways. You can use the others later."
      said={
        products === 0 ? (
          'Add at least one product to go on.'
        ) : (
          <Link to="/catalogue/products">See {counted(products, 'product')} in the catalogue</Link>
        )
      }
      next={next && { does: `Next: ${next.name.toLowerCase()}`, can: products > 0, go: next.go }}
    >
      <Card>
        <div>
          <h3>Import a file</h3>
          <p className="quiet">For a list you already have, from a spreadsheet or another shop.</p>
        </div>
        <ChooseFile
          isSending={isSending}
          onFile={(file) => send(file, () => void navigate('/catalogue/import'))}
        />
        {fault && <p role="alert">{fault}</p>}
        <Links>
          {state || last ? <Link to="/catalogue/import">The last import</Link> : <span />}
          <a href={exampleGoods.path} download>
            Example CSV
          </a>
        </Links>
      </Card>
      <FirstProduct isFirst={products === 0} />
      <Samples samples={samples} />
    </StepBody>
  );
}

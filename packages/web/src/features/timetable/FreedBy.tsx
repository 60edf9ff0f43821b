import { remedied, remedyWords, type NoPlan } from '@lupin/core';
import { Button } from 'antd';
import { useOccasionView } from '../occasions/context.ts';

/** Changes with which a plan was really found, each one press away. */
export function FreedBy({ frees }: { readonly frees: NonNullable<NoPlan['frees']> }) {
  const { occasion, edit } = useOccasionView();
  return (
    <section style={{ marginTop: 12 }}>
      <p>With one of these there is a plan. Press what is true, or what you want:</p>
      <p className="row" style={{ flexWrap: 'wrap', marginTop: 8 }}>
        {frees.map((remedy) => (
          <Button key={JSON.stringify(remedy)} onClick={() => edit((one) => remedied(one, remedy))}>
            {remedyWords(occasion, remedy)}
          </Button>
        ))}
      </p>
    </section>
  );
}

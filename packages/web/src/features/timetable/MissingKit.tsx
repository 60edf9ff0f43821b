import { oneMore, piecesOfKit, type NoPlan } from '@lupin/core';
import { Button } from 'antd';
import { useOccasionView } from '../occasions/context.ts';

/** Pieces of kit without which there is no plan, each with one press that says it is there. */
export function MissingKit({ missing }: { readonly missing: NonNullable<NoPlan['missing']> }) {
  const { edit } = useOccasionView();
  const add = (kinds: NonNullable<NoPlan['missing']>) =>
    edit((one) => ({
      ...one,
      kitchen: {
        ...one.kitchen,
        kit: kinds
          .flatMap(({ kind, count }) => Array.from({ length: count }, () => kind))
          .reduce((kit, kind) => [...kit, oneMore(kit, kind)], one.kitchen.kit),
      },
    }));
  return (
    <p className="row" style={{ flexWrap: 'wrap', marginTop: 12 }}>
      <span>If you have it:</span>
      {missing.map((each) => (
        <Button key={each.kind} onClick={() => add([each])}>
          Add {piecesOfKit(each.kind, each.count)}
        </Button>
      ))}
      {missing.length > 1 && (
        <Button type="primary" onClick={() => add(missing)}>
          Add all of them
        </Button>
      )}
    </p>
  );
}

import { Button } from 'antd';
import type { Recipe, Reshaped } from '@lupin/core';

export type Asked = Extract<Reshaped, { kind: 'asks' }>;

/** A change that makes no sense as it is: why, and the ways on, each one press. */
export function AskedBox({
  asked,
  onTake,
  onLeave,
}: {
  asked: Asked;
  onTake: (recipe: Recipe) => void;
  onLeave: () => void;
}) {
  return (
    <div className="asked" role="alert">
      <p>{asked.words}</p>
      <div className="row">
        {asked.ways.map((way) => (
          <Button key={way.words} size="small" onClick={() => onTake(way.recipe)}>
            {way.words}
          </Button>
        ))}
        <Button size="small" type="text" onClick={onLeave}>
          Leave it as it is
        </Button>
      </div>
    </div>
  );
}

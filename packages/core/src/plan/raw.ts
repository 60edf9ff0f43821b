import { hazardOf } from '../reference/index.ts';
import { listed, type ResidueMark } from '../model/index.ts';
import type { TaskNetwork } from '../tasks/index.ts';
import type { NoPlan } from './explain.ts';

const isKnown = (mark: ResidueMark): mark is Exclude<ResidueMark, 'unread'> => mark !== 'unread';

/** Whether something would be served that no step has cooked, and nobody means to be raw: no order of work changes that. */
export function servedRaw({ tasks, batches }: TaskNetwork): NoPlan | undefined {
  const raw = tasks.flatMap(({ serve, batch: id }) => {
    const hazards = (serve?.raw ?? []).filter(isKnown).map(hazardOf);
    return hazards.length > 0 ? [{ dish: batches.find((batch) => batch.id === id)!.recipe.name, hazards }] : [];
  });
  if (raw.length === 0) return undefined;
  return {
    what: 'Something would go to the table raw.',
    why: raw
      .slice(0, 4)
      .map(({ dish, hazards }) => `No step of ${dish} cooks ${listed(hazards.map(({ name }) => name))}.`)
      .join(' '),
    tryThis: raw.every(({ hazards }) => hazards.every(({ meant }) => meant !== undefined))
      ? 'say which temperature its last hot step reaches inside, or that it is meant so; or leave the dish out.'
      : 'say which temperature its last hot step reaches inside, or leave the dish out.',
    proven: true,
  };
}

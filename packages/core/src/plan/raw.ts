import { hazardOf } from '../reference/index.ts';
import { isMarkEndedBy, listed, type ResidueMark } from '../model/index.ts';
import type { TaskNetwork } from '../tasks/index.ts';
import type { NoPlan } from './explain.ts';

const isRaw = (mark: ResidueMark): mark is Exclude<ResidueMark, 'unread'> =>
  mark !== 'unread' && hazardOf(mark).kind === 'raw';

/** Whether something would be served that no step has cooked: no order of work changes that. */
export function servedRaw({ tasks, batches }: TaskNetwork): NoPlan | undefined {
  const raw = tasks.flatMap((task) => {
    const marks = task.serve
      ? task.carries.flatMap(({ mark }) => (isRaw(mark) && !isMarkEndedBy(mark, task.step.coreC) ? [mark] : []))
      : [];
    const names = [...new Set(marks)].map((mark) => hazardOf(mark).name);
    return names.length > 0 ? [{ dish: batches.find((batch) => batch.id === task.batch)!.recipe.name, names }] : [];
  });
  if (raw.length === 0) return undefined;
  return {
    what: 'Something would go to the table raw.',
    why: raw
      .slice(0, 4)
      .map(({ dish, names }) => `No step of ${dish} cooks ${listed(names)}.`)
      .join(' '),
    tryThis: 'say which temperature its last hot step reaches inside, or leave the dish out.',
    proven: true,
  };
}

import { kitWords, type Occasion } from '../model/index.ts';
import type { Stuck } from '../schedule/index.ts';
import type { TaskNetwork } from '../tasks/index.ts';
import type { NoPlan } from './explain.ts';
import { againstStuck, remediesThatFree, type Remedy } from './remedies.ts';

/** What frees a plan, and, where that tells the cause better than what was in the way last, why there was none. */
export type Freed = Pick<NoPlan, 'tryThis' | 'frees'> & Partial<Pick<NoPlan, 'why'>>;

/** Changes with which a plan was really found; undefined where none of those tried frees it. */
export function whatFrees(occasion: Occasion, network: TaskNetwork, stuck: Stuck): Freed | undefined {
  const frees = remediesThatFree(occasion, againstStuck(occasion, network, stuck));
  const [first] = frees;
  if (!first) return undefined;
  const why = trueCause(occasion, first);
  return { tryThis: `${withIt(occasion, first)} there is a plan.`, frees, ...(why ? { why } : {}) };
}

function withIt(occasion: Occasion, remedy: Remedy): string {
  switch (remedy.kind) {
    case 'kit':
      return `With one more ${kitWords(remedy.of)} of a kind that comes clean`;
    case 'later':
      return `With ${occasion.courses.find(({ id }) => id === remedy.course)!.name} ${remedy.minutes} min later`;
    case 'helper':
      return 'With a helper beside the cook';
    case 'burner':
      return 'With one more burner';
    case 'oven':
      return 'With a second oven';
    case 'room':
      return `With room for one more in the ${remedy.where}`;
    default:
      return 'With that changed';
  }
}

/** What was in the way last may only follow from what was wanting. */
function trueCause({ kitchen }: Occasion, { kind }: Remedy): string | undefined {
  const [first] = kitchen.cooks;
  if (kind === 'helper')
    return kitchen.cooks.length === 1
      ? `${first!.name} has too much to do by hand at one time.`
      : 'There is more to do by hand at one time than the cooks can.';
  if (kind === 'burner')
    return kitchen.burners === 1
      ? 'The one burner is taken when it is wanted.'
      : `All ${kitchen.burners} burners are taken when one is wanted.`;
  return kind === 'oven' ? 'The oven is taken, or at another heat, when it is wanted.' : undefined;
}

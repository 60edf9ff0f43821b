import { kitWords, type KitUnit, type Occasion } from '../model/index.ts';
import { isStuck, provenClash, solve, type Stuck } from '../schedule/index.ts';
import { fit } from '../fit/index.ts';
import { tasksOf, type TaskNetwork } from '../tasks/index.ts';
import { compile } from './compile.ts';
import type { NoPlan } from './explain.ts';

/** How many places are looked at to see whether a change frees the plan. */
const effort = 40_000;

interface Change {
  readonly words: string;
  /** The true cause, where this frees it: what was in the way last may only follow from it. */
  readonly why?: string;
  readonly occasion: Occasion;
}

/** Changes worth a try when a step found no place: one more of what it lacked, first. */
function* changesFor(occasion: Occasion, network: TaskNetwork, stuck: Stuck): Generator<Change> {
  const task = network.tasks[stuck.activity];
  const { kitchen } = occasion;
  if (task && (stuck.why === 'no-unit' || stuck.why === 'no-clean-unit' || stuck.why === 'circular')) {
    for (const kind of new Set(task.kit.map((use) => use.kind))) {
      const unit: KitUnit = {
        id: `${kind}-more` as KitUnit['id'],
        kind,
        name: 'One more',
        material: 'steel',
        washMin: 2,
        keptFreeOf: [],
      };
      yield {
        words: `With one more ${kitWords(kind)} of a kind that comes clean there is a plan.`,
        occasion: { ...occasion, kitchen: { ...kitchen, kit: [...kitchen.kit, unit] } },
      };
    }
  }
  const dish = task && network.batches.find((batch) => batch.id === task.batch)!.dish;
  const course = occasion.courses.find((each) => each.id === occasion.dishes.find((one) => one.id === dish)?.course);
  if (course) {
    for (const later of [15, 30]) {
      yield {
        words: `With ${course.name} ${later} min later there is a plan.`,
        occasion: {
          ...occasion,
          courses: occasion.courses.map((each) =>
            each.id === course.id ? { ...each, offsetMin: each.offsetMin + later } : each,
          ),
        },
      };
    }
  }
  const [first] = kitchen.cooks;
  if (first && kitchen.cooks.length < 6)
    yield {
      words: 'With a helper beside the cook there is a plan.',
      why:
        kitchen.cooks.length === 1
          ? `${first.name} has too much to do by hand at one time.`
          : 'There is more to do by hand at one time than the cooks can.',
      occasion: {
        ...occasion,
        kitchen: {
          ...kitchen,
          cooks: [...kitchen.cooks, { ...first, id: 'helper-more' as typeof first.id, name: 'Helper' }],
        },
      },
    };
  yield {
    words: 'With one more burner there is a plan.',
    why:
      kitchen.burners === 1
        ? 'The one burner is taken when it is wanted.'
        : `All ${kitchen.burners} burners are taken when one is wanted.`,
    occasion: { ...occasion, kitchen: { ...kitchen, burners: kitchen.burners + 1 } },
  };
}

/** What frees a plan, and, where that tells the cause better than what was in the way last, why there was none. */
export type Freed = Pick<NoPlan, 'tryThis'> & Partial<Pick<NoPlan, 'why'>>;

/** A change with which a plan was really found; undefined where none of those tried frees it. */
export function whatFrees(occasion: Occasion, network: TaskNetwork, stuck: Stuck): Freed | undefined {
  for (const change of changesFor(occasion, network, stuck)) {
    const problem = compile(change.occasion, tasksOf(change.occasion, fit(change.occasion)));
    if (provenClash(problem)) continue;
    const run = solve(problem, { seed: 1, effort: 0, firstEffort: effort });
    for (let next = run.next(); ; next = run.next()) {
      if (!next.done) continue;
      if (!isStuck(next.value)) return { tryThis: change.words, ...(change.why ? { why: change.why } : {}) };
      break;
    }
  }
  return undefined;
}

import { listed, piecesOfKit, type Kitchen, type KitKind } from '../model/index.ts';
import type { TaskNetwork } from '../tasks/index.ts';
import type { MissingKit, NoPlan } from './explain.ts';

type Task = TaskNetwork['tasks'][number];

/** A kind of kit of which a task needs more at once than there are. */
interface Lacking extends MissingKit {
  readonly there: number;
}

function lackingIn(kitchen: Kitchen, kit: Task['kit']): readonly Lacking[] {
  const wanted = new Map<KitKind, number>();
  for (const { kind } of kit) wanted.set(kind, (wanted.get(kind) ?? 0) + 1);
  return [...wanted].flatMap(([kind, count]): Lacking[] => {
    const there = kitchen.kit.filter((unit) => unit.kind === kind).length;
    return count > there ? [{ kind, count: count - there, there }] : [];
  });
}

/** What a task lacks in the way of doing it that lacks least. */
const lackingFor = (kitchen: Kitchen, { ways }: Task): readonly Lacking[] =>
  ways.map((way) => lackingIn(kitchen, way.kit)).reduce((best, each) => (each.length < best.length ? each : best));

/** All pieces at once that the menu needs and the kitchen does not have, however it is planned. */
export function missingKit(kitchen: Kitchen, { tasks, batches }: TaskNetwork): NoPlan | undefined {
  const lacking = tasks.flatMap((task) => lackingFor(kitchen, task).map((each) => ({ task, ...each })));
  const missing = [...new Set(lacking.map(({ kind }) => kind))].map((kind) => {
    const all = lacking.filter((each) => each.kind === kind);
    const most = all.reduce((one, other) => (other.count > one.count ? other : one));
    return { ...most, dish: batches.find((batch) => batch.id === most.task.batch)!.recipe.name };
  });
  const [first] = missing;
  if (!first) return undefined;
  const wanted = ({ kind, count, there }: Lacking) => piecesOfKit(kind, count + there);
  const names = missing.map(({ kind, count }) => piecesOfKit(kind, count));
  return missing.length === 1
    ? {
        what: `“${first.task.title}” (${first.dish}) finds no place.`,
        why: `It needs ${wanted(first)}; the kitchen has ${first.there === 0 ? 'none' : first.there}.`,
        tryThis: `Add ${names[0]} to the kitchen, or take the dish off the menu.`,
        proven: true,
        missing: [{ kind: first.kind, count: first.count }],
      }
    : {
        what: `The kitchen lacks ${missing.length} kinds of kit that the menu needs.`,
        why: `${missing.map((each) => `“${each.task.title}” (${each.dish}) needs ${wanted(each)}`).join('; ')}.`,
        tryThis: `Add ${listed(names)} to the kitchen, or take those dishes off the menu.`,
        proven: true,
        missing: missing.map(({ kind, count }) => ({ kind, count })),
      };
}

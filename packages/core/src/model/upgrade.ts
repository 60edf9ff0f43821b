import { endLook, startLook, withLookIds } from './recipe.ts';

const before = /^lupin\.(?:occasion|recipe|plan)\/1$/;

/** How what was called `attention` in lupin.plan/1 said that something is taken out or off. */
const saidAtTheEnd: ReadonlySet<unknown> = new Set(['look, and out of the oven', 'look, and off the heat']);

type Fields = Readonly<Record<string, unknown>>;

/** Looks of a planned step had no names, only a place: first it is set going, last taken from the heat, between them come the recipe's own in their order. */
function namedLooks(looks: readonly Fields[]): readonly Fields[] {
  const own = looks.filter((each, at) => at > 0 && !saidAtTheEnd.has(each['what']));
  const names = withLookIds(own.map(() => ({ atMin: 0, takesMin: 0, what: '' })));
  return looks.map((each, at) => {
    if (at === 0) return { look: startLook, ...each };
    const mine = own.indexOf(each);
    return { look: mine >= 0 ? names[mine]!.id : endLook, ...each };
  });
}

const isPlanned = (looks: readonly unknown[]): looks is readonly Fields[] =>
  looks.length > 0 && looks.every((each) => typeof each === 'object' && each !== null && 'startMin' in each);

/**
 * A document of an earlier format (lupin.occasion/1, lupin.recipe/1, lupin.plan/1), or something that holds such ones, brought to
 * today's names; whatever needs no change is given back as it is. It checks nothing: that is for the schemas.
 */
export function upgraded(value: unknown): unknown {
  if (Array.isArray(value)) {
    const items = value.map(upgraded);
    return items.some((item, at) => item !== value[at]) ? items : value;
  }
  if (typeof value !== 'object' || value === null) return value;
  let changed = false;
  const entries = Object.entries(value).map(([name, held]): readonly [string, unknown] => {
    if (name === 'attention' && Array.isArray(held)) {
      changed = true;
      return ['looks', isPlanned(held) ? namedLooks(held) : held];
    }
    if (name === 'format' && typeof held === 'string' && before.test(held)) {
      changed = true;
      return [name, `${held.slice(0, -1)}2`];
    }
    const now = upgraded(held);
    changed ||= now !== held;
    return [name, now];
  });
  return changed ? Object.fromEntries(entries) : value;
}

/** What a look was ticked under in lupin.plan/1 (a task and the look's number) by what it is ticked under now; undefined where it is no such entry. */
export function upgradedEntry(planAsItWas: unknown, entry: string): string | undefined {
  const at = entry.lastIndexOf('@');
  const tasks = (planAsItWas as { readonly tasks?: readonly Fields[] }).tasks ?? [];
  const looks = tasks.find((task) => task['id'] === entry.slice(0, at))?.['attention'];
  const name = Array.isArray(looks) && isPlanned(looks) ? namedLooks(looks)[Number(entry.slice(at + 1))] : undefined;
  return name && `${entry.slice(0, at)}@${String(name['look'])}`;
}

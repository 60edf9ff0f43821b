import type { Facts, StepFacts } from './facts.ts';
import { allDoing, clock, doing, endOf, isTaking, leastMin, linksOf, named } from './facts.ts';
import type { Finding } from './finding.ts';

/** Names, completeness, durations, order, waits, serving. */
export function auditTiming(facts: Facts): Finding[] {
  const { occasion } = facts;
  const findings: Finding[] = facts.strangers.map((name) => ({
    code: 'unknown-name',
    message: `The plan has a ${name}, which the occasion does not know.`,
    tasks: [],
    guests: [],
  }));
  findings.push(
    ...facts.unlike.map((name): Finding => ({
      code: 'shared',
      message: `${name} is cooked once for dishes that do not have it alike.`,
      tasks: [],
      guests: [],
    })),
  );
  findings.push(...missing(facts), ...takenTooLate(facts));
  for (const each of facts.steps) {
    const { task, step, batch } = each;
    const took = task.endMin - task.startMin;
    if (took < leastMin(each))
      findings.push({
        code: 'too-short',
        message: `${named(occasion, each)} is given ${took} min; it takes at least ${leastMin(each)}.`,
        tasks: [task.id],
        guests: [],
      });
    for (const link of linksOf(batch.recipe, step)) {
      const before = doing(facts, batch, link.step);
      if (!before) continue;
      const wait = task.startMin - endOf(before);
      if (wait < link.leastMin)
        findings.push({
          code: 'order',
          message: `${named(occasion, each)} comes ${link.leastMin > 0 ? `${wait} min after` : 'before the end of'} “${before.step.title}”${link.leastMin > 0 ? `; at least ${link.leastMin} are needed` : ''}.`,
          tasks: [before.task.id, task.id],
          guests: [],
        });
      if (link.mostMin !== undefined && wait > link.mostMin)
        findings.push({
          code: 'waits-too-long',
          message: `${named(occasion, each)} comes ${wait} min after “${before.step.title}”; at most ${link.mostMin} are allowed.`,
          tasks: [before.task.id, task.id],
          guests: [],
        });
    }
    findings.push(...serving(facts, each));
  }
  return findings;
}

/** What another dish takes is taken before its own goes on: drained water is gone. */
function takenTooLate(facts: Facts): Finding[] {
  const sourcesOf = ({ batch, step }: StepFacts) =>
    linksOf(batch.recipe, step).flatMap((link) => doing(facts, batch, link.step) ?? []);
  return facts.steps.filter(isTaking).flatMap((taking) => {
    const from = sourcesOf(taking);
    return facts.steps
      .filter((each) => !isTaking(each) && each.task.startMin < taking.task.endMin)
      .filter((each) => sourcesOf(each).some((source) => from.includes(source)))
      .map((each): Finding => ({
        code: 'order',
        message: `${named(facts.occasion, each)} goes on before ${named(facts.occasion, taking)} has its share.`,
        tasks: [taking.task.id, each.task.id],
        guests: [],
      }));
  });
}

function missing(facts: Facts): Finding[] {
  const findings: Finding[] = [];
  for (const [key, { dish, recipe, name }] of facts.eaten) {
    const versionId = key.slice(key.indexOf('/') + 1);
    const own = [...facts.batches.values()].filter(
      (batch) => batch.served && batch.dish.id === dish.id && batch.planned.versions.some((id) => id === versionId),
    );
    for (const step of recipe.steps) {
      const done = [...new Set(own.flatMap((batch) => allDoing(facts, batch, step.id)))];
      if (done.length === 0)
        findings.push({
          code: 'missing-step',
          message: `“${step.title}” of ${name} is nowhere in the plan.`,
          tasks: [],
          guests: [],
        });
      if (done.length > 1)
        findings.push({
          code: 'missing-step',
          message: `“${step.title}” of ${name} is in the plan ${done.length} times.`,
          tasks: done.map((each) => each.task.id),
          guests: [],
        });
    }
  }
  return findings;
}

function serving({ occasion }: Facts, each: StepFacts): Finding[] {
  const { task, step, batch } = each;
  if (!batch.served) return [];
  const isLast = !batch.recipe.steps.some((other) =>
    linksOf(batch.recipe, other).some((link) => link.step === step.id),
  );
  if (!isLast) return [];
  const course = occasion.courses.find((one) => one.id === batch.dish.course)!;
  if (task.endMin > course.offsetMin)
    return [
      {
        code: 'late',
        message: `${batch.dishName} is ready at ${clock(occasion, task.endMin)}; ${course.name} go out at ${clock(occasion, course.offsetMin)}.`,
        tasks: [task.id],
        guests: [],
      },
    ];
  const stands = course.offsetMin - endOf(each);
  if (stands > batch.recipe.hold.mostMin)
    return [
      {
        code: 'stands-too-long',
        message: `${batch.dishName} stands ${stands} min before serving; it can stand ${batch.recipe.hold.mostMin}.`,
        tasks: [task.id],
        guests: [],
      },
    ];
  return [];
}

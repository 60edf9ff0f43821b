import { Button } from 'antd';
import type { Recipe, RecipeFinding } from '@lupin/core';

const weightWords = { danger: 'can hurt', odd: 'odd', hint: 'worth a look' } as const;

/** What is odd in a recipe, the gravest first, each with what mends it where something does. */
export function FindingList({
  findings,
  onFix,
}: {
  findings: readonly RecipeFinding[];
  onFix?: ((recipe: Recipe) => void) | undefined;
}) {
  return (
    <section aria-label="What is odd in it">
      <h3>
        {findings.length === 0
          ? 'Nothing odd in it'
          : `${findings.length} ${findings.length === 1 ? 'thing' : 'things'} to look at`}
      </h3>
      <ul className="finding-list">
        {findings.map((finding) => (
          <li key={finding.code + finding.words} className={`f-${finding.weight}`}>
            <span className="weight">{weightWords[finding.weight]}</span>
            <span>
              {finding.words}
              {finding.fix && onFix && (
                <>
                  {' '}
                  <Button size="small" onClick={() => onFix(finding.fix!.recipe)}>
                    {finding.fix.label}
                  </Button>
                </>
              )}
              {finding.otherwise && onFix && (
                <>
                  {' '}
                  <Button size="small" onClick={() => onFix(finding.otherwise!.recipe)}>
                    {finding.otherwise.label}
                  </Button>
                </>
              )}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

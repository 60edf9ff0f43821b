import { Button } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Recipe, RecipeReading } from '@lupin/core';
import { problemWords, usePutRecipeMutation } from '../../app/api.ts';
import { freshId } from '../../shared/words.ts';
import { Proposal } from './Proposal.tsx';
import { mended, type Mends } from './mends.ts';

const mostShown = 40;

/** What was read, each to be looked at, put right and kept. */
export function Proposals({
  readings,
  library,
  onKept,
}: {
  readings: readonly RecipeReading[];
  library: readonly Recipe[];
  onKept: (ids: readonly string[]) => void;
}) {
  const [mends, setMends] = useState<ReadonlyMap<string, Mends>>(new Map());
  const [put, keeping] = usePutRecipeMutation();
  const navigate = useNavigate();
  const recipeOf = (reading: RecipeReading): Recipe => mended(reading, mends.get(reading.recipe.id));
  const keep = async (some: readonly RecipeReading[], open: boolean) => {
    const ids: string[] = [];
    const renamed = new Map<string, string>();
    const taken = library.map(({ id }) => id);
    for (const { recipe } of some) renamed.set(recipe.id, freshId(recipe.id, [...taken, ...renamed.values()]));
    try {
      // Components first, so that nothing is kept that names what is not there yet.
      for (const reading of [...some].reverse()) {
        const recipe = recipeOf(reading);
        const entry: Recipe = {
          ...recipe,
          id: renamed.get(reading.recipe.id) as Recipe['id'],
          lines: recipe.lines.map((line) =>
            line.component && renamed.has(line.component)
              ? { ...line, component: renamed.get(line.component) as Recipe['id'] }
              : line,
          ),
        };
        await put({ baseRevision: 0, entry }).unwrap();
        ids.push(entry.id);
      }
      onKept(ids);
      if (open) await navigate(`/recipes/${ids.at(-1)}`);
    } catch {
      // Said below.
    }
  };
  return (
    <div style={{ marginTop: 14 }}>
      {keeping.error && (
        <p className="fault" role="alert">
          {problemWords(keeping.error)}
        </p>
      )}
      {readings.length > 1 && (
        <p className="row" style={{ marginBottom: 8 }}>
          <Button type="primary" loading={keeping.isLoading} onClick={() => void keep(readings, false)}>
            Keep all {readings.length}
          </Button>
        </p>
      )}
      {readings.slice(0, mostShown).map((reading) => (
        <Proposal
          key={reading.recipe.id}
          reading={reading}
          recipe={recipeOf(reading)}
          mends={mends.get(reading.recipe.id)}
          find={(id) => [...readings.map(recipeOf), ...library].find((each) => each.id === id)}
          onMend={(mend) => setMends((all) => new Map([...all, [reading.recipe.id, mend]]))}
          onBack={() => setMends((all) => new Map([...all].filter(([id]) => id !== reading.recipe.id)))}
          keepButton={
            readings.length === 1 && (
              <Button type="primary" loading={keeping.isLoading} onClick={() => void keep([reading], true)}>
                Keep it and open it
              </Button>
            )
          }
        />
      ))}
    </div>
  );
}

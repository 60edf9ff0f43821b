import { Select } from 'antd';
import { useState } from 'react';
import { roleNames, substitutionsFor, workedFood, type LineId, type Role } from '@lupin/core';
import { useOccasionView } from '../occasions/context.ts';

/** What a line does in its dish, as it is read, and the way to say that it does something else there. */
export function JobField({
  dishId,
  line,
  role,
  words,
}: {
  dishId: string;
  line: LineId;
  role: Role | undefined;
  words: string;
}) {
  const { occasion, edit } = useOccasionView();
  const [open, setOpen] = useState(false);
  const recipe = occasion.dishes.find((dish) => dish.id === dishId)!.recipe;
  const ingredient = occasion.recipes.find((each) => each.id === recipe)?.lines.find((each) => each.id === line);
  const food = ingredient && workedFood(ingredient);
  const jobs = [...new Set(food ? substitutionsFor(food).map((each) => each.role) : [])];
  if (role === undefined || !ingredient) return null;
  if (!open)
    return (
      <span className="small" style={{ display: 'block' }}>
        its job here: {roleNames[role]}{' '}
        {jobs.some((job) => job !== role) && (
          <button
            type="button"
            className="bare"
            style={{ color: 'var(--violet)', fontWeight: 600 }}
            aria-label={`${words}: it does another job`}
            onClick={() => setOpen(true)}
          >
            another job?
          </button>
        )}
      </span>
    );
  return (
    <Select
      size="small"
      autoFocus
      defaultOpen
      aria-label={`What ${words} does here`}
      style={{ width: '100%' }}
      value={role}
      options={jobs.map((job) => ({ value: job, label: roleNames[job] }))}
      onBlur={() => setOpen(false)}
      onChange={(to: Role) => {
        setOpen(false);
        edit((one) => ({
          ...one,
          recipes: one.recipes.map((each) =>
            each.id === recipe
              ? { ...each, lines: each.lines.map((some) => (some.id === line ? { ...some, role: to } : some)) }
              : each,
          ),
        }));
      }}
    />
  );
}

import { upgraded } from '@lupin/core';
import * as v from 'valibot';
import { Problem, type FieldError } from './problems.ts';

const escape = (key: unknown) => String(key).replaceAll('~', '~0').replaceAll('/', '~1');

export function fieldErrors(issues: readonly v.BaseIssue<unknown>[], root: string): FieldError[] {
  return issues.slice(0, 50).map((issue) => ({
    pointer: `${root}${(issue.path ?? []).map((part) => `/${escape(part.key)}`).join('')}`,
    message: issue.message,
  }));
}

/** Checks what came in against a schema; what does not fit becomes a problem that names each field. */
export function checked<Schema extends v.GenericSchema>(
  schema: Schema,
  data: unknown,
  root = '',
): v.InferOutput<Schema> {
  // Devices and files of before may still speak an earlier format.
  const result = v.safeParse(schema, upgraded(data));
  if (result.success) return result.output;
  const errors = fieldErrors(result.issues, root);
  const first = errors[0];
  throw new Problem('invalid-field', first ? `${first.pointer || 'The body'}: ${first.message}` : '', { errors });
}

import type { FastifyInstance } from 'fastify';
import { audit, AuditPlan, makePlan, MakePlan, readIngredient, ReadIngredients, readLabel, ReadLabel } from '@lupin/core';
import { Problem } from '../problems.ts';
import type { Store } from '../store.ts';
import { checked } from '../validation.ts';

/** The computation over HTTP, for scripts; nothing is kept. */
export function computeRoutes(app: FastifyInstance, store: Store): void {
  app.get('/api/recipes', { schema: { summary: 'The recipe library', tags: ['recipes'] } }, () => store.recipes());

  app.post('/api/plan', { schema: { summary: 'Plan an occasion', tags: ['plan'], body: MakePlan } }, (request) => {
    const { occasion, seed, rounds } = checked(MakePlan, request.body);
    const result = makePlan(occasion, { seed, rounds });
    if (result.kind === 'none') throw new Problem('no-plan-possible', `${result.reason.what} ${result.reason.why}`, { reason: result.reason });
    return result.plan;
  });

  app.post('/api/read/ingredient', { schema: { summary: 'Read ingredient lines', description: 'What each contains, may hold until its label is read, is claimed to be, and which words are not understood, each with its place in the text. Answers one reading for `text`, a list for `texts`.', tags: ['recipes'], body: ReadIngredients } }, (request) => {
    const body = checked(ReadIngredients, request.body);
    return 'text' in body ? readIngredient(body.text) : body.texts.map(readIngredient);
  });

  app.post('/api/read/label', { schema: { summary: 'Read a label', description: 'Ingredients at every depth, the contains line, precautions (`mayContain`), claims, and contradictions between them. A proposal for a person to confirm.', tags: ['recipes'], body: ReadLabel } }, (request) => readLabel(checked(ReadLabel, request.body).text));

  app.post('/api/audit', { schema: { summary: 'Audit a plan against an occasion', tags: ['plan'], body: AuditPlan } }, (request) => {
    const { occasion, plan } = checked(AuditPlan, request.body);
    const { surfaces, ...report } = audit(occasion, plan);
    return { ...report, surfaces: Object.fromEntries(surfaces) };
  });
}

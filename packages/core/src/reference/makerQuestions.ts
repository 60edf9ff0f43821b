import * as v from 'valibot';
import rows from '../../../../data/reference/maker-questions.json' with { type: 'json' };

const MakerQuestionRow = v.strictObject({
  id: v.string(),
  ask: v.string(),
  why: v.string(),
  goodAnswer: v.picklist(['yes', 'no']),
});

/** What to ask somebody who brings or sells a dish. */
export type MakerQuestion = v.InferOutput<typeof MakerQuestionRow>;
export const makerQuestions: readonly MakerQuestion[] = v.parse(v.array(MakerQuestionRow), rows);
export const MakerQuestionId = v.picklist(
  makerQuestions.map((question) => question.id),
  'This question is not known.',
);

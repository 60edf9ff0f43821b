import { CloseOutlined } from '@ant-design/icons';
import { Button, InputNumber, Select } from 'antd';
import { atAnyTime, isBehind, noLabels, setWait, sideBySide, waitFor, workOf, type StepId } from '@lupin/core';
import type { StepFieldProps } from './StepForm.tsx';
import { waitSentence } from './work/words.ts';

/** What a step waits for, and how long what it waits for may stand: the order of the work, a row for each thing. */
export function WaitsField({ step, recipe, reshape }: StepFieldProps) {
  const work = workOf(recipe, noLabels);
  const own = work.find((each) => each.step.id === step.id);
  if (!own) return null;
  const nameOf = (id: StepId) => {
    const other = work.find((each) => each.step.id === id);
    return other ? `${other.number} ${other.step.title}` : '';
  };
  const others = work
    .filter((each) => each.step.id !== step.id && !own.waits.some(({ from }) => from === each.step.id))
    .map((each) => ({
      value: each.step.id as string,
      label: `${each.number} ${each.step.title}${isBehind(recipe, each.step.id, step.id) ? ' (waits for this one)' : ''}`,
    }));
  return (
    <div className="field" role="group" aria-label="What it waits for">
      <span>Waits for</span>
      {own.waits.length === 0 && <span className="small soft">nothing: it can be begun at any time</span>}
      {own.waits.map((wait) => {
        const set = (part: { leastMin?: number; mostMin?: number | undefined }) =>
          reshape(setWait(recipe, step.id, wait.from, { leastMin: wait.leastMin, mostMin: wait.saidMostMin, ...part }));
        return (
          <div key={wait.from} className="wait-row">
            <strong>{nameOf(wait.from)}</strong>
            <Button
              size="small"
              type="text"
              icon={<CloseOutlined />}
              aria-label={`Side by side with ${nameOf(wait.from)}`}
              title="Wait for it no longer: side by side"
              onClick={() => reshape(sideBySide(recipe, step.id, wait.from))}
            />
            <span className="row small">
              then at least{' '}
              <InputNumber
                size="small"
                aria-label={`At least so long after ${nameOf(wait.from)}, minutes`}
                min={0}
                max={4320}
                precision={0}
                value={wait.leastMin}
                onChange={(value) => set({ leastMin: value ?? 0 })}
                style={{ width: 58 }}
              />{' '}
              and at most{' '}
              <InputNumber
                size="small"
                aria-label={`At most so long after ${nameOf(wait.from)}, minutes`}
                min={0}
                max={4320}
                precision={0}
                value={wait.saidMostMin ?? null}
                placeholder="–"
                onChange={(value) => set({ mostMin: value ?? undefined })}
                style={{ width: 58 }}
              />{' '}
              min
            </span>
            <span className="small soft">{waitSentence(wait)}</span>
          </div>
        );
      })}
      <div className="row">
        <Select<string | null>
          size="small"
          aria-label="It also waits for"
          value={null}
          placeholder={own.waits.length === 0 ? 'let it wait for …' : 'and for …'}
          options={others}
          showSearch={{ optionFilterProp: 'label' }}
          popupMatchSelectWidth={false}
          style={{ width: 190 }}
          disabled={others.length === 0}
          onChange={(on) => {
            if (on) reshape(waitFor(recipe, step.id, on as StepId));
          }}
        />
        {own.waits.length > 0 && (
          <Button size="small" type="text" onClick={() => reshape(atAnyTime(recipe, step.id))}>
            It waits for nothing
          </Button>
        )}
      </div>
    </div>
  );
}

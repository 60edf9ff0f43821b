import { Button, Input, Segmented } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import * as v from 'valibot';
import { avoidedBy, foodOf, hazardOf, LabelRecord, membersOf, type HazardId } from '@lupin/core';
import { problemWords, useReadLabelMutation } from '../../app/api.ts';
import { useOccasionView } from '../occasions/context.ts';
import { pieces, proposed, type Answer } from './labelAnswers.ts';

/** What to look for on one label, only for those at this table; each must be answered, so that nothing is assumed. */
export function LabelForm({ food, onDone }: { food: string; onDone: () => void }) {
  const { occasion, edit } = useOccasionView();
  const [product, setProduct] = useState('');
  const [answers, setAnswers] = useState<Readonly<Record<string, Answer>>>({});
  const [fault, setFault] = useState('');
  const [text, setText] = useState('');
  const [read, reading] = useReadLabelMutation();
  const natural = new Set<string>(foodOf(food)?.contains);
  const needs = occasion.guests.flatMap((guest) => guest.needs);
  const hazards = [...new Set(needs.flatMap((need) => (need.kind === 'open' || need.strictness === 'prefers-not' ? [] : avoidedBy(need))))]
    .flatMap((hazard): HazardId[] => (hazard === 'gluten' ? [...membersOf(hazard)] : [hazard]))
    .filter((hazard) => !natural.has(hazard) && hazardOf(hazard).kind !== 'raw');
  const foods = [...new Set(needs.flatMap((need) => (need.kind === 'food' && need.strictness !== 'prefers-not' ? [need.food] : [])))].filter((each) => each !== food);
  const keys = [...hazards.map((hazard) => ({ key: `h:${hazard}`, name: hazardOf(hazard).name, may: true })), ...foods.map((each) => ({ key: `f:${each}`, name: foodOf(each)?.name ?? each, may: false }))];
  const open = keys.filter(({ key }) => answers[key] === undefined);
  const save = () => {
    if (!product.trim()) return setFault('Which product was it? Its name on the front.');
    if (open.length > 0) return setFault(`Still to answer: ${open.map(({ name }) => name).join(', ')}.`);
    const of = (answer: Answer, kind: 'h' | 'f') => keys.filter(({ key }) => key.startsWith(kind) && answers[key] === answer).map(({ key }) => key.slice(2));
    const record = v.safeParse(LabelRecord, { food, product: product.trim(), readOn: dayjs().format('YYYY-MM-DD'), contains: of('yes', 'h'), mayContain: of('may', 'h'), foodsFound: of('yes', 'f'), foodsAbsent: of('no', 'f') });
    if (!record.success) return setFault(record.issues[0].message);
    const refused = edit((one) => ({ ...one, labels: [...one.labels.filter((label) => label.food !== record.output.food), record.output] }));
    return refused === undefined ? onDone() : setFault(refused);
  };
  const rest = () => setAnswers({ ...Object.fromEntries(keys.map(({ key }) => [key, 'no' as const])), ...Object.fromEntries(Object.entries(answers).filter(([, answer]) => answer !== undefined)) });
  const propose = async () => {
    const result = await read(text).unwrap().catch(() => undefined);
    if (result) setAnswers(proposed(result, keys.map(({ key }) => key)));
  };
  return (
    <div className="offer">
      <h4>The label of {foodOf(food)?.name}</h4>
      <Input aria-label="Product" placeholder="name on the packet" value={product} maxLength={120} onChange={(event) => setProduct(event.target.value)} />
      <Input.TextArea aria-label="Text of the label" placeholder="Paste or type the label here, and it is read for you" autoSize={{ minRows: 2, maxRows: 8 }} maxLength={20_000} style={{ marginTop: 6 }} value={text} onChange={(event) => setText(event.target.value)} />
      {text.trim() && <Button size="small" style={{ marginTop: 6 }} loading={reading.isLoading} onClick={() => void propose()}>Read it</Button>}
      {reading.error && <p className="fault" role="alert">{problemWords(reading.error)}</p>}
      {reading.data && reading.data.text === text && (
        <div className="small" style={{ margin: '8px 0' }}>
          <p className="label-text">{pieces(reading.data).map((piece, index) => (piece.kind === 'plain' ? piece.text : <mark key={index} className={`m-${piece.kind}`} title={piece.kind === 'unknown' ? 'not understood' : piece.kind}>{piece.text}</mark>))}</p>
          {reading.data.contradictions.map((words) => <p key={words} className="fault">{words}</p>)}
          {reading.data.unknown.length > 0 && <p style={{ color: 'var(--straw)' }}>Not understood: {reading.data.unknown.map((each) => each.words).join(', ')}. What it may hold is left for you to answer.</p>}
          <p className="soft">A proposal: check every answer against the packet.</p>
        </div>
      )}
      <p className="small soft" style={{ margin: '6px 0' }}>Read the whole ingredient list, then the “may contain” line. Is it there?</p>
      {keys.map(({ key, name, may }) => (
        <div key={key} className="row" style={{ justifyContent: 'space-between', padding: '2px 0', flexWrap: 'nowrap' }}>
          <span>{name}</span>
          <Segmented size="small" aria-label={name} value={answers[key] ?? ''} onChange={(value) => setAnswers({ ...answers, [key]: value as Answer })}
            options={[{ value: 'no', label: 'no' }, ...(may ? [{ value: 'may', label: 'may contain' }] : []), { value: 'yes', label: 'yes' }]} />
        </div>
      ))}
      {open.length > 0 && open.length < keys.length && <Button size="small" type="text" onClick={rest}>None of the others is on it</Button>}
      {open.length === keys.length && <Button size="small" type="text" onClick={rest}>I read all of it; none of these is on it</Button>}
      {fault && <p className="fault" role="alert">{fault}</p>}
      <div className="row" style={{ marginTop: 8 }}><Button type="primary" size="small" onClick={save}>Record what I read</Button><Button size="small" onClick={onDone}>Cancel</Button></div>
    </div>
  );
}

import { AutoComplete, Button, Checkbox, Input, Segmented } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import * as v from 'valibot';
import {
  hazardOf,
  knowledgeOf,
  LabelRecord,
  listed,
  Product,
  regions,
  type FoodId,
  type LabelClaim,
} from '@lupin/core';
import { problemWords, useProductsQuery, usePutProductMutation, useReadLabelMutation } from '../../app/api.ts';
import { troubleCame } from '../../app/notices.ts';
import { useAppDispatch } from '../../app/store.ts';
import { shortDay } from '../../shared/words.ts';
import { useOccasionView } from '../occasions/context.ts';
import { answersOf, askedOf, recordOf, type Answers } from './asked.ts';
import { pieces, proposed, type Answer } from './labelAnswers.ts';

const idOf = (food: string, product: string): string =>
  `${food}-${product}`
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, 64)
    .replace(/^-+|-+$/g, '');

/** What to look for on one label, only for those at this table; each must be answered, so that nothing is assumed. */
export function LabelForm({ food, onDone }: { food: string; onDone: () => void }) {
  const { occasion, edit } = useOccasionView();
  const { data: products } = useProductsQuery();
  const dispatch = useAppDispatch();
  const [keepProduct] = usePutProductMutation();
  const [product, setProduct] = useState('');
  const [answers, setAnswers] = useState<Answers>({});
  const [claims, setClaims] = useState<readonly LabelClaim[]>([]);
  const [fault, setFault] = useState('');
  const [text, setText] = useState('');
  const [read, reading] = useReadLabelMutation();
  const { questions, claims: claimsAsked } = askedOf(occasion, food);
  const known = products?.filter((each) => each.entry.food === food) ?? [];
  const open = questions.filter(({ key }) => answers[key] === undefined);
  const name = knowledgeOf(occasion).food(food as FoodId)?.name ?? food;

  const keep = (record: LabelRecord): boolean => {
    const refused = edit((one) => ({
      ...one,
      labels: [...one.labels.filter((label) => label.food !== record.food), record],
    }));
    if (refused !== undefined) setFault(refused);
    return refused === undefined;
  };
  const save = () => {
    if (!product.trim()) return setFault('Which product was it? Its name on the front.');
    if (open.length > 0) return setFault(`Still to answer: ${open.map((each) => each.name).join(', ')}.`);
    const record = v.safeParse(LabelRecord, {
      food,
      product: product.trim(),
      readOn: dayjs().format('YYYY-MM-DD'),
      ...recordOf(questions, answers),
      claims: [...claims],
      text,
    });
    if (!record.success) return setFault(record.issues[0].message);
    if (!keep(record.output)) return;
    const { carriedOver: _carried, ...entry } = record.output;
    const id = idOf(food, product);
    keepProduct({
      baseRevision: known.find((each) => each.entry.id === id)?.revision ?? 0,
      entry: v.parse(Product, { id, ...entry }),
    })
      .unwrap()
      .catch((error: unknown) =>
        dispatch(
          troubleCame(
            `The label counts here, and ${product.trim()} could not be remembered for next time. ${problemWords(error)}`,
          ),
        ),
      );
    onDone();
  };
  const rest = () =>
    setAnswers({
      ...Object.fromEntries(questions.map(({ key }) => [key, 'no' as const])),
      ...Object.fromEntries(Object.entries(answers).filter(([, answer]) => answer !== undefined)),
    });
  const propose = async () => {
    const result = await read(text)
      .unwrap()
      .catch(() => undefined);
    if (!result) return;
    setAnswers(
      proposed(
        result,
        questions.map(({ key }) => key),
      ),
    );
    setClaims(claimsAsked.filter((claim) => result.claims.some((each) => each.claim === claim)));
  };
  return (
    <div className="offer">
      <h4>The label of {name}</h4>
      {known.map(({ entry }) => (
        <div key={entry.id} className="known-product">
          <span>
            <strong>{entry.product}</strong>{' '}
            <span className="soft small">
              read {dayjs(entry.readOn).format('D MMM YYYY')}: {found(entry)}
            </span>
          </span>
          <span className="row" style={{ gap: 6 }}>
            <Button
              size="small"
              onClick={() => {
                setProduct(entry.product);
                setAnswers(answersOf(questions, entry));
                setClaims(entry.claims);
              }}
            >
              Check it against the packet
            </Button>
            <Button
              size="small"
              type="text"
              onClick={() => {
                const { id: _id, ...label } = entry;
                if (keep({ ...label, carriedOver: true })) onDone();
              }}
            >
              Same packet, not read again
            </Button>
          </span>
        </div>
      ))}
      <AutoComplete
        aria-label="Product"
        style={{ width: '100%' }}
        value={product}
        onChange={setProduct}
        options={known.map((each) => ({ value: each.entry.product }))}
      >
        <Input placeholder="name on the packet" maxLength={120} />
      </AutoComplete>
      <Input.TextArea
        aria-label="Text of the label"
        placeholder="Paste or type the label here, and it is read for you"
        autoSize={{ minRows: 2, maxRows: 8 }}
        maxLength={20_000}
        style={{ marginTop: 6 }}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      {text.trim() && (
        <Button size="small" style={{ marginTop: 6 }} loading={reading.isLoading} onClick={() => void propose()}>
          Read it
        </Button>
      )}
      {reading.error && (
        <p className="fault" role="alert">
          {problemWords(reading.error)}
        </p>
      )}
      {reading.data && reading.data.text === text && (
        <div className="small" style={{ margin: '8px 0' }}>
          <p className="label-text">
            {pieces(reading.data).map((piece, index) =>
              piece.kind === 'plain' ? (
                piece.text
              ) : (
                <mark
                  key={index}
                  className={`m-${piece.kind}`}
                  title={piece.kind === 'unknown' ? 'not understood' : piece.kind}
                >
                  {piece.text}
                </mark>
              ),
            )}
          </p>
          {reading.data.contradictions.map((words) => (
            <p key={words} className="fault">
              {words}
            </p>
          ))}
          {reading.data.unknown.length > 0 && (
            <p style={{ color: 'var(--straw)' }}>
              Not understood: {reading.data.unknown.map((each) => each.words).join(', ')}. What it may hold is left for
              you to answer.
            </p>
          )}
          <p className="soft">A proposal: check every answer against the packet.</p>
        </div>
      )}
      <p className="small soft" style={{ margin: '8px 0 4px' }}>
        Read the whole ingredient list, then the “may contain” line. Is it there?
      </p>
      {questions.map(({ key, name: asked, words, may, guests, unnamed }) => (
        <div key={key} className="label-question">
          <span>
            <strong>{asked}</strong> <span className="soft small">for {listed(guests)}</span>
          </span>
          <Segmented
            size="small"
            aria-label={asked}
            value={answers[key] ?? ''}
            onChange={(value) => setAnswers({ ...answers, [key]: value as Answer })}
            options={[
              { value: 'no', label: 'no' },
              ...(may ? [{ value: 'may', label: 'may contain' }] : []),
              { value: 'yes', label: 'yes' },
            ]}
          />
          {words && (
            <span className="soft small words">
              {words}
              {unnamed.length > 0 && (
                <span style={{ color: 'var(--straw)' }}>
                  {' '}
                  ·{' '}
                  {unnamed.length === regions.length
                    ? 'no law asks a label to name it'
                    : `need not be named on labels from: ${listed(unnamed)}`}
                </span>
              )}
            </span>
          )}
        </div>
      ))}
      {claimsAsked.map((claim) => (
        <p key={claim} style={{ margin: '6px 0' }}>
          <Checkbox
            checked={claims.includes(claim)}
            onChange={(event) =>
              setClaims(event.target.checked ? [...claims, claim] : claims.filter((each) => each !== claim))
            }
          >
            The packet says “{claim}”
          </Checkbox>
        </p>
      ))}
      {open.length > 0 && open.length < questions.length && (
        <Button size="small" type="text" onClick={rest}>
          None of the others is on it
        </Button>
      )}
      {open.length === questions.length && (
        <Button size="small" type="text" onClick={rest}>
          I read all of it; none of these is on it
        </Button>
      )}
      {fault && (
        <p className="fault" role="alert">
          {fault}
        </p>
      )}
      <div className="row" style={{ marginTop: 8 }}>
        <Button type="primary" onClick={save}>
          Record what I read
        </Button>
        <Button onClick={onDone}>Cancel</Button>
      </div>
    </div>
  );
}

/** What a reading found, in a few words. */
export function found({
  contains,
  mayContain,
  claims,
}: Pick<LabelRecord, 'contains' | 'mayContain' | 'claims'>): string {
  const parts = [
    contains.length > 0
      ? `lists ${listed(contains.map((hazard) => hazardOf(hazard).name))}`
      : 'lists nothing that was asked',
    ...(mayContain.length > 0 ? [`may contain ${listed(mayContain.map((hazard) => hazardOf(hazard).name))}`] : []),
    ...(claims.length > 0 ? [`says ${listed(claims)}`] : []),
  ];
  return parts.join('; ');
}

export const dayOrOld = (label: LabelRecord, isOld: boolean): string =>
  `${shortDay(label.readOn)}${isOld ? ', too old' : label.carriedOver ? ', for an earlier occasion' : ''}`;

import { Button, Input } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { problemWords, useCreateOccasionMutation, useOccasionsQuery, useRemoveOccasionMutation } from '../../app/api.ts';
import { ClockField } from '../../shared/ClockField.tsx';
import { longDay } from '../../shared/words.ts';

export function OccasionsPage() {
  const { data, error, isLoading } = useOccasionsQuery();
  const [remove, removal] = useRemoveOccasionMutation();
  const [asking, setAsking] = useState<string>();
  return (
    <main className="page" style={{ maxWidth: 940, margin: '0 auto' }}>
      <div className="row" style={{ gap: 12, marginTop: 10 }}>
        <img src="/lupin.svg" alt="" width={38} height={38} />
        <h1>Lupin</h1>
        <span className="soft">who may eat what, how much, and when, so that nothing crosses over</span>
        <Link to="/recipes" style={{ marginLeft: 'auto', fontWeight: 600 }}>Recipes</Link>
      </div>
      {isLoading && <p className="soft">Opening …</p>}
      {(error ?? removal.error) && <p className="fault" role="alert">{problemWords(error ?? removal.error)}</p>}
      {data && data.length === 0 && <p style={{ margin: '26px 0 6px' }} className="big">No occasion yet. Name the first one below; the usual kitchen comes with it. To look at a worked example, stop this and run <code>npm run demo</code>.</p>}
      <ul className="occasion-list">
        {data?.map((each) => (
          <li key={each.id}>
            <span className="soft">{dayjs(each.date).format('D MMM YYYY')}<br />{each.serveAt}</span>
            <span>
              <Link className="name" to={`/o/${each.id}/guests`}>{each.name}</Link>
              <br />
              <span className="soft">{each.guests} at table · {each.dishes} {each.dishes === 1 ? 'dish' : 'dishes'} · {longDay(each.date)}{each.note ? ` · ${each.note}` : ''}</span>
            </span>
            {asking === each.id ? (
              <span className="row">
                <Button danger size="small" onClick={() => { void remove(each.id); setAsking(undefined); }}>Remove for good</Button>
                <Button size="small" onClick={() => setAsking(undefined)}>Keep</Button>
              </span>
            ) : (
              <Button type="text" size="small" onClick={() => setAsking(each.id)} aria-label={`Remove ${each.name}`}>Remove</Button>
            )}
          </li>
        ))}
      </ul>
      <NewOccasion />
      <p className="soft small" style={{ marginTop: 36, maxWidth: 640 }}>Lupin plans; it does not test food. Follow your guest's own advice and that of their clinician, and your local food-safety rules, before anything said here.</p>
    </main>
  );
}

function NewOccasion() {
  const [name, setName] = useState('');
  const [date, setDate] = useState(() => dayjs().add(14, 'day').format('YYYY-MM-DD'));
  const [serveAt, setServeAt] = useState('18:30');
  const [fault, setFault] = useState('');
  const [create, { isLoading, error }] = useCreateOccasionMutation();
  const navigate = useNavigate();
  const submit = async () => {
    if (!name.trim()) return setFault('A name is needed.');
    if (!dayjs(date).isValid()) return setFault('A day is needed.');
    setFault('');
    const kept = await create({ name: name.trim(), date, serveAt }).unwrap().catch(() => undefined);
    if (kept) await navigate(`/o/${kept.occasion.id}/guests`);
    return undefined;
  };
  return (
    <form aria-label="New occasion" onSubmit={(event) => { event.preventDefault(); void submit(); }}>
      <h3 style={{ marginBottom: 8 }}>A new occasion</h3>
      <div className="row" style={{ alignItems: 'flex-end' }}>
        <div className="field"><label htmlFor="new-name">Name</label><Input id="new-name" style={{ width: 280 }} value={name} maxLength={120} status={fault ? 'error' : ''} onChange={(event) => setName(event.target.value)} placeholder="Midsummer table" /></div>
        <div className="field"><label htmlFor="new-date">Day</label><Input id="new-date" type="date" style={{ width: 160 }} value={date} onChange={(event) => setDate(event.target.value)} /></div>
        <div className="field"><label htmlFor="new-time">At the table</label><ClockField id="new-time" value={serveAt} onChange={setServeAt} /></div>
        <Button type="primary" htmlType="submit" loading={isLoading}>Start planning</Button>
      </div>
      {dayjs(date).isValid() && <p className="soft small" style={{ marginTop: 4 }}>{longDay(date)}</p>}
      {fault && <p className="fault" role="alert">{fault}</p>}
      {error && <p className="fault" role="alert">{problemWords(error)}</p>}
    </form>
  );
}

import { Button } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { Link } from 'react-router';
import {
  problemWords,
  useCreateOccasionMutation,
  useOccasionsQuery,
  useRemoveOccasionMutation,
} from '../../app/api.ts';
import { longDay } from '../../shared/words.ts';
import { OccasionForm } from './OccasionForm.tsx';

export function OccasionsPage() {
  const { data, error, isLoading } = useOccasionsQuery();
  const [remove, removal] = useRemoveOccasionMutation();
  const [asking, setAsking] = useState<string>();
  const today = dayjs().format('YYYY-MM-DD');
  // What is to come, the nearest first; then what has been, the latest first. A past one opens as it was.
  const lists = [
    {
      title: 'To come',
      list: (data ?? []).filter((each) => each.date >= today).sort((a, b) => (a.date < b.date ? -1 : 1)),
    },
    {
      title: 'Past',
      list: (data ?? []).filter((each) => each.date < today).sort((a, b) => (a.date < b.date ? 1 : -1)),
    },
  ];
  return (
    <main className="page" style={{ maxWidth: 940, margin: '0 auto' }}>
      <div className="row" style={{ gap: 12, marginTop: 10 }}>
        <img src="/lupin.svg" alt="" width={38} height={38} />
        <h1>Lupin</h1>
        <span className="soft">who may eat what, how much, and when, so that nothing crosses over</span>
        <Link to="/recipes" style={{ marginLeft: 'auto', fontWeight: 600 }}>
          Recipes
        </Link>
      </div>
      {isLoading && <p className="soft">Opening …</p>}
      {(error ?? removal.error) && (
        <p className="fault" role="alert">
          {problemWords(error ?? removal.error)}
        </p>
      )}
      {data && data.length === 0 && (
        <p style={{ margin: '26px 0 6px' }} className="big">
          No occasion yet. Name the first one below; the usual kitchen comes with it. To look at a worked example, stop
          this and run <code>npm run demo</code>.
        </p>
      )}
      {lists.map(
        ({ title, list }) =>
          list.length > 0 && (
            <section key={title} aria-label={title}>
              {title === 'Past' && <h3 style={{ marginTop: 26 }}>Past</h3>}
              <ul className="occasion-list">
                {list.map((each) => (
                  <li key={each.id}>
                    <span className="soft">
                      {dayjs(each.date).format('D MMM YYYY')}
                      <br />
                      {each.serveAt}
                    </span>
                    <span>
                      <Link className="name" to={`/o/${each.id}/guests`}>
                        {each.name}
                      </Link>
                      <br />
                      <span className="soft">
                        {each.guests} at table · {each.dishes} {each.dishes === 1 ? 'dish' : 'dishes'} ·{' '}
                        {longDay(each.date)}
                        {each.note ? ` · ${each.note}` : ''}
                      </span>
                    </span>
                    {asking === each.id ? (
                      <span className="row">
                        <Button
                          danger
                          size="small"
                          onClick={() => {
                            void remove(each.id);
                            setAsking(undefined);
                          }}
                        >
                          Remove for good
                        </Button>
                        <Button size="small" onClick={() => setAsking(undefined)}>
                          Keep
                        </Button>
                      </span>
                    ) : (
                      <span className="row" style={{ flexWrap: 'nowrap' }}>
                        {title === 'Past' && <Link to={`/o/${each.id}/after?view=again`}>Make it again</Link>}
                        <Button
                          type="text"
                          size="small"
                          onClick={() => setAsking(each.id)}
                          aria-label={`Remove ${each.name}`}
                        >
                          Remove
                        </Button>
                      </span>
                    )}
                  </li>
                ))}
              </ul>
            </section>
          ),
      )}
      <NewOccasion />
      <p className="soft small" style={{ marginTop: 36, maxWidth: 640 }}>
        Lupin plans; it does not test food. Follow your guest's own advice and that of their clinician, and your local
        food-safety rules, before anything said here.
      </p>
    </main>
  );
}

function NewOccasion() {
  const [create, { isLoading, error }] = useCreateOccasionMutation();
  return (
    <section>
      <h3 style={{ marginBottom: 8 }}>A new occasion</h3>
      <OccasionForm
        label="New occasion"
        from={{ name: '', date: dayjs().add(14, 'day').format('YYYY-MM-DD'), serveAt: '18:30' }}
        placeholder="Midsummer table"
        button="Start planning"
        isLoading={isLoading}
        error={error}
        onMake={(one) =>
          create(one)
            .unwrap()
            .catch(() => undefined)
        }
      />
    </section>
  );
}

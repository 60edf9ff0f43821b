import { Button, Segmented } from 'antd';
import { useCallback, useEffect, useMemo } from 'react';
import { Link, NavLink, Outlet, useLocation, useNavigate, useParams } from 'react-router';
import { adaptable, basisOf, fit, openChecks, questionsAbout, scale, shoppingList, type Occasion } from '@lupin/core';
import { problemWords, useOccasionQuery, useSwapsQuery } from '../../app/api.ts';
import { editOccasion, redo, undo } from '../../app/editing.ts';
import { troubleGone } from '../../app/notices.ts';
import { unitsSwitched } from '../../app/prefs.ts';
import { useAppDispatch, useAppSelector } from '../../app/store.ts';
import { usePlanner } from '../../planner/usePlanner.ts';
import { PlateMark } from '../../shared/PlateMark.tsx';
import { longDay } from '../../shared/words.ts';
import { OccasionContext, type OccasionView } from './context.ts';

/** A letter is text where text is being written, and nowhere else: not on a switch or a choice that was just pressed. */
const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    ['TEXTAREA', 'SELECT'].includes(target.tagName) ||
    (target instanceof HTMLInputElement && !['radio', 'checkbox', 'button'].includes(target.type)));

/** Where the plan is what is looked at. */
const planStations: ReadonlySet<string> = new Set(['timetable', 'cook', 'table', 'after']);

export function OccasionShell() {
  const { id = '' } = useParams();
  const { data, error } = useOccasionQuery(id);
  const { data: swaps } = useSwapsQuery();
  const dispatch = useAppDispatch();
  const occasion = data?.occasion;
  const table = useMemo(() => (occasion ? fit(occasion) : undefined), [occasion]);
  const shown = useMemo(
    () => (occasion && table ? adaptable(occasion, table, swaps?.map((each) => each.entry) ?? []) : undefined),
    [occasion, table, swaps],
  );
  const checks = useMemo(() => (occasion && table ? openChecks(occasion, table) : undefined), [occasion, table]);
  const basis = useMemo(() => (occasion ? basisOf(occasion) : ''), [occasion]);
  const { pathname } = useLocation();
  const planner = usePlanner(occasion, planStations.has(pathname.split('/')[3] ?? ''));
  const edit = useCallback((change: (one: Occasion) => Occasion) => dispatch(editOccasion(id, change)), [dispatch, id]);

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key.toLowerCase() !== 'z' || typing(event.target) || event.altKey) return;
      event.preventDefault();
      dispatch(event.shiftKey ? redo(id) : undo(id));
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [dispatch, id]);

  if (error) {
    return (
      <main className="page">
        <h1>This occasion cannot be opened</h1>
        <p className="fault" role="alert">
          {problemWords(error)}
        </p>
        <p>
          <Link to="/">All occasions</Link>
        </p>
      </main>
    );
  }
  if (!occasion || !table || !shown || !checks) return <main className="page soft">Opening …</main>;
  const view: OccasionView = {
    occasion,
    table,
    shown,
    checks,
    plan: planner.state,
    planIsCurrent: planner.state?.basis === basis,
    stopPlanning: planner.stop,
    planAgain: planner.again,
    offerPlan: planner.offer,
    edit,
  };
  return (
    <OccasionContext value={view}>
      <div className="shell">
        <Mast view={view} />
        <Stations view={view} />
        <Trouble />
        <Strip view={view} />
        <Outlet />
      </div>
    </OccasionContext>
  );
}

function Mast({ view: { occasion } }: { view: OccasionView }) {
  const dispatch = useAppDispatch();
  const { measure } = useAppSelector((state) => state.prefs);
  const history = useAppSelector((state) => state.history[occasion.id]);
  const saving = useAppSelector((state) => state.notices.saving > 0);
  return (
    <header className="mast">
      <Link className="home" to="/" aria-label="All occasions">
        <img src="/lupin.svg" alt="" width={30} height={30} />
      </Link>
      <h1>{occasion.name}</h1>
      <span className="when">
        {longDay(occasion.date)} · at the table {occasion.serveAt} · {occasion.guests.length}{' '}
        {occasion.guests.length === 1 ? 'guest' : 'guests'}
      </span>
      <span className="grow" />
      <span className="soft small status" role="status" style={{ minWidth: 44 }}>
        {saving ? 'saving' : ''}
      </span>
      <Segmented
        size="small"
        aria-label="Units"
        value={measure}
        onChange={(value) => dispatch(unitsSwitched(value === 'us' ? 'us' : 'metric'))}
        options={[
          { value: 'metric', label: 'g · °C' },
          { value: 'us', label: 'cup · °F' },
        ]}
      />
      <Button
        size="small"
        className="undo"
        disabled={!history?.back.length}
        onClick={() => dispatch(undo(occasion.id))}
      >
        Undo <kbd>Z</kbd>
      </Button>
    </header>
  );
}

function Stations({ view: { occasion, table, checks, plan, planIsCurrent } }: { view: OccasionView }) {
  const unasked = occasion.guests.filter((guest) => questionsAbout(guest, occasion.date).length > 0).length;
  const short = table.plates.filter((plate) => plate.state === 'short').length;
  const open = table.plates.filter((plate) => plate.state === 'checks').length;
  const toBuy = useMemo(
    () =>
      shoppingList(occasion, scale(occasion, table), checks).items.filter((item) => !item.ticked && !item.inHouse)
        .length,
    [occasion, table, checks],
  );
  const mark = (text: string, done = false) => <span className={done ? 'done' : 'open'}>{text}</span>;
  const timetable =
    !planIsCurrent || !plan
      ? mark('to plan')
      : plan.status === 'none'
        ? mark('no plan')
        : plan.plan
          ? mark(plan.status === 'looking' ? 'improving' : 'audited', true)
          : mark('planning');
  return (
    <nav className="stations" aria-label="Stations">
      <NavLink to="guests">
        Guests{occasion.guests.length > 0 && (unasked > 0 ? mark(`${unasked} to ask`) : mark('done', true))}
      </NavLink>
      <NavLink to="menu">
        Menu
        {occasion.dishes.length > 0 &&
          (short > 0 ? mark(`${short} short`) : open > 0 ? mark(`${open} to check`) : mark('done', true))}
      </NavLink>
      <NavLink to="labels">
        Labels{occasion.dishes.length > 0 && (checks.length > 0 ? mark(`${checks.length} open`) : mark('done', true))}
      </NavLink>
      <NavLink to="amounts">Amounts</NavLink>
      <NavLink to="shopping">
        Shopping{occasion.dishes.length > 0 && (toBuy > 0 ? mark(`${toBuy} to buy`) : mark('done', true))}
      </NavLink>
      <NavLink to="timetable">Timetable{occasion.dishes.length > 0 && timetable}</NavLink>
      <NavLink to="cook">Cook</NavLink>
      <NavLink to="table">Table</NavLink>
      <NavLink to="after">After</NavLink>
    </nav>
  );
}

function Trouble() {
  const trouble = useAppSelector((state) => state.notices.trouble);
  const dispatch = useAppDispatch();
  if (!trouble) return null;
  return (
    <div className="trouble" role="alert">
      <strong>Not saved.</strong>
      <span>{trouble}</span>
      <Button size="small" onClick={() => dispatch(troubleGone())}>
        I have seen it
      </Button>
    </div>
  );
}

/** The plates, on every planning station but the menu, where they stand as the columns of the table. */
function Strip({ view: { occasion, table } }: { view: OccasionView }) {
  const { pathname } = useLocation();
  const navigate = useNavigate();
  if (
    pathname.endsWith('/menu') ||
    pathname.endsWith('/cook') ||
    pathname.endsWith('/after') ||
    occasion.guests.length === 0
  )
    return null;
  const full = table.plates.filter((plate) => plate.state === 'full').length;
  return (
    <div className="strip">
      <div className="plates" role="group" aria-label="Plates">
        {occasion.guests.map((guest, index) => (
          <button
            key={guest.id}
            type="button"
            className="bare plate-button"
            onClick={() => void navigate(`/o/${occasion.id}/menu?guest=${guest.id}`)}
            title={`What may ${guest.name} eat?`}
          >
            <PlateMark plate={table.plates[index]!} name={guest.name} size={34} />
            {guest.name}
          </button>
        ))}
      </div>
      <span className="sum">
        plates full and clear
        <br />
        <strong>
          {full} of {occasion.guests.length}
        </strong>
      </span>
    </div>
  );
}

import { useEffect, useRef, useState, type CSSProperties, type KeyboardEvent, type ReactNode } from 'react';
import { Switch } from 'antd';
import { clockTime, hazardOf, markWords, noTraceHazards, ovensOf, type HazardId, type Occasion, type Plan, type PlannedWash, type ResidueMark, type RunSheetEntry, type StepEntry } from '@lupin/core';
import type { PlainAudit } from '../../planner/slice.ts';
import { labelWidth, pack, type Block, type Stretch } from './layout.ts';
import { OvenCurve } from './OvenCurve.tsx';

interface LanesProps {
  readonly occasion: Occasion;
  readonly plan: Plan;
  readonly entries: readonly RunSheetEntry[];
  readonly audit: PlainAudit;
  readonly part: Stretch;
  readonly wide: boolean;
  readonly selected: string | undefined;
  readonly onSelect: (id: string) => void;
}

const nameWidth = 128;
const rowHeight = 30;

/** Kit that changes hands between dishes, and so decides: shown always; the rest on demand. */
const deciding = new Set(['board', 'knife', 'blender', 'bench', 'grater', 'whisk']);

export function Lanes({ occasion, plan, entries, audit, part, wide, selected, onSelect }: LanesProps) {
  const scroller = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(1240);
  const [allKit, setAllKit] = useState(false);
  useEffect(() => {
    const element = scroller.current;
    if (!element) return undefined;
    const observer = new ResizeObserver(() => setWidth(element.clientWidth));
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  const fromMin = Math.floor((part.fromMin - 5) / 30) * 30;
  const toMin = Math.ceil((part.toMin + 12) / 30) * 30;
  const pxPerMin = Math.max(wide ? 4 : 2.6, (width - nameWidth - 24) / (toMin - fromMin));
  const x = (moment: number) => nameWidth + (moment - fromMin) * pxPerMin;
  const inside = entries.filter((entry) => entry.endMin > fromMin && entry.startMin < toMin);
  const steps = inside.filter((entry): entry is StepEntry => entry.kind === 'step');

  const onKey = (event: KeyboardEvent) => {
    if (event.key !== 'ArrowRight' && event.key !== 'ArrowLeft') return;
    const bars = [...(scroller.current?.querySelectorAll<HTMLElement>('[data-entry]') ?? [])];
    const at = bars.findIndex((bar) => bar === document.activeElement);
    const next = bars[at + (event.key === 'ArrowRight' ? 1 : -1)];
    if (at < 0 || !next) return;
    event.preventDefault();
    next.focus();
    onSelect(next.dataset['entry']!);
  };
  const bar = (entry: RunSheetEntry, top: number, label: string) => <Bar key={entry.id} entry={entry} top={top} label={label} x={x} fromMin={fromMin} pxPerMin={pxPerMin} pressed={entry.id === selected} onSelect={onSelect} />;
  const packed = (list: readonly RunSheetEntry[], label: (entry: RunSheetEntry) => string) => {
    const { blocks, rows } = pack(list.map((item): Block<RunSheetEntry> => ({ item, startMin: Math.max(item.startMin, fromMin), endMin: item.endMin, label: label(item) })), pxPerMin);
    return { rows, bars: blocks.map((block) => bar(block.item, 4 + block.row * rowHeight, block.label)) };
  };
  const cookLanes = occasion.kitchen.cooks.map((cook) => ({ cook, ...packed(inside.filter((entry) => entry.cook === cook.id), labelOf) }));
  const placeOf = new Map(plan.tasks.flatMap((task) => (task.kind === 'step' ? [[task.id, { oven: task.oven, rack: task.racks[0] }] as const] : [])));
  const ovens = ovensOf(occasion.kitchen).map((oven, number) => {
    const racks = Array.from({ length: oven.racks }, (_, rack) => packed(steps.filter((step) => step.oven && placeOf.get(step.id)?.oven === number && placeOf.get(step.id)?.rack === rack), ofDish));
    const tops = racks.map((_, rack) => 4 + racks.slice(0, rack).reduce((sum, each) => sum + each.rows * rowHeight, 0));
    return { oven, number, racks, tops, height: racks.reduce((sum, rack) => sum + rack.rows, 0) * rowHeight };
  }).filter(({ oven }) => oven.racks > 0);
  const hob = packed(steps.filter((step) => !step.oven && step.burner), ofDish);
  const alone = packed(steps.filter((step) => step.hands === 'off' && !step.oven && !step.burner), ofDish);
  const hours: number[] = [];
  const [hour, minute] = occasion.serveAt.split(':').map(Number);
  const offset = hour! * 60 + minute!;
  for (let moment = Math.ceil((fromMin + offset) / 60) * 60 - offset; moment <= toMin; moment += 60) hours.push(moment);
  const servings = [...new Set(occasion.courses.map((course) => course.offsetMin))].filter((atMin) => atMin >= fromMin && atMin <= toMin)
    .sort((a, b) => a - b)
    .map((atMin, index, all) => {
      const names = occasion.courses.filter((course) => course.offsetMin === atMin).map((course) => course.name);
      // Two courses close together: one sign to each side of its line.
      const near = (other: number | undefined) => other !== undefined && Math.abs(other - atMin) * pxPerMin < 130;
      const shift = near(all[index + 1]) ? '-100%' : near(all[index - 1]) ? '0' : '-50%';
      return { atMin, names, shift };
    });
  const minded = new Set<ResidueMark>(occasion.guests.flatMap((guest) => [...noTraceHazards(guest)] as HazardId[]));
  const washedAt = (which: (wash: PlannedWash) => boolean) => plan.tasks.flatMap((task) => (task.kind === 'wash' && which(task) && task.endMin > fromMin && task.endMin < toMin ? [task.endMin] : []));
  const kit = occasion.kitchen.kit.filter((unit) => (audit.surfaces[unit.id]?.length ?? 0) > 0 && (allKit || deciding.has(unit.kind)));
  return (
    <>
      <div className="tt" ref={scroller} onKeyDown={onKey} tabIndex={-1}>
        <div className="tt-canvas" style={{ width: x(toMin) + 20 }}>
          {hours.map((moment) => <i key={moment} className="tt-hour" style={{ left: x(moment) }} />)}
          {occasion.courses.filter((course) => course.offsetMin >= fromMin && course.offsetMin <= toMin).map((course) => <i key={course.id} className="tt-serve" style={{ left: x(course.offsetMin) }} />)}
          <div className="tt-axis">
            {hours.map((moment) => <span key={moment} style={{ left: x(moment) }}>{clockTime(occasion.serveAt, moment)}</span>)}
            {servings.map(({ atMin, names, shift }) => <span key={atMin} style={{ left: x(atMin), transform: `translateX(${shift})`, color: 'var(--paper)', background: 'var(--violet)', borderRadius: 4, zIndex: 2, fontSize: 12.5 }}>{names.join(', ')} {clockTime(occasion.serveAt, atMin)}</span>)}
          </div>
          {cookLanes.map(({ cook, rows, bars }) => <Lane key={cook.id} name={cook.name} height={rows * rowHeight + 6}>{bars}</Lane>)}
          {ovens.map(({ oven, number, racks, tops, height }) => (
            <Lane key={number} name={oven.name} sub={racks.length > 1 && racks.map((_, index) => <span key={index} style={{ position: 'absolute', right: 8, top: tops[index]! + 2 }}>{racks.length === 2 ? (index === 0 ? 'upper' : 'lower') : `rack ${index + 1}`}</span>)} height={height + 72}>
              {tops.slice(1).map((top) => <i key={top} style={{ position: 'absolute', left: nameWidth, right: 0, top: top - 2, borderTop: '1px dashed var(--line-strong)' }} />)}
              {racks.map((rack, index) => <div key={index} style={{ position: 'absolute', top: tops[index]! - 4, left: 0 }}>{rack.bars}</div>)}
              <OvenCurve plan={plan} oven={number} x={x} fromMin={fromMin} toMin={toMin} top={height + 6} height={64} />
            </Lane>
          ))}
          <Lane name="Hob" sub={`${occasion.kitchen.burners} burners`} height={hob.rows * rowHeight + 6}>{hob.bars}</Lane>
          <Lane name="By itself" height={alone.rows * rowHeight + 6}>{alone.bars}</Lane>
          {occasion.kitchen.cooks.map((cook) => <Residue key={cook.id} name={`Hands, ${cook.name}`} states={audit.surfaces[`hands:${cook.id}`] ?? []} x={x} toMin={toMin} fromMin={fromMin} minded={minded} gates={washedAt((wash) => wash.cook === cook.id)} />)}
          {kit.map((unit) => <Residue key={unit.id} name={unit.name} states={audit.surfaces[unit.id] ?? []} x={x} toMin={toMin} fromMin={fromMin} minded={minded} gates={washedAt((wash) => wash.units.includes(unit.id))} />)}
          {inside.filter((entry) => entry.kind === 'wash' && entry.id === selected).map((entry) => <i key={entry.id} className="tt-gate" style={{ left: x(entry.endMin) - 2 }} />)}
        </div>
      </div>
      <div className="row small" style={{ padding: '6px 20px', gap: 18 }}>
        <label className="row"><Switch size="small" checked={allKit} onChange={setAllKit} /> all kit</label>
        <span className="row"><b style={{ width: 5, height: 16, background: 'var(--leaf)' }} /> kept free for somebody</span>
        <span className="row"><b style={{ width: 16, height: 14, background: 'var(--clay-soft)', border: '1.5px solid var(--clay)' }} /> raw</span>
        <span className="row"><b style={{ width: 16, height: 14, background: 'var(--wash-soft)', border: '1.5px solid var(--wash)' }} /> wash</span>
        <span className="row"><b style={{ width: 16, height: 14, background: 'var(--shade)', border: '1.5px dashed var(--line-strong)' }} /> a look in between</span>
        <span className="row"><b style={{ width: 16, height: 14, background: 'var(--straw-soft)' }} /> carries what somebody must not have</span>
      </div>
    </>
  );
}

/** On a cook's lane washes and looks are signs without words: there are many, and pressing one says all. */
const labelOf = (entry: RunSheetEntry): string => (entry.kind === 'step' ? entry.title : '');

/** Where several dishes meet, a bar says whose it is. */
const ofDish = (entry: RunSheetEntry): string => {
  if (entry.kind !== 'step') return entry.title;
  const dish = entry.dish.replaceAll('-', ' ');
  return dish.split(' ').some((word) => entry.title.toLowerCase().includes(word)) ? entry.title : `${entry.title} · ${dish}`;
};

interface BarProps {
  readonly entry: RunSheetEntry;
  readonly top: number;
  readonly label: string;
  readonly x: (moment: number) => number;
  readonly fromMin: number;
  readonly pxPerMin: number;
  readonly pressed: boolean;
  readonly onSelect: (id: string) => void;
}

function Bar({ entry, top, label, x, fromMin, pxPerMin, pressed, onSelect }: BarProps) {
  // What began before the window starts at its edge, so that its name is in sight.
  const start = Math.max(entry.startMin, fromMin);
  const kind = entry.kind === 'wash' ? 'washing' : entry.kind === 'look' ? 'look' : entry.kind === 'step' && entry.raw ? 'raw' : entry.kind === 'step' && entry.freeFrom.length > 0 ? 'free' : '';
  return (
    <button type="button" data-entry={entry.id} className={`tt-bar ${kind}`} aria-pressed={pressed} aria-label={`${entry.title}${'dishName' in entry ? `, ${entry.dishName}` : ''}`} style={{ left: x(start), width: Math.max(6, (entry.endMin - start) * pxPerMin - 1), top }} onClick={() => onSelect(entry.id)}>
      {entry.kind === 'wash' ? <svg width="10" height="14" viewBox="0 0 10 14" style={{ position: 'absolute', top: 5, left: Math.max(-3, ((entry.endMin - entry.startMin) * pxPerMin - 12) / 2) }} aria-hidden><path d="M5 0c2.6 3.6 4.4 5.9 4.4 8.6a4.4 4.4 0 0 1-8.8 0C.6 5.900 2.400 3.600 5 0z" fill="currentColor" /></svg> : <span className="label">{label}</span>}
    </button>
  );
}

function Lane({ name, sub, height, children }: { name: string; sub?: ReactNode; height: number; children: ReactNode }) {
  return <div className="tt-lane" style={{ height }}><div className="tt-name"><strong>{name}</strong>{sub && <div className="soft small">{sub}</div>}</div>{children}</div>;
}

interface ResidueProps {
  readonly name: string;
  readonly states: PlainAudit['surfaces'][string];
  readonly x: (moment: number) => number;
  readonly fromMin: number;
  readonly toMin: number;
  readonly minded: ReadonlySet<ResidueMark>;
  /** When it comes clean from a wash. */
  readonly gates: readonly number[];
}

/** What is on a piece of kit, as it changes. */
function Residue({ name, states, x, fromMin, toMin, minded, gates }: ResidueProps) {
  const segments: { start: number; end: number; words: string; background: CSSProperties['background'] }[] = [];
  states.forEach((state, index) => {
    const end = Math.min(states[index + 1]?.fromMin ?? toMin, toMin);
    const start = Math.max(state.fromMin, fromMin);
    if (end <= start) return;
    const raw = state.marks.filter((mark) => mark !== 'unread' && hazardOf(mark).washAlways);
    const bad = state.marks.filter((mark) => minded.has(mark));
    const words = [...raw, ...bad].map(markWords).join(', ') || (state.marks.length === 0 ? 'clean' : '');
    const background = raw.length > 0 ? 'var(--clay-soft)' : bad.length > 0 ? 'var(--straw-soft)' : state.marks.length > 0 ? 'var(--shade)' : 'var(--leaf-soft)';
    const last = segments.at(-1);
    if (last && last.end === start && last.words === words && last.background === background) last.end = end;
    else segments.push({ start, end, words, background });
  });
  return <div className="tt-lane" style={{ height: 26 }}><div className="tt-name small" style={{ paddingTop: 3 }}>{name}</div>{segments.map(({ start, end, words, background }) => <div key={start} className="tt-res" style={{ left: x(start), width: x(end) - x(start), background }} title={words}>{labelWidth(words) - 8 <= x(end) - x(start) ? words : ''}</div>)}{gates.map((at) => <i key={at} className="tt-gate" style={{ left: x(at) - 2 }} />)}</div>;
}

import {
  DndContext,
  PointerSensor,
  pointerWithin,
  useDroppable,
  useSensor,
  useSensors,
  type DragEndEvent,
  type DragMoveEvent,
} from '@dnd-kit/core';
import { MinusOutlined, PlusOutlined } from '@ant-design/icons';
import { Button, Segmented, Switch } from 'antd';
import {
  useCallback,
  useEffect,
  useLayoutEffect,
  useMemo,
  useRef,
  useState,
  type CSSProperties,
  type KeyboardEvent,
  type PointerEvent,
  type ReactNode,
} from 'react';
import {
  ovensOf,
  clockTime,
  minutesOfClock,
  noTraceHazards,
  type HazardId,
  type Occasion,
  type Pin,
  type Plan,
  type ResidueMark,
  type RunSheetEntry,
  type StepEntry,
  type TaskNetwork,
  ledgerOf,
} from '@lupin/core';
import type { PlainAudit } from '../../planner/slice.ts';
import { Bar, type Near } from './Bar.tsx';
import { Grip, gripId, type Held } from './Grip.tsx';
import { laneRows, type Grouping, type LaneRow } from './laneRows.ts';
import {
  hourMarks,
  labelWidth,
  nearSight,
  pack,
  placeOf,
  scrollStep,
  type Block,
  type Scale,
  type Stretch,
} from './layout.ts';
import { draggedTo, roomInSight, roomOf } from './moving.ts';
import { OvenCurve } from './OvenCurve.tsx';
import { Residue, ResidueStrip } from './Residue.tsx';

interface LanesProps {
  readonly occasion: Occasion;
  readonly plan: Plan;
  readonly network: TaskNetwork;
  readonly entries: readonly RunSheetEntry[];
  readonly audit: PlainAudit;
  readonly part: Stretch;
  readonly selected: string | undefined;
  readonly onSelect: (id: string) => void;
  /** The cook has moved a step: what is then fixed about it. */
  readonly onMove: (task: string, part: Partial<Pin>) => void;
  /** What the plan comes to, in words. */
  readonly figures: string;
  readonly shown: Shown;
  readonly onShow: (shown: Shown) => void;
}

/** What the lanes stand for, and whether all kit is among them. */
export interface Shown {
  readonly grouping: Grouping;
  readonly allKit: boolean;
}

/** A dish has a longer name than a cook or a bowl. */
const nameWidths: Readonly<Record<Grouping, number>> = { cook: 128, dish: 206, kit: 128 };
const rowHeight = 30;
const curveHeight = 64;
/** How wide a minute can be. */
const widestPx = 34;
const zoomStep = 1.5;

/** Kit that changes hands between dishes, and so decides: shown always; the rest on demand. */
const deciding = new Set(['board', 'knife', 'blender', 'bench', 'grater', 'whisk']);

interface Dragging {
  readonly entry: StepEntry;
  readonly lane: string;
  readonly deltaPx: number;
}

export function Lanes({
  occasion,
  plan,
  network,
  entries,
  audit,
  part,
  selected,
  onSelect,
  onMove,
  figures,
  shown,
  onShow,
}: LanesProps) {
  const scroller = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(1240);
  const { grouping, allKit } = shown;
  const nameWidth = nameWidths[grouping];
  const [zoom, setZoom] = useState(1);
  const [scrolled, setScrolled] = useState(0);
  const [dragging, setDragging] = useState<Dragging>();
  const [near, setNear] = useState<Near>();
  const held = useRef<Held>(undefined);
  const onGrip = useCallback((lane: string, entry: string, event: PointerEvent) => {
    if (held.current?.id === gripId(lane, entry)) held.current.listeners?.['onPointerDown']?.(event);
  }, []);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  useEffect(() => {
    const element = scroller.current;
    if (!element) return undefined;
    const observer = new ResizeObserver(() => setWidth(element.clientWidth));
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  const fromMin = Math.floor((part.fromMin - 5) / 15) * 15;
  const toMin = Math.ceil((part.toMin + 12) / 15) * 15;
  const fit = (width - nameWidth - 44) / (toMin - fromMin);
  const pxPerMin = Math.min(widestPx, fit * zoom);
  const scale = useMemo((): Scale => ({ fromMin, toMin, pxPerMin, nameWidth }), [fromMin, toMin, pxPerMin, nameWidth]);
  const x = (moment: number) => placeOf(scale, moment);
  // What was in the middle stays there when a minute becomes wider.
  const middle = useRef<number>(undefined);
  const zoomBy = (factor: number) => {
    const element = scroller.current;
    if (element) middle.current = fromMin + (element.scrollLeft + (element.clientWidth - nameWidth) / 2) / pxPerMin;
    setZoom((before) => Math.max(1, Math.min(widestPx / fit, before * factor)));
  };
  useLayoutEffect(() => {
    if (middle.current === undefined || !scroller.current) return;
    scroller.current.scrollLeft =
      (middle.current - fromMin) * pxPerMin - (scroller.current.clientWidth - nameWidth) / 2;
    middle.current = undefined;
  }, [pxPerMin, fromMin, nameWidth]);

  const inside = useMemo(
    () => entries.filter((entry) => entry.endMin > fromMin && entry.startMin < toMin),
    [entries, fromMin, toMin],
  );
  const pages = useMemo(() => ledgerOf(occasion, network, plan).pages, [occasion, network, plan]);
  const rows = useMemo(
    () => laneRows(occasion, pages, inside, grouping).filter((row) => row.entries.length > 0 || grouping === 'cook'),
    [occasion, pages, inside, grouping],
  );
  const packed = useMemo(
    () =>
      rows.map((row) =>
        pack(
          row.entries.map((item): Block<RunSheetEntry> => ({
            item,
            startMin: Math.max(item.startMin, fromMin),
            endMin: item.endMin,
            label: row.label(item),
          })),
          pxPerMin,
        ),
      ),
    [rows, fromMin, pxPerMin],
  );

  // The words behind the last bars are to be read too.
  const wordsEnd = Math.max(
    0,
    ...packed.flatMap(({ blocks }) =>
      blocks.map((block) =>
        block.outside
          ? x(block.startMin) + Math.max(6, (block.endMin - block.startMin) * pxPerMin) + labelWidth(block.label)
          : 0,
      ),
    ),
  );
  const onKey = (event: KeyboardEvent) => {
    if (event.key === '+' || event.key === '-') return zoomBy(event.key === '+' ? zoomStep : 1 / zoomStep);
    if (event.key !== 'ArrowRight' && event.key !== 'ArrowLeft') return undefined;
    const step = event.key === 'ArrowRight' ? 1 : -1;
    const at = document.activeElement instanceof HTMLElement ? document.activeElement.dataset['entry'] : undefined;
    event.preventDefault();
    if (event.shiftKey) {
      const entry = entries.find((each) => each.id === at);
      if (entry?.kind === 'step') onMove(entry.id, { startsAtMin: entry.startMin + step * 5 });
      return undefined;
    }
    const bars = [...(scroller.current?.querySelectorAll<HTMLElement>('[data-entry]') ?? [])];
    const next = bars[bars.findIndex((bar) => bar === document.activeElement) + step];
    if (at === undefined || !next) return undefined;
    next.focus();
    return onSelect(next.dataset['entry']!);
  };
  const onDragMove = ({ active, delta }: DragMoveEvent) => {
    const { entry } = active.data.current as { entry: StepEntry };
    setDragging({ entry, lane: String(active.id).split('|')[0]!, deltaPx: delta.x });
  };
  const onDragEnd = ({ active, over, delta }: DragEndEvent) => {
    setDragging(undefined);
    const { entry } = active.data.current as { entry: StepEntry };
    const startsAtMin = draggedTo(entry.startMin, delta.x, pxPerMin);
    const drop =
      rows.find((row) => row.key === over?.id && row.key !== String(active.id).split('|')[0])?.drop?.(entry) ?? {};
    if (startsAtMin === entry.startMin && Object.keys(drop).length === 0) return;
    onMove(entry.id, { ...(startsAtMin !== entry.startMin ? { startsAtMin } : {}), ...drop });
  };
  const room = dragging && roomOf(network, entries, dragging.entry.id);
  const band =
    dragging && room && roomInSight(room, dragging.entry.endMin - dragging.entry.startMin, { fromMin, toMin });
  const draggedWords = () => {
    if (!dragging || !room) return undefined;
    const to = draggedTo(dragging.entry.startMin, dragging.deltaPx, pxPerMin);
    return {
      shiftPx: (to - dragging.entry.startMin) * pxPerMin,
      words: clockTime(occasion.serveAt, to),
      fits: to >= (room.earliestMin ?? -Infinity) && to <= (room.latestMin ?? Infinity),
    };
  };
  const fixed = useMemo(() => new Set(occasion.wishes.pins.map((pin) => pin.task)), [occasion.wishes.pins]);
  const bars = (at: number) =>
    packed[at]!.blocks.filter(
      ({ item, startMin, endMin }) => item.id === selected || nearSight(x(startMin), x(endMin), scrolled, width),
    ).map(({ item, row, label, outside, startMin }) => (
      <Bar
        key={item.id}
        entry={item}
        lane={rows[at]!.key}
        top={4 + row * rowHeight}
        left={x(startMin)}
        width={Math.max(6, (item.endMin - startMin) * pxPerMin - 1)}
        label={label}
        outside={outside}
        pressed={item.id === selected}
        fixed={item.kind !== 'look' && fixed.has(item.id)}
        dragged={dragging?.entry.id === item.id && dragging.lane === rows[at]!.key ? draggedWords() : undefined}
        onSelect={onSelect}
        onNear={setNear}
        onGrip={onGrip}
      />
    ));
  const marks = hourMarks(minutesOfClock(occasion.serveAt), fromMin, toMin, pxPerMin);
  const minded = useMemo(
    () => new Set<ResidueMark>(occasion.guests.flatMap((guest) => [...noTraceHazards(guest)] as HazardId[])),
    [occasion.guests],
  );
  const washes = useMemo(() => washedAt(plan, fromMin, toMin), [plan, fromMin, toMin]);
  const strip = { scale, minded };
  const kit = occasion.kitchen.kit.filter(
    (unit) => (audit.surfaces[unit.id]?.length ?? 0) > 0 && (allKit || deciding.has(unit.kind)),
  );
  const height = (at: number) => Math.max(packed[at]!.rows * rowHeight + 6, nameHeight(rows[at]!, nameWidth));
  const lastOfOven = (row: LaneRow, at: number) => row.oven !== undefined && rows[at + 1]?.oven !== row.oven;
  return (
    <>
      <div className="tt-tools no-print">
        <Segmented<Grouping>
          size="small"
          aria-label="Lanes"
          value={grouping}
          onChange={(next) => onShow({ ...shown, grouping: next })}
          options={[
            { value: 'cook', label: 'by cook' },
            { value: 'dish', label: 'by dish' },
            { value: 'kit', label: 'by kit' },
          ]}
        />
        <span className="row">
          <Button
            size="small"
            icon={<MinusOutlined />}
            aria-label="Narrower"
            disabled={zoom <= 1}
            onClick={() => zoomBy(1 / zoomStep)}
          />
          <Button
            size="small"
            icon={<PlusOutlined />}
            aria-label="Wider"
            disabled={pxPerMin >= widestPx}
            onClick={() => zoomBy(zoomStep)}
          />
        </span>
        {grouping === 'cook' && (
          <label className="row">
            <Switch size="small" checked={allKit} onChange={(all) => onShow({ ...shown, allKit: all })} /> all kit
          </label>
        )}
        <span className="figures soft">{figures}</span>
      </div>
      <div
        className="tt"
        ref={scroller}
        onKeyDown={onKey}
        onScroll={(event) => setScrolled(scrollStep(event.currentTarget.scrollLeft))}
        tabIndex={-1}
      >
        <DndContext
          sensors={sensors}
          collisionDetection={pointerWithin}
          autoScroll={false}
          onDragMove={onDragMove}
          onDragEnd={onDragEnd}
          onDragCancel={() => setDragging(undefined)}
        >
          {near && <Grip near={near} held={held} />}
          <div
            className="tt-canvas"
            style={{ '--name-width': `${nameWidth}px`, width: Math.max(x(toMin) + 40, wordsEnd) } as CSSProperties}
          >
            {marks.map((moment) => (
              <i key={moment} className="tt-hour" style={{ left: x(moment) }} />
            ))}
            {occasion.courses
              .filter((course) => course.offsetMin >= fromMin && course.offsetMin <= toMin)
              .map((course) => (
                <i key={course.id} className="tt-serve" style={{ left: x(course.offsetMin) }} />
              ))}
            {band && (
              <i className="tt-room" style={{ left: x(band.fromMin), width: x(band.toMin) - x(band.fromMin) }} />
            )}
            <Axis occasion={occasion} marks={marks} x={x} fromMin={fromMin} toMin={toMin} />
            {rows.map((row, at) => (
              <Lane
                key={row.key}
                id={row.key}
                name={row.name}
                sub={row.sub}
                height={height(at) + (row.unit ? 24 : lastOfOven(row, at) ? curveHeight + 6 : 0)}
                joined={row.oven !== undefined && !lastOfOven(row, at)}
              >
                {row.unit && (
                  <ResidueStrip
                    {...strip}
                    top={height(at)}
                    states={audit.surfaces[row.unit.id] ?? none}
                    washes={washes.get(row.unit.id) ?? none}
                  />
                )}
                {bars(at)}
                {lastOfOven(row, at) && (
                  <OvenCurve
                    plan={plan}
                    oven={row.oven!}
                    kitchenOven={ovensOf(occasion.kitchen)[row.oven!]!}
                    x={x}
                    fromMin={fromMin}
                    toMin={toMin}
                    top={height(at)}
                    height={curveHeight}
                  />
                )}
              </Lane>
            ))}
            {grouping === 'cook' &&
              occasion.kitchen.cooks.map((cook) => (
                <Residue
                  key={cook.id}
                  name={`Hands, ${cook.name}`}
                  {...strip}
                  states={audit.surfaces[`hands:${cook.id}`] ?? none}
                  washes={washes.get(`hands:${cook.id}`) ?? none}
                />
              ))}
            {grouping === 'cook' &&
              kit.map((unit) => (
                <Residue
                  key={unit.id}
                  name={unit.name}
                  {...strip}
                  states={audit.surfaces[unit.id] ?? none}
                  washes={washes.get(unit.id) ?? none}
                />
              ))}
            {inside
              .filter((entry) => entry.kind === 'wash' && entry.id === selected)
              .map((entry) => (
                <i key={entry.id} className="tt-wash-line" style={{ left: x(entry.endMin) - 2 }} />
              ))}
          </div>
        </DndContext>
      </div>
      <Legend />
    </>
  );
}

const none: readonly never[] = [];

/** When each piece of kit and each pair of hands comes clean from a wash, within sight. */
function washedAt(plan: Plan, fromMin: number, toMin: number): ReadonlyMap<string, readonly number[]> {
  const washes = new Map<string, number[]>();
  for (const task of plan.tasks) {
    if (task.kind !== 'wash') continue;
    const cleanAt = (id: string, moment: number) => {
      if (moment > fromMin && moment < toMin) washes.set(id, [...(washes.get(id) ?? []), moment]);
    };
    if (task.hands) cleanAt(`hands:${task.cook}`, task.endMin);
    for (const id of task.units) cleanAt(id, task.machineUntilMin ?? task.endMin);
  }
  return washes;
}

/** What the name of a lane needs, in px, at about eight px a letter. */
const nameHeight = ({ name, sub }: LaneRow, widthPx: number): number =>
  Math.ceil((name.length * 8) / (widthPx - 28)) * 18 + (sub ? 18 : 0) + 10;

interface AxisProps {
  readonly occasion: Occasion;
  readonly marks: readonly number[];
  readonly x: (moment: number) => number;
  readonly fromMin: number;
  readonly toMin: number;
}

const signHeight = 22;

/** Time by the clock, and the servings as signs on their lines; signs that would lie over each other stand one above the other. */
function Axis({ occasion, marks, x, fromMin, toMin }: AxisProps) {
  const signs = [...new Set(occasion.courses.map((course) => course.offsetMin))]
    .filter((atMin) => atMin >= fromMin && atMin <= toMin)
    .map((atMin) => {
      const words = `${occasion.courses
        .filter((course) => course.offsetMin === atMin)
        .map((course) => course.name)
        .join(', ')} ${clockTime(occasion.serveAt, atMin)}`;
      const width = words.length * 7 + 10;
      return { atMin, words, width, left: Math.min(x(atMin) - width / 2, x(toMin) + 36 - width) };
    });
  const { blocks, rows } = pack(
    signs.map((item) => ({ item, startMin: item.left, endMin: item.left + item.width, label: '' })),
    1,
  );
  return (
    <div className="tt-axis" style={{ height: 30 + (rows - 1) * signHeight }}>
      {marks
        .filter((moment) => signs.every(({ left, width }) => x(moment) < left - 20 || x(moment) > left + width + 20))
        .map((moment) => (
          <span key={moment} style={{ left: x(moment) }}>
            {clockTime(occasion.serveAt, moment)}
          </span>
        ))}
      {blocks.map(({ item: { atMin, words, width, left }, row }) => (
        <span key={atMin} className="tt-sign" style={{ left, width, top: 4 + row * signHeight }}>
          {words}
        </span>
      ))}
    </div>
  );
}

interface LaneProps {
  readonly id: string;
  readonly name: string;
  readonly sub?: string | undefined;
  readonly height: number;
  /** No line under it: the next lane belongs to it. */
  readonly joined: boolean;
  readonly children: ReactNode;
}

function Lane({ id, name, sub, height, joined, children }: LaneProps) {
  const { setNodeRef, isOver } = useDroppable({ id });
  return (
    <div ref={setNodeRef} className={`tt-lane${joined ? ' joined' : ''}${isOver ? ' over' : ''}`} style={{ height }}>
      <div className="tt-name">
        <strong>{name}</strong>
        {sub && <div className="soft small">{sub}</div>}
      </div>
      {children}
    </div>
  );
}

function Legend() {
  return (
    <span className="row small legend-row">
      <span className="row">
        <b style={{ width: 5, height: 16, background: 'var(--leaf)' }} /> kept free
      </span>
      <span className="row">
        <b style={{ width: 16, height: 14, background: 'var(--clay-soft)', border: '1.5px solid var(--clay)' }} /> raw
      </span>
      <span className="row">
        <b style={{ width: 16, height: 14, background: 'var(--wash-soft)', border: '1.5px solid var(--wash)' }} /> wash
      </span>
      <span className="row">
        <b style={{ width: 16, height: 14, background: 'var(--shade)', border: '1.5px dashed var(--line-strong)' }} /> a
        look
      </span>
      <span className="row">
        <b style={{ width: 16, height: 14, background: 'var(--straw-soft)' }} /> carries what somebody must not have
      </span>
    </span>
  );
}

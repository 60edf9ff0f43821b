import { Button, Popconfirm, Segmented, Switch } from 'antd';
import { clockTime, dayWords, type RunSheetEntry } from '@lupin/core';
import { useEndDayMutation, useSetClockMutation } from '../../app/api.ts';
import type { Day } from './dayLink.ts';

interface BenchHeadProps {
  readonly day: Day;
  readonly isHost: boolean;
  readonly mine: readonly RunSheetEntry[];
  readonly done: ReadonlySet<string>;
  readonly now: RunSheetEntry | undefined;
  readonly who: string;
  readonly onWho: (who: string) => void;
  readonly plays: boolean;
  readonly onPlays: (plays: boolean) => void;
  readonly sound: boolean;
  readonly onSound: (sound: boolean) => void;
  /** How much is ready and stands. */
  readonly standing: number;
  readonly onStanding: () => void;
  readonly onDevices: (() => void) | undefined;
}

/** The time, whose list, how far, whether it is kept, and what can be done with the day as a whole. */
export function BenchHead({
  day: { day, nowMin, unsent, online },
  isHost,
  mine,
  done,
  now,
  who,
  onWho,
  plays,
  onPlays,
  sound,
  onSound,
  standing,
  onStanding,
  onDevices,
}: BenchHeadProps) {
  const { occasion } = day;
  const minute = Math.floor(nowMin);
  const [end] = useEndDayMutation();
  const isRehearsal = day.mode === 'rehearsal';
  return (
    <div className="tt-head no-print bench-head">
      <strong className="bench-clock" aria-label="Time of the day">
        {clockTime(occasion.serveAt, minute)}
      </strong>
      {dayWords(occasion.serveAt, minute) && <span className="soft">{dayWords(occasion.serveAt, minute)}</span>}
      {isRehearsal && (
        <span className="rehearsal">
          rehearsal
          {isHost && <Pace day={day} nowMin={nowMin} now={now} plays={plays} onPlays={onPlays} />}
        </span>
      )}
      <Segmented
        aria-label="Whose list"
        value={who}
        onChange={(value) => onWho(String(value))}
        options={[
          { value: 'all', label: 'everybody' },
          ...occasion.kitchen.cooks.map((cook) => ({ value: cook.id as string, label: cook.name })),
        ]}
      />
      <span className="soft">
        {mine.filter((entry) => done.has(entry.id)).length} of {mine.length} done
      </span>
      <span role="status" className={online && unsent === 0 ? 'soft' : 'offline'}>
        {keptWords(online, unsent)}
      </span>
      <label className="row soft">
        <Switch size="small" checked={sound} onChange={onSound} aria-label="Sound" /> sound
      </label>
      <span className="row" style={{ marginLeft: 'auto', flexWrap: 'nowrap' }}>
        {standing > 0 && (
          <Button size="small" onClick={onStanding}>
            Standing ({standing})
          </Button>
        )}
        <Button size="small" onClick={() => window.print()}>
          Print
        </Button>
        {onDevices && (
          <Button size="small" onClick={onDevices}>
            Devices
          </Button>
        )}
        {isHost && (
          <Popconfirm
            title={isRehearsal ? 'End the rehearsal?' : 'Is the day over? Nothing can be ticked afterwards.'}
            okText="End it"
            cancelText="Go on"
            onConfirm={() => void end(occasion.id)}
          >
            <Button size="small">End the {isRehearsal ? 'rehearsal' : 'day'}</Button>
          </Popconfirm>
        )}
      </span>
    </div>
  );
}

function keptWords(online: boolean, unsent: number): string {
  if (online) return unsent > 0 ? 'sending' : 'kept';
  return `no connection${unsent > 0 ? `, ${unsent} kept here` : ''}`;
}

interface PaceProps {
  readonly day: Day['day'];
  readonly nowMin: number;
  readonly now: RunSheetEntry | undefined;
  readonly plays: boolean;
  readonly onPlays: (plays: boolean) => void;
}

/** How fast a rehearsal goes, and whether it ticks by itself. */
function Pace({ day, nowMin, now, plays, onPlays }: PaceProps) {
  const [setClock] = useSetClockMutation();
  return (
    <>
      {' '}
      <Segmented
        size="small"
        aria-label="How fast"
        value={day.clock.speed}
        onChange={(speed) => void setClock({ id: day.occasion.id, speed: Number(speed) })}
        options={[
          { value: 0, label: 'stop' },
          ...[1, 10, 60, 120].map((speed) => ({ value: speed, label: `×${speed}` })),
        ]}
      />
      <label className="row soft">
        <Switch size="small" checked={plays} onChange={onPlays} aria-label="Plays by itself" /> by itself
      </label>
      <Button
        size="small"
        disabled={!now || now.startMin <= nowMin}
        onClick={() => {
          if (now) void setClock({ id: day.occasion.id, speed: day.clock.speed, nowMin: now.startMin });
        }}
      >
        to the next thing
      </Button>
    </>
  );
}

import { Input } from 'antd';
import { useEffect, useRef, useState } from 'react';
import type { DayTimer } from '@lupin/core';

export interface NamedTimer extends DayTimer {
  readonly title: string;
  readonly where: string;
}

type State = 'running' | 'early' | 'due';

const stateOf = (timer: DayTimer, nowMin: number): State =>
  nowMin >= timer.dueMin
    ? 'due'
    : timer.earlyMin !== undefined && nowMin >= timer.earlyMin && timer.kind === 'last-look'
      ? 'early'
      : 'running';

const left = (minutes: number): string => {
  const seconds = Math.round(Math.abs(minutes) * 60);
  const text =
    seconds >= 3600
      ? `${Math.floor(seconds / 3600)} h ${String(Math.floor((seconds % 3600) / 60)).padStart(2, '0')}`
      : `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
  return minutes < 0 ? `+${text}` : text;
};

interface TimerBarProps {
  readonly timers: readonly NamedTimer[];
  readonly nowMin: number;
  readonly sound: boolean;
  readonly onPick: (timer: NamedTimer) => void;
  readonly onMore: (timer: NamedTimer) => void;
  /** A timer of the cook's own, and its end; absent where this device looks on. */
  readonly onAdd?: (name: string, minutes: number) => void;
  readonly onOff?: (timer: NamedTimer) => void;
}

/** All timers that run, by dish and place, the next first. What is due flashes, sounds and says its name. */
export function TimerBar({ timers, nowMin, sound, onPick, onMore, onAdd, onOff }: TimerBarProps) {
  useRinging(timers, nowMin, sound);
  if (timers.length === 0 && !onAdd) return null;
  return (
    <section className="timers" aria-label="Timers">
      {timers.map((timer) => {
        const state = stateOf(timer, nowMin);
        return (
          <div key={timer.id} className={`timer ${state}`}>
            <button type="button" className="bare timer-pick" onClick={() => onPick(timer)}>
              <strong className="timer-left">{left(timer.dueMin - nowMin)}</strong>
              <span className="timer-name">
                {timer.title}
                {timer.where && <span className="soft"> · {timer.where}</span>}
                <br />
                <span className="soft">
                  {state === 'due'
                    ? timer.kind === 'ready'
                      ? 'ready'
                      : 'now: '
                    : state === 'early'
                      ? 'look now: it may be done. '
                      : ''}
                  {timer.name}
                </span>
              </span>
            </button>
            {timer.kind === 'own' && onOff && (
              <button
                type="button"
                className="timer-more"
                aria-label={`Off: ${timer.title}`}
                onClick={() => onOff(timer)}
              >
                off
              </button>
            )}
            {(timer.kind === 'last-look' || timer.kind === 'own') && (
              <button
                type="button"
                className="timer-more"
                aria-label={`Five minutes more: ${timer.title}`}
                onClick={() => onMore(timer)}
              >
                +5
              </button>
            )}
          </div>
        );
      })}
      {onAdd && <OwnTimer onAdd={onAdd} />}
    </section>
  );
}

/** A timer for what is not in the plan: a name, and a press for how long. */
function OwnTimer({ onAdd }: { onAdd: (name: string, minutes: number) => void }) {
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  if (!open)
    return (
      <button type="button" className="own-timer-open" onClick={() => setOpen(true)}>
        A timer of my own
      </button>
    );
  const start = (minutes: number) => {
    onAdd(name.trim() || 'Timer', minutes);
    setOpen(false);
    setName('');
  };
  return (
    <div className="own-timer" role="group" aria-label="A timer of my own">
      <Input
        aria-label="What for"
        autoFocus
        size="large"
        maxLength={80}
        value={name}
        placeholder="what for"
        onChange={(event) => setName(event.target.value)}
        onPressEnter={() => start(10)}
      />
      <span className="soft" style={{ alignSelf: 'center' }}>
        min
      </span>
      {[1, 3, 5, 10, 20, 45].map((minutes) => (
        <button
          key={minutes}
          type="button"
          className="timer-more"
          aria-label={`${minutes} minutes`}
          onClick={() => start(minutes)}
        >
          {minutes}
        </button>
      ))}
      <button type="button" className="timer-more" aria-label="No timer" onClick={() => setOpen(false)}>
        ×
      </button>
    </div>
  );
}

/** Rings once when a timer is due, and once when it may be done early. */
function useRinging(timers: readonly NamedTimer[], nowMin: number, sound: boolean): void {
  const rung = useRef(new Set<string>());
  useEffect(() => {
    for (const timer of timers) {
      const state = stateOf(timer, nowMin);
      const key = `${timer.id}/${state}/${timer.dueMin}`;
      if (state === 'running' || rung.current.has(key)) continue;
      rung.current.add(key);
      // What was due long before this page was opened is shown, and not sounded.
      if (sound && nowMin - timer.dueMin < 3)
        ring(`${timer.title}. ${state === 'early' ? 'Look now, it may be done.' : timer.name || 'Ready.'}`);
    }
  });
}

function ring(words: string): void {
  try {
    const context = new AudioContext();
    [0, 0.25, 0.5].forEach((at) => {
      const tone = context.createOscillator();
      tone.frequency.value = 880;
      tone.connect(context.destination);
      tone.start(context.currentTime + at);
      tone.stop(context.currentTime + at + 0.15);
    });
    setTimeout(() => void context.close(), 1500);
    if ('speechSynthesis' in window) window.speechSynthesis.speak(new SpeechSynthesisUtterance(words));
  } catch {
    // A browser without sound still flashes.
  }
}

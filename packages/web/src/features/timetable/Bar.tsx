import { PushpinFilled } from '@ant-design/icons';
import { memo, type PointerEvent } from 'react';
import type { RunSheetEntry, StepEntry } from '@lupin/core';

export interface BarProps {
  readonly entry: RunSheetEntry;
  readonly left: number;
  readonly width: number;
  readonly top: number;
  readonly label: string;
  readonly outside: boolean;
  readonly pressed: boolean;
  /** The cook has fixed something about it. */
  readonly fixed: boolean;
  /** While it is dragged: when it would begin, and whether its own dish has room for that. */
  readonly dragged?: { readonly shiftPx: number; readonly words: string; readonly fits: boolean } | undefined;
  /** Several lanes may show the same task: which this is. */
  readonly lane: string;
  readonly onSelect: (id: string) => void;
  /** The pointer has come to a step: it may be dragged. */
  readonly onNear: (near: Near) => void;
  readonly onGrip: (lane: string, entry: string, event: PointerEvent) => void;
}

/** The step under the pointer. */
export interface Near {
  readonly lane: string;
  readonly entry: StepEntry;
  readonly element: HTMLElement;
}

const kindOf = (entry: RunSheetEntry): string =>
  entry.kind === 'wash'
    ? 'washing'
    : entry.kind === 'look'
      ? 'look'
      : entry.kind === 'step' && entry.raw
        ? 'raw'
        : entry.kind === 'step' && entry.freeFrom.length > 0
          ? 'free'
          : '';

/** A task on its lane. A step can be taken hold of: along the lane, or to another cook's or rack. */
export const Bar = memo(function Bar({
  entry,
  left,
  width,
  top,
  label,
  outside,
  pressed,
  fixed,
  dragged,
  lane,
  onSelect,
  onNear,
  onGrip,
}: BarProps) {
  return (
    <button
      type="button"
      data-entry={entry.id}
      className={`tt-bar ${kindOf(entry)}${dragged ? ' dragged' : ''}${entry.kind === 'step' ? ' movable' : ''}`}
      aria-pressed={pressed}
      aria-label={`${entry.title}${'dishName' in entry ? `, ${entry.dishName}` : ''}${fixed ? ', fixed' : ''}`}
      style={{ left: left + (dragged?.shiftPx ?? 0), width, top }}
      onClick={() => onSelect(entry.id)}
      onPointerEnter={(event) => {
        if (entry.kind === 'step') onNear({ lane, entry, element: event.currentTarget });
      }}
      onPointerDown={(event) => onGrip(lane, entry.id, event)}
    >
      {entry.kind === 'wash' && label === '' ? (
        <svg
          width="10"
          height="14"
          viewBox="0 0 10 14"
          style={{ position: 'absolute', top: 5, left: Math.max(-3, (width - 11) / 2) }}
          aria-hidden
        >
          <path d="M5 0c2.6 3.6 4.4 5.9 4.4 8.6a4.4 4.4 0 0 1-8.8 0C.6 5.900 2.400 3.600 5 0z" fill="currentColor" />
        </svg>
      ) : (
        <span className="label" style={outside ? { left: width + 3 } : undefined}>
          {fixed && <PushpinFilled className="pin" aria-hidden />}
          {label}
        </span>
      )}
      {dragged && <span className={`drag-words ${dragged.fits ? '' : 'tight'}`}>{dragged.words}</span>}
    </button>
  );
});

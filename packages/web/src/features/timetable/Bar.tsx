import { useDraggable } from '@dnd-kit/core';
import { PushpinFilled } from '@ant-design/icons';
import { memo, useState, type ButtonHTMLAttributes } from 'react';
import type { RunSheetEntry } from '@lupin/core';

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
}

const kindOf = (entry: RunSheetEntry): string => (entry.kind === 'wash' ? 'washing' : entry.kind === 'look' ? 'look' : entry.kind === 'step' && entry.raw ? 'raw' : entry.kind === 'step' && entry.freeFrom.length > 0 ? 'free' : '');

/** A task on its lane. A step can be dragged along it, or to another cook's or rack, once the pointer is over it: five hundred that listen would be slow. */
export const Bar = memo(function Bar(props: BarProps) {
  const [armed, setArmed] = useState(false);
  const { entry } = props;
  if (armed && entry.kind === 'step') return <MovableBar {...props} />;
  // Becoming movable makes a new button: one that has the focus keeps it instead.
  return <BarButton {...props} onPointerEnter={(event) => { if (entry.kind === 'step' && document.activeElement !== event.currentTarget) setArmed(true); }} />;
});

function MovableBar(props: BarProps) {
  const { setNodeRef, listeners } = useDraggable({ id: `${props.lane}|${props.entry.id}`, data: { entry: props.entry } });
  return <BarButton {...props} buttonRef={setNodeRef} {...listeners} />;
}

interface BarButtonProps extends BarProps, Pick<ButtonHTMLAttributes<HTMLButtonElement>, 'onPointerEnter' | 'onPointerDown'> {
  readonly buttonRef?: (element: HTMLElement | null) => void;
}

function BarButton({ entry, left, width, top, label, outside, pressed, fixed, dragged, lane: _lane, onSelect, buttonRef, ...listeners }: BarButtonProps) {
  return (
    <button ref={buttonRef} {...listeners} type="button" data-entry={entry.id} className={`tt-bar ${kindOf(entry)}${dragged ? ' dragged' : ''}${entry.kind === 'step' ? ' movable' : ''}`} aria-pressed={pressed} aria-label={`${entry.title}${'dishName' in entry ? `, ${entry.dishName}` : ''}${fixed ? ', fixed' : ''}`} style={{ left: left + (dragged?.shiftPx ?? 0), width, top }} onClick={() => onSelect(entry.id)}>
      {entry.kind === 'wash'
        ? <svg width="10" height="14" viewBox="0 0 10 14" style={{ position: 'absolute', top: 5, left: Math.max(-3, (width - 11) / 2) }} aria-hidden><path d="M5 0c2.6 3.6 4.4 5.9 4.4 8.6a4.4 4.4 0 0 1-8.8 0C.6 5.900 2.400 3.600 5 0z" fill="currentColor" /></svg>
        : <span className="label" style={outside ? { left: width + 3 } : undefined}>{fixed && <PushpinFilled className="pin" aria-hidden />}{label}</span>}
      {dragged && <span className={`drag-words ${dragged.fits ? '' : 'tight'}`}>{dragged.words}</span>}
    </button>
  );
}

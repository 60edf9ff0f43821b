import { clockTime, rules, span, type Happening, type Occasion } from '@lupin/core';
import { useUnits } from '../../shared/units.ts';
import { dishVersionName } from '../after/StandingTable.tsx';
import type { Alert } from './alerts.ts';
import type { Sheet } from './benchView.ts';
import { platesWords, sentence } from './benchWords.ts';
import type { Screen } from './screen.ts';

interface AlertsProps {
  readonly alerts: readonly Alert[];
  readonly occasion: Occasion;
  readonly minute: number;
  readonly isHost: boolean;
  /** What is said there need not be said above it. */
  readonly screen: Screen['kind'];
  readonly steps: Sheet['steps'];
  readonly onNote: (what: Happening) => void;
  readonly onMend: (what: string) => void;
  readonly onStanding: () => void;
  readonly onFailed: () => void;
}

export function Alerts({ alerts, screen, ...rest }: AlertsProps) {
  const isSaidThere = { work: undefined, standing: 'standing', slip: 'oven' }[screen];
  return alerts
    .filter((alert) => alert.kind !== isSaidThere)
    .map((alert) => <AlertLine key={alert.kind} alert={alert} {...rest} />);
}

type AlertLineProps = Omit<AlertsProps, 'alerts' | 'screen'> & { readonly alert: Alert };

function AlertLine({ alert, occasion, steps, minute, isHost, onNote, onMend, onStanding, onFailed }: AlertLineProps) {
  const units = useUnits();
  /** Only the host can mend a day. */
  const mending = (what: string, words: string) =>
    isHost ? (
      <button type="button" className="big-button" onClick={() => onMend(what)}>
        {words}
      </button>
    ) : (
      'Tell the host.'
    );
  switch (alert.kind) {
    case 'refused':
      return (
        <p className="fault page" role="alert">
          Not noted. {alert.why}
        </p>
      );
    case 'lost':
      return (
        <p className="plates-lost" role="alert">
          Not clear any more: <strong>{platesWords(occasion, alert.plates)}</strong>. {sentence(alert.plates[0]!.why)}{' '}
          {mending('A plate is lost', 'Mend the day')}
        </p>
      );
    case 'ahead':
      return (
        <p className="plates-lost" role="alert">
          If you go on like this, not clear any more: <strong>{platesWords(occasion, alert.plates)}</strong>.{' '}
          {sentence(alert.plates[0]!.why)} {mending('A wash was skipped', 'Wash it after all')}
        </p>
      );
    case 'standing': {
      const [food] = alert.foods;
      return (
        <p className="standing-soon" role="alert">
          <strong>{dishVersionName(occasion, food!.dish, food!.version)}</strong>
          {alert.foods.length > 1 && ` and ${alert.foods.length - 1} more`}: ready for{' '}
          {span(Math.max(0, minute - food!.sinceMin))}.{' '}
          {alert.isOver
            ? 'What is left of it has stood too long: throw it away.'
            : `Measure it hot or cold, or put it away by ${clockTime(occasion.serveAt, food!.sinceMin + rules.standsMostMin)}.`}{' '}
          <button type="button" className="big-button" onClick={onStanding}>
            What stands
          </button>
        </p>
      );
    }
    case 'waiting': {
      const [food] = alert.foods;
      const step = steps.get(food!.after);
      const at = (minutes: number) => clockTime(occasion.serveAt, Math.round(minutes));
      return (
        <p className="standing-soon" role="alert">
          <strong>{step?.dishName}</strong>
          {alert.foods.length > 1 && ` and ${alert.foods.length - 1} more`}: {food!.isRaw ? 'raw, ' : ''}in the room
          since {at(food!.sinceMin)}, after “{step?.title}”.{' '}
          {alert.isOver
            ? 'It has stood too long: throw it away.'
            : `Go on with it, or put it into the fridge${minute > food!.untilMin ? ' now' : ` by ${at(food!.untilMin)}`}.`}{' '}
          {!alert.isOver && (
            <button
              type="button"
              className="big-button"
              onClick={() => onNote({ kind: 'into-fridge', entry: food!.after })}
            >
              It is in the fridge
            </button>
          )}
        </p>
      );
    }
    case 'oven':
      return (
        <p className="standing-soon" role="alert">
          <strong>
            {alert.oven.name} shows {units.degrees(alert.oven.shownC!)} and does not get to its{' '}
            {units.degrees(alert.oven.setC!)}.
          </strong>{' '}
          Look whether it heats.{' '}
          <button type="button" className="big-button" onClick={onFailed}>
            It has failed
          </button>
        </p>
      );
    default:
      return alert satisfies never;
  }
}

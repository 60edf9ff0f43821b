import { Select } from 'antd';
import type { DeviceFault, DeviceReading, RunSheetEntry } from '@lupin/core';
import { useFailDeviceMutation } from '../../app/api.ts';
import { useUnits } from '../../shared/units.ts';
import { cavityWords } from './deviceWords.ts';

interface DevicePanelProps {
  readonly occasion: string;
  readonly devices: readonly DeviceReading[];
  readonly entries: readonly RunSheetEntry[];
  /** Devices of a rehearsal fail on demand. */
  readonly canFail: boolean;
  readonly faults: ReadonlyMap<string, DeviceFault>;
  readonly clock: (moment: number) => string;
}

const faultWords: Readonly<Record<DeviceFault, string>> = {
  slow: 'heats slowly',
  stuck: 'is stuck',
  drifting: 'shows too much',
  disconnected: 'does not answer',
};
const probeFaults: readonly DeviceFault[] = ['drifting', 'disconnected'];

/** The oven and the probe, as they say themselves. */
export function DevicePanel({ occasion, devices, entries, canFail, faults, clock }: DevicePanelProps) {
  const units = useUnits();
  const [fail] = useFailDeviceMutation();
  if (devices.length === 0) return null;
  return (
    <section className="devices" aria-label="Devices">
      {devices.map((each) => {
        const entry =
          each.kind === 'probe' && each.task !== null ? entries.find((one) => one.id === each.task) : undefined;
        const { words, alarming } =
          each.kind === 'cavity'
            ? cavityWords(each, units.degrees, clock)
            : each.silentSinceMin !== null
              ? { words: `no answer since ${clock(each.silentSinceMin)}`, alarming: true }
              : {
                  words:
                    entry?.kind === 'step'
                      ? `in ${entry.dishName}${entry.coreC === undefined ? '' : `, to ${units.degrees(entry.coreC)}`}`
                      : 'in nothing',
                  alarming: false,
                };
        const shown = each.kind === 'cavity' ? each.shownC : each.coreC;
        const possible = each.kind === 'probe' ? probeFaults : (Object.keys(faultWords) as DeviceFault[]);
        return (
          <div key={each.device} className={`device ${alarming ? 'alarming' : ''}`}>
            <strong className="device-shown">{shown === null ? '–' : units.degrees(Math.round(shown))}</strong>
            <span>
              {each.name}
              <br />
              <span className="soft">{words}</span>
            </span>
            {canFail && (
              <Select
                size="small"
                aria-label={`${each.name}: a fault`}
                popupMatchSelectWidth={false}
                value={faults.get(each.device) ?? 'none'}
                style={{ width: 118, flex: 'none', marginLeft: 'auto' }}
                onChange={(fault) =>
                  void fail({
                    id: occasion,
                    device: each.device,
                    fault: fault === 'none' ? null : (fault as DeviceFault),
                  })
                }
                options={[
                  { value: 'none', label: 'works' },
                  ...possible.map((fault) => ({ value: fault, label: faultWords[fault] })),
                ]}
              />
            )}
          </div>
        );
      })}
    </section>
  );
}

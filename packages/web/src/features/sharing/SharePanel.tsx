import { Button, Drawer, Popconfirm, QRCode, Switch } from 'antd';
import {
  problemWords,
  useAskCodeMutation,
  useSharingQuery,
  useSwitchSharingMutation,
  useTakeDeviceOutMutation,
} from '../../app/api.ts';

interface SharePanelProps {
  readonly occasion: string;
  readonly onClose: () => void;
}

/** Devices of the home network: let in, with a code each, and taken out again. */
export function SharePanel({ occasion, onClose }: SharePanelProps) {
  const { data, error } = useSharingQuery(undefined, { pollingInterval: 3000, refetchOnMountOrArgChange: true });
  const [flip, flipping] = useSwitchSharingMutation();
  const [ask, asking] = useAskCodeMutation();
  const [takeOut] = useTakeDeviceOutMutation();
  const fault = error ?? flipping.error ?? asking.error;
  const code = data?.code && data.code.occasion === occasion ? data.code : null;
  const address = data?.addresses[0];
  return (
    <Drawer open title="Other devices" size={440} onClose={onClose}>
      <div className="stack share">
        <label className="row">
          <Switch
            checked={data?.on ?? false}
            loading={flipping.isLoading || !data}
            onChange={(on) => void flip(on)}
            aria-label="Devices of the home network may join"
          />{' '}
          <strong>Devices of the home network may join</strong>
        </label>
        <p className="soft small">
          Off, Lupin answers to this machine only. On, a tablet or a phone can join the day of this occasion with a
          code. What they see goes over your network as it is, guests’ needs too: do this at home, not on a network that
          strangers share.
        </p>
        {fault && (
          <p className="fault" role="alert">
            {problemWords(fault)}
          </p>
        )}
        {data?.on && data.addresses.length === 0 && (
          <p className="fault">This machine is on no network that another could reach it by.</p>
        )}
        {data?.on && (
          <>
            {code ? (
              <section aria-label="Code" className="share-code">
                <p>
                  On the other device open
                  <br />
                  <strong className="share-address">{address ?? 'this machine’s address'}</strong>
                  <br />
                  and type
                </p>
                <p className="share-letters" aria-label={`Code ${[...code.code].join(' ')}`}>
                  {code.code.slice(0, 3)} {code.code.slice(3)}
                </p>
                {address && <QRCode type="svg" value={`${address}/join#${code.code}`} size={150} bordered={false} />}
                <p className="soft small">
                  Joins as {code.role}. For one device, for {Math.max(1, Math.round(code.secondsLeft / 60))} min more.
                </p>
              </section>
            ) : (
              <p>Ask for a code, one for each device:</p>
            )}
            <div className="row">
              <Button
                type={code ? 'default' : 'primary'}
                loading={asking.isLoading}
                onClick={() => void ask({ occasion, role: 'helper' })}
              >
                Code for a helper
              </Button>
              <Button loading={asking.isLoading} onClick={() => void ask({ occasion, role: 'reader' })}>
                Code to look on
              </Button>
            </div>
            <p className="soft small">
              A helper ticks, measures and notes. Mending the day, its clock and its end stay here.
            </p>
          </>
        )}
        {data && data.devices.length > 0 && (
          <section aria-label="Devices that have joined">
            <h3>Joined</h3>
            <ul className="plain">
              {data.devices.map((device) => (
                <li key={device.id} className="row">
                  <strong>{device.name}</strong>
                  <span className="soft">
                    {device.role === 'helper' ? 'helps' : 'looks on'}
                    {device.occasion === occasion ? '' : ', another occasion'}
                    {device.isHere ? ', is here' : ''}
                  </span>
                  <Popconfirm
                    title={`Take out ${device.name}? What it has not sent yet is lost to it.`}
                    okText="Take it out"
                    cancelText="Keep it"
                    onConfirm={() => void takeOut(device.id)}
                  >
                    <Button size="small" style={{ marginLeft: 'auto' }}>
                      Take out
                    </Button>
                  </Popconfirm>
                </li>
              ))}
            </ul>
          </section>
        )}
      </div>
    </Drawer>
  );
}

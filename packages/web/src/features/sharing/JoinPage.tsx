import { Button, Input } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { problemWords, useJoinMutation } from '../../app/api.ts';

const kindOf = (): string =>
  /iPad|Tablet/i.test(navigator.userAgent) ? 'Tablet' : /Mobi/i.test(navigator.userAgent) ? 'Phone' : 'Laptop';

/** Where a device of the home network joins, with the code on the host's screen. */
export function JoinPage() {
  const [code, setCode] = useState(() => decodeURIComponent(location.hash.slice(1)).slice(0, 12));
  const [name, setName] = useState(kindOf);
  const [join, { isLoading, error }] = useJoinMutation();
  const navigate = useNavigate();
  const submit = () =>
    void join({ code, name: name.trim() })
      .unwrap()
      .then(() => navigate('/bench', { replace: true }))
      .catch(() => undefined);
  return (
    <main className="page join">
      <div className="row" style={{ gap: 12 }}>
        <img src="/lupin.svg" alt="" width={38} height={38} />
        <h1>Join the kitchen</h1>
      </div>
      <form
        className="stack"
        aria-label="Join"
        onSubmit={(event) => {
          event.preventDefault();
          submit();
        }}
      >
        <label className="field">
          <span>The code on the host’s screen</span>
          <Input
            size="large"
            className="join-code"
            aria-label="Code"
            autoFocus
            autoComplete="off"
            autoCapitalize="characters"
            value={code}
            maxLength={12}
            onChange={(event) => setCode(event.target.value)}
          />
        </label>
        <label className="field">
          <span>What this device is called</span>
          <Input
            size="large"
            aria-label="Name of this device"
            value={name}
            maxLength={40}
            onChange={(event) => setName(event.target.value)}
          />
        </label>
        <Button
          type="primary"
          size="large"
          htmlType="submit"
          loading={isLoading}
          disabled={code.trim() === '' || name.trim() === ''}
        >
          Join
        </Button>
        {error && (
          <p className="fault big" role="alert">
            {problemWords(error)}
          </p>
        )}
        <p className="soft">
          The host opens “Devices” on the Cook page and asks for a code. It is good for ten minutes and for one device.
        </p>
      </form>
    </main>
  );
}

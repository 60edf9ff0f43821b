import { CheckOutlined, CopyOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useState } from 'react';

/** Copies a text; where the browser does not let it, the text is selected for copying by hand. */
export function CopyButton({ text, label }: { text: string; label: string }) {
  const [state, setState] = useState<'ready' | 'copied' | 'by-hand'>('ready');
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(text);
      setState('copied');
      window.setTimeout(() => setState('ready'), 2500);
    } catch {
      setState('by-hand');
    }
  };
  return (
    <>
      <Button size="small" icon={state === 'copied' ? <CheckOutlined /> : <CopyOutlined />} onClick={() => void copy()}>
        {state === 'copied' ? 'Copied' : label}
      </Button>
      {state === 'by-hand' && (
        <textarea
          aria-label="Copy this by hand"
          readOnly
          value={text}
          rows={6}
          style={{ width: '100%', marginTop: 6 }}
          onFocus={(event) => event.target.select()}
          autoFocus
        />
      )}
    </>
  );
}

import { CalendarOutlined } from '@ant-design/icons';
import { Button, Popover, Segmented, Select, Typography } from 'antd';
import { useState } from 'react';
import type { Occasion } from '@lupin/core';

/** The plan in a calendar: as a file, or as an address that a calendar on this machine asks again and again. */
export function CalendarButton({ occasion }: { occasion: Occasion }) {
  const [cook, setCook] = useState('');
  const [alarm, setAlarm] = useState(0);
  const query = new URLSearchParams({ ...(cook ? { cook } : {}), ...(alarm ? { alarm: `${alarm}` } : {}) }).toString();
  const path = `/api/occasions/${encodeURIComponent(occasion.id)}/calendar.ics${query ? `?${query}` : ''}`;
  const file = `${occasion.id}${cook ? `-${cook}` : ''}.ics`;
  const { cooks } = occasion.kitchen;
  const content = (
    <section aria-label="The plan in a calendar" className="stack" style={{ gap: 10, width: 340 }}>
      {cooks.length > 1 && (
        <Segmented
          aria-label="Whose calendar"
          value={cook}
          onChange={setCook}
          options={[
            { value: '', label: 'everybody' },
            ...cooks.map((each) => ({ value: each.id as string, label: each.name })),
          ]}
        />
      )}
      <label className="row">
        The alarm rings{' '}
        <Select
          aria-label="The alarm rings"
          value={alarm}
          onChange={setAlarm}
          style={{ width: 190 }}
          options={[
            { value: 0, label: 'when it begins' },
            ...[2, 5, 10, 15].map((value) => ({ value, label: `${value} min before` })),
          ]}
        />
      </label>
      <div>
        <Button type="primary" href={path} download={file}>
          Download {file}
        </Button>
      </div>
      <div>
        <span className="soft small">Or let a calendar on this machine subscribe to:</span>
        <Typography.Text
          copyable
          code
          style={{ display: 'block', overflowWrap: 'anywhere', fontSize: 13 }}
        >{`${window.location.origin}${path}`}</Typography.Text>
      </div>
      <p className="soft small">
        It follows the plan; once something has changed it says that its times no longer hold. What must be kept apart
        is in it, for whom is not.
      </p>
    </section>
  );
  return (
    <Popover content={content} trigger="click" placement="bottomLeft">
      <Button size="small" icon={<CalendarOutlined />}>
        Calendar
      </Button>
    </Popover>
  );
}

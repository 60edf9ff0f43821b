import { DownOutlined } from '@ant-design/icons';
import { Button, Dropdown, Space } from 'antd';
import { lookLengthChosen, lookSeconds, type LookLength } from '../../app/prefs.ts';
import { useAppDispatch, useAppSelector } from '../../app/store.ts';

const lengths: Readonly<Record<LookLength, string>> = {
  short: 'Look briefly',
  usual: 'Look as usual',
  long: 'Look for long',
};

/** Looks for another plan; beside it, how long that is done from now on. */
export function PlanAgain({ onPlan }: { onPlan: () => void }) {
  const dispatch = useAppDispatch();
  const { look } = useAppSelector((state) => state.prefs);
  return (
    <Space.Compact size="small">
      <Button onClick={onPlan}>Plan again</Button>
      <Dropdown
        trigger={['click']}
        menu={{
          selectable: true,
          selectedKeys: [look],
          onClick: ({ key }) => dispatch(lookLengthChosen(key as LookLength)),
          items: Object.entries(lengths).map(([key, words]) => ({
            key,
            label: (
              <>
                {words} <span className="soft small">some {lookSeconds[key as LookLength]} s</span>
              </>
            ),
          })),
        }}
      >
        <Button aria-label={`How long a plan is looked for: ${lengths[look].toLowerCase()}`} icon={<DownOutlined />} />
      </Dropdown>
    </Space.Compact>
  );
}

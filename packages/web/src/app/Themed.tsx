import { ConfigProvider } from 'antd';
import { useEffect, useState, type ReactNode } from 'react';
import { themeFor } from './theme.ts';

const query = () => matchMedia('(prefers-color-scheme: dark)');

/** Follows the system between light and dark. */
export function Themed({ children }: { children: ReactNode }) {
  const [dark, setDark] = useState(() => query().matches);
  useEffect(() => {
    const media = query();
    const follow = () => setDark(media.matches);
    media.addEventListener('change', follow);
    return () => media.removeEventListener('change', follow);
  }, []);
  return <ConfigProvider theme={themeFor(dark)}>{children}</ConfigProvider>;
}

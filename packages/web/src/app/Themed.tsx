import { ConfigProvider } from 'antd';
import { useEffect, useState, type ReactNode } from 'react';
import { themeFor } from './theme.ts';

/** Whether the system asks for something, followed as that changes. */
function useAsked(query: string): boolean {
  const [isAsked, setIsAsked] = useState(() => matchMedia(query).matches);
  useEffect(() => {
    const media = matchMedia(query);
    const follow = () => setIsAsked(media.matches);
    media.addEventListener('change', follow);
    return () => media.removeEventListener('change', follow);
  }, [query]);
  return isAsked;
}

/** Follows the system between light and dark, and in whether things move. */
export function Themed({ children }: { children: ReactNode }) {
  const dark = useAsked('(prefers-color-scheme: dark)');
  const still = useAsked('(prefers-reduced-motion: reduce)');
  return <ConfigProvider theme={themeFor({ dark, still })}>{children}</ConfigProvider>;
}

import { useEffect, useState } from 'react';
import type { DeviceReading } from '@lupin/core';

const none: readonly DeviceReading[] = [];

/** What the devices of a day say, as they say it; nothing while there is no connection: an old temperature is worse than none. */
export function useDevices(occasion: string, day: string): readonly DeviceReading[] {
  const [devices, setDevices] = useState(none);
  useEffect(() => {
    const stream = new EventSource(`/api/occasions/${occasion}/day/devices/stream`);
    stream.onmessage = ({ data }: MessageEvent<string>) =>
      setDevices((JSON.parse(data) as { devices: DeviceReading[] }).devices);
    stream.onerror = () => setDevices(none);
    return () => stream.close();
  }, [occasion, day]);
  return devices;
}

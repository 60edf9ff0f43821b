export {
  coldCavity,
  isThere,
  stepCavity,
  tauOf,
  thereInMin,
  type CavityAction,
  type CavityLoad,
  type CavitySpec,
  type CavityState,
} from './cavity.ts';
export {
  cavityDevice,
  probeDevice,
  rehearsedDevices,
  type CavityReading,
  type DeviceReading,
  type ProbeReading,
} from './rehearsed.ts';

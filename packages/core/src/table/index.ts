export {
  declaredIn,
  guestSheets,
  hazardWords,
  servedName,
  setTable,
  type Apart,
  type GuestSheet,
  type Served,
  type SetCourse,
} from './setting.ts';
export { emergencySheet } from './emergency.ts';

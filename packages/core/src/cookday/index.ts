export {
  colderWords,
  rawWords,
  runSheet,
  markWords,
  type EntryAmount,
  type LookEntry,
  type OvenEntry,
  type RunSheetEntry,
  type StepEntry,
  type WashEntry,
} from './runSheet.ts';
export { toCalendar, type CalendarOptions } from './calendar.ts';

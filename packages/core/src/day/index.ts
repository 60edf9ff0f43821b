export { judgeDay, lostByBeginning, withoutPlates, type DayJudgement, type LostPlate } from './judge.ts';
export { latest, mending, mends, patienceCodes, type Mend, type MendOptions } from './mend.ts';
export {
  dishesOut,
  guestGone,
  guestNeeds,
  leftOut,
  madeAgain,
  ovenDead,
  wantOven,
  withNeedsOf,
  type Slipped,
} from './slips.ts';
export { doorShutFor } from './door.ts';
export { mayBeginEarly } from './early.ts';
export { timersOf, type DayTimer } from './timers.ts';
export { dueMoments, playedMoments, type DueMoment, type Moment } from './played.ts';
export { accountOf, type Account, type DishAccount, type Pace, type StepAccount } from './account.ts';
export { waitingNow, type FoodWaiting } from './waiting.ts';
export { isHeld, keepEntry, keepsDays, standingOf, type FoodStanding } from './standing.ts';

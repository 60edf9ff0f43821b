export { questionsAbout, type Question } from './questions.ts';
export { guestMessage, makerMessage } from './messages.ts';

export { jobOf, workedFood, type Job } from './jobs.ts';

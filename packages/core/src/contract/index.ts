export * from './requests.ts';

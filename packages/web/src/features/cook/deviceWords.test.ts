import type { CavityReading, PlannedStep } from '@lupin/core';
import { cavityWords, ovenHint } from './deviceWords.ts';

const cavity = (more: Partial<CavityReading>): CavityReading => ({
  kind: 'cavity',
  device: 'cavity-1',
  name: 'Oven',
  oven: 0,
  atMin: 0,
  setC: 200,
  shownC: 200,
  isHeating: false,
  isOpen: false,
  thereInMin: 0,
  silentSinceMin: null,
  ...more,
});
const step = { kind: 'step', oven: 0, racks: [0] } as unknown as PlannedStep;
const degrees = (celsius: number) => `${celsius} °C`;
const hint = (more: Partial<CavityReading>, of: PlannedStep = step) =>
  ovenHint(of, 200, [cavity(more)], degrees, () => '16:02');

test('says nothing where the oven is as it should be, or where the step needs none', () => {
  expect(hint({})).toBeUndefined();
  expect(hint({ thereInMin: 9 }, { ...step, racks: [] } as PlannedStep)).toBeUndefined();
  expect(hint({ oven: 1, thereInMin: 9 })).toBeUndefined();
});

test('asks to wait where it is off, set otherwise, on its way or not getting there', () => {
  expect(hint({ setC: null, thereInMin: null })).toMatchObject({
    waits: true,
    words: expect.stringContaining('is off'),
  });
  expect(hint({ setC: 160 })).toMatchObject({ waits: true, words: expect.stringContaining('set to 160 °C; 200 °C') });
  expect(hint({ shownC: 140, thereInMin: 6 })!.words).toContain('140 °C of 200 °C. About 6 min more.');
  expect(hint({ shownC: 90, thereInMin: null })!.words).toContain('is it heating?');
});

test('an oven that does not answer is no reason to wait, and never called hot', () => {
  expect(hint({ setC: null, shownC: null, thereInMin: null, silentSinceMin: -30 })).toEqual({
    waits: false,
    words: 'Oven has not answered since 16:02. Look at its own dial and thermometer.',
  });
  expect(cavityWords(cavity({ silentSinceMin: -30 }), degrees, () => '16:02')).toEqual({
    words: 'no answer since 16:02',
    alarming: true,
  });
  expect(cavityWords(cavity({ thereInMin: null, shownC: 80 }), degrees, () => '').alarming).toBe(true);
  expect(cavityWords(cavity({ isOpen: true }), degrees, () => '').words).toBe('at its 200 °C, door open');
});

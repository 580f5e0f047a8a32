import { hasSettled, type ScaleSample } from '../../core/job';
import { ScaleModel } from './simulated-scale';

const run = (model: ScaleModel, ms: number, from = 0): ScaleSample[] =>
  Array.from({ length: ms / 100 }, (_, i) => ({ atMs: from + (i + 1) * 100, grams: model.step(100) }));

test('it comes to the load and rests there within its resolution', () => {
  for (const resolutionG of [0.1, 1, 5]) {
    const model = new ScaleModel(resolutionG);
    model.load(412.4);
    const samples = run(model, 6000);
    expect(hasSettled(samples.slice(0, 8), resolutionG)).toBe(false);
    expect(hasSettled(samples, resolutionG)).toBe(true);
    expect(Math.abs(samples.at(-1)!.grams - 412.4)).toBeLessThanOrEqual(resolutionG / 2 + 0.1);
  }
});

test('its zero drifts, and tare takes the drift and the box away', () => {
  const model = new ScaleModel(0.1);
  expect(run(model, 120_000).at(-1)!.grams).toBeCloseTo(0.8, 6);
  model.load(30);
  run(model, 5000);
  model.tare();
  expect(run(model, 100).at(-1)!.grams).toBeCloseTo(0, 6);
  model.load(130);
  expect(run(model, 6000).at(-1)!.grams).toBeCloseTo(100, 6);
});

import { REMEDIES, type StepProgress } from '../../core/swap';

/** How a step stands, in a mark that prints. */
export function stepMarkText(step: StepProgress | undefined): string {
  if (!step) return '○';
  if (step.trouble) return '!';
  if (step.skipped) return '–';
  return step.doneAtMs === undefined ? '○' : '✓';
}

export function troubleText(step: StepProgress | undefined): string {
  const mended = (step?.mended ?? []).map((symptom) => `${REMEDIES[symptom].title.toLowerCase()}, mended`);
  const open = step?.trouble ? [`${REMEDIES[step.trouble].title.toLowerCase()}, not mended yet`] : [];
  return [...mended, ...open].join('; ');
}

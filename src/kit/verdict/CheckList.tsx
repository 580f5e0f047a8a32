import type { Check } from '../../core/fit';
import type { Setup } from '../../core/gears';
import { explainCheck } from '../explain/fit';
import { Explained } from '../explain/Slip';
import sheet from '../sheet/sheet.module.css';
import { VerdictMark } from './VerdictMark';

/** Checks one under the other: verdict, sentence with the margin, and what would mend it. */
export function CheckList({ checks, setup }: { checks: readonly Check[]; setup: Setup }) {
  return (
    <ul className={sheet.checks}>
      {checks.map((check) => (
        <li key={check.id} data-testid={`check-${check.id}`}>
          <Explained explain={() => explainCheck(check, setup)}>
            <VerdictMark verdict={check.verdict} />
          </Explained>
          <span>
            {check.message}
            {check.fixes.length > 0 && <> To mend: {check.fixes.join('; or ')}.</>}
          </span>
        </li>
      ))}
    </ul>
  );
}

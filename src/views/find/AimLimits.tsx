'use client';

import { Button, Slider } from 'antd';
import type { AimSpan } from '../../core/find';
import { useUnits } from '../../features/workspace/useUnits';
import { AIM_MEANING, AIM_NAME, aimText } from '../../features/search/aim-words';
import styles from './Find.module.css';
import { t } from './text';

interface AimLimitsProps {
  readonly spans: readonly AimSpan[];
  readonly limits: readonly (number | undefined)[];
  readonly shown: number;
  readonly total: number;
  readonly onLimit: (aim: number, limit: number | undefined) => void;
}

/** Places of a slider between the best and the worst that there is. */
const NOTCHES = 200;
/** Aims that come in whole numbers. */
const COUNTED = ['frontShifts', 'doubleShifts', 'newParts', 'capacity'];

/** A limit on each criterion, applied at once. */
export function AimLimits({ spans, limits, shown, total, onLimit }: AimLimitsProps) {
  const units = useUnits();
  return (
    <div className={styles.limits} role="group" aria-label={t('aimLimits.filterResults')}>
      {spans.map(({ aim, best, worst }, a) => {
        const limit = limits[a] ?? worst;
        const bound = aim === 'topSpeed' ? t('aimLimits.atLeast') : t('aimLimits.atMost');
        return (
          <div key={aim} className={styles.limit} title={AIM_MEANING[aim]}>
            <span id={`limit-${aim}`}>
              {AIM_NAME[aim]}{' '}
              <strong>
                {best === worst ? t('aimLimits.all') : bound} {aimText(aim, limit, units)}
              </strong>
            </span>
            <Slider
              min={best}
              max={worst}
              step={COUNTED.includes(aim) ? 1 : (worst - best) / NOTCHES || 1}
              value={limit}
              disabled={best === worst}
              tooltip={{ open: false }}
              ariaLabelledByForHandle={`limit-${aim}`}
              ariaValueTextFormatterForHandle={(value) => `${bound} ${aimText(aim, value, units)}`}
              onChange={(value: number) => onLimit(a, value >= worst ? undefined : value)}
            />
          </div>
        );
      })}
      <p className={styles.shown} data-testid="shown">
        {shown === total ? t('aimLimits.totalShown', { total }) : t('aimLimits.shownOfTotalShown', { shown, total })}{' '}
        {shown < total && (
          <Button type="link" size="small" onClick={() => spans.forEach((_, a) => onLimit(a, undefined))}>
            {t('aimLimits.showAll')}
          </Button>
        )}
      </p>
    </div>
  );
}

'use client';

import Link from 'next/link';
import type { ReactNode } from 'react';
import { BRIEF_UNITS, assumedIn, briefTerm, type BriefField, type BriefNeed, type FilledBrief } from '../../core/brief';
import { short, speedText, type SpeedUnit } from '../format';
import { POSITION_TEXT, SURFACE_TEXT, USE_TEXT } from '../words';
import { textOf } from '../../messages/core';
import { useReadyBench } from './BenchProvider';
import styles from './Bench.module.css';
import { t } from './text';
import { useBrief } from './useBrief';

/** What a need takes for what the rider has not said, each a way into its field; nothing where all of it is said. */
export function Assumed({ need }: { need: BriefNeed }) {
  const { bench, preferences } = useReadyBench();
  const { brief } = useBrief();
  const fields = assumedIn(brief, need);
  if (fields.length === 0) return null;
  return (
    <small className={styles.assumed} data-testid={`assumed-${need}`}>
      {bench.bike.brief.use === undefined ? (
        <>
          {t('assumed.assumedFor')} <FieldLink field="use">{USE_TEXT[brief.use]}</FieldLink>:{' '}
        </>
      ) : (
        <>{t('assumed.assumed')} </>
      )}
      {fields.map((field, i) => (
        <span key={field}>
          {i > 0 && ' · '}
          <FieldLink field={field}>{assumedText(field, brief, preferences.speedUnit)}</FieldLink>
          {field === 'cruisingSpeedKmh' && brief.ridden && brief.ridden.flatM.length > 0 && t('assumed.byUsualGears')}
        </span>
      ))}
    </small>
  );
}

/** The way into a field of the brief. */
function FieldLink({ field, children }: { field: BriefField | 'use'; children: ReactNode }) {
  return (
    <Link
      href={`/brief#${field}`}
      title={t('assumed.set')}
      // On the page itself nothing is loaded anew.
      onClick={() => document.getElementById(field)?.focus()}
    >
      {children}
    </Link>
  );
}

function assumedText(field: BriefField, brief: FilledBrief, speedUnit: SpeedUnit): string {
  if (field === 'position') return POSITION_TEXT[brief.position];
  if (field === 'surface') return SURFACE_TEXT[brief.surface];
  const [term, unit] = [textOf(briefTerm(field)), BRIEF_UNITS[field]];
  if (unit === 'km/h') return `${term} ${speedText(speedUnit, brief[field])}`;
  return `${term} ${short(brief[field], 1)} ${unit}`;
}

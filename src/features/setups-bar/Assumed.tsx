'use client';

import { unitAfter } from '../../messages/number-text';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { BRIEF_UNITS, assumedIn, briefTerm, type BriefField, type BriefNeed, type FilledBrief } from '../../core/needs';
import { short } from '../../ui/format';
import { speedText, type SpeedUnit } from '../units/speed';
import { POSITION_TEXT, SURFACE_TEXT, USE_TEXT } from '../rider/words';
import { textOf } from '../../messages/core';
import { useReadyWorkspace } from '../workspace/WorkspaceProvider';
import styles from './SetupsBar.module.css';
import { t } from './text';
import { useBrief } from '../workspace/useBrief';

/** The assumptions of a need, each a link to its field; nothing where none is assumed. */
export function Assumed({ need }: { need: BriefNeed }) {
  const { workspace, preferences } = useReadyWorkspace();
  const { brief } = useBrief();
  const fields = assumedIn(brief, need);
  if (fields.length === 0) return null;
  return (
    <small className={styles.assumed} data-testid={`assumed-${need}`}>
      {workspace.bike.brief.use === undefined ? (
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

/** A link to a field of Needs. */
function FieldLink({ field, children }: { field: BriefField | 'use'; children: ReactNode }) {
  return (
    <Link
      href={`/needs#${field}`}
      title={t('assumed.set')}
      // On the page itself only the focus moves.
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
  return `${term} ${short(brief[field], 1)}${unitAfter(unit)}`;
}

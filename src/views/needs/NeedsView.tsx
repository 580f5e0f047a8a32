'use client';

import { WorkspaceNumber } from '../../features/fields/WorkspaceNumber';
import { Checkbox, Select } from 'antd';
import { useEffect } from 'react';
import {
  AIMS,
  BOTHERS,
  EFFORT_W_PER_KG,
  LOWEST_RATIO,
  POSITION_CDA_M2,
  SURFACE_CRR,
  TERRAINS,
  totalMassKg,
  type Aim,
  type Bother,
} from '../../core/needs';
import { bodyMassText } from '../../features/units/measures';
import { useUnits } from '../../features/workspace/useUnits';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { useBrief } from '../../features/workspace/useBrief';
import { OneOrTwoHeadline } from '../../features/search/OneOrTwo';
import { Field } from '../../ui/fields/Field';
import { NumberField } from '../../ui/fields/NumberField';
import { withOptional } from '../../ui/fields/with-optional';
import { short } from '../../ui/format';
import {
  AIM_TEXT,
  BOTHER_TEXT,
  EFFORT_TEXT,
  POSITION_TEXT,
  SURFACE_TEXT,
  TERRAIN_TEXT,
  USE_TEXT,
} from '../../features/rider/words';
import { BriefChoice } from './BriefChoice';
import { Roles } from './Roles';
import { UsedGears } from './UsedGears';
import { Wanted } from './Wanted';
import { Note, PageHeading, Panel } from '../../ui/panel/Panel';
import styles from './Needs.module.css';
import { t } from './text';
import { defined } from '../../core/optional';

/** What the bike is for and how it is ridden, on one page; everything may be left open. */
export function NeedsView() {
  const units = useUnits();
  const { brief } = useBrief();
  // A link to one value leads into its field.
  useEffect(() => document.getElementById(location.hash.slice(1))?.focus(), []);
  return (
    <>
      <PageHeading>{t('needsView.brief')}</PageHeading>
      <OneOrTwoHeadline />
      <Wanted />
      <div className={styles.columns}>
        <Panel className={styles.panel} aria-label={t('needsView.riderAndBike')}>
          <h2>{t('needsView.riderAndBike')}</h2>
          <div className={styles.fields}>
            <BriefChoice field="use" label={t('needsView.riddenFor')} texts={USE_TEXT} />
            <BriefChoice
              field="position"
              label={t('needsView.position')}
              texts={POSITION_TEXT}
              detail={(position) => t('needsView.dragArea', { positionCdaM2: POSITION_CDA_M2[position] })}
            />
            <WorkspaceNumber of="brief" field="cdaM2" width="100%" />
            <WorkspaceNumber of="brief" field="riderMassKg" width="100%" />
            <WorkspaceNumber of="brief" field="bikeMassKg" width="100%" />
            <WorkspaceNumber of="brief" field="loadMassKg" width="100%" />
            <p className={styles.sum}>
              <span>{t('needsView.allUp')}</span>
              <b>{bodyMassText(units, totalMassKg(brief))}</b>
            </p>
            <BriefChoice
              field="effort"
              label={t('needsView.effortIfDontKnow')}
              texts={EFFORT_TEXT}
              detail={(effort) => `${short(EFFORT_W_PER_KG[effort] * brief.riderMassKg, 0)} W`}
            />
            <WorkspaceNumber of="brief" field="powerW" width="100%" />
            <WorkspaceNumber of="brief" field="anaerobicJPerKg" width="100%" />
          </div>
          <h2>{t('needsView.cadence')}</h2>
          <div className={styles.fields}>
            <WorkspaceNumber of="brief" field="preferredRpm" width="100%" />
            <WorkspaceNumber of="brief" field="lowRpm" width="100%" />
            <WorkspaceNumber of="brief" field="highRpm" width="100%" />
            <WorkspaceNumber of="brief" field="climbingRpm" width="100%" />
            <WorkspaceNumber of="brief" field="spinOutRpm" width="100%" />
          </div>
          <h2>{t('needsView.motor')}</h2>
          <div className={styles.fields}>
            <WorkspaceNumber of="brief" field="assistFactor" width="100%" />
            <WorkspaceNumber of="brief" field="assistMaxW" width="100%" />
            <WorkspaceNumber of="brief" field="assistCutOffKmh" width="100%" />
          </div>
          <Note>{t('needsView.withoutOneLeaveTheFirst')}</Note>
        </Panel>
        <Panel className={styles.panel} aria-label={t('needsView.roadsAndSpeeds')}>
          <h2>{t('needsView.roadsAndSpeeds')}</h2>
          <div className={styles.fields}>
            <WorkspaceNumber of="brief" field="steepestGradePercent" width="100%" />
            <WorkspaceNumber of="brief" field="steepestLengthM" width="100%" />
            <LowestRatio />
            <WorkspaceNumber of="brief" field="cruisingSpeedKmh" width="100%" />
            <WorkspaceNumber of="brief" field="cruisingRpm" width="100%" />
            <WorkspaceNumber of="brief" field="topSpeedKmh" width="100%" />
            <BriefChoice
              field="surface"
              label={t('needsView.surface')}
              texts={SURFACE_TEXT}
              detail={(surface) => `C_rr ${SURFACE_CRR[surface]}`}
            />
            <WorkspaceNumber of="brief" field="crr" width="100%" />
          </div>
          <h2>{t('needsView.terrainSharesOfYourRiding')}</h2>
          <div className={styles.four}>
            {TERRAINS.map((field) => (
              <WorkspaceNumber of="brief" key={field} field={field} width="100%" />
            ))}
          </div>
          <div
            className={styles.bar}
            role="img"
            aria-label={TERRAINS.map((f) => `${TERRAIN_TEXT[f]} ${brief[f]}%`).join(', ')}
          >
            {TERRAINS.map((field) => (
              <span key={field} style={{ flexGrow: brief[field] }} data-terrain={field}>
                {brief[field] >= 12 && TERRAIN_TEXT[field]}
              </span>
            ))}
          </div>
        </Panel>
        <Panel className={styles.panel} aria-label={t('needsView.stepsAndWishes')}>
          <h2>{t('needsView.largestStepHappy')}</h2>
          <div className={styles.three}>
            <WorkspaceNumber of="brief" field="stepClimbingPercent" label={t('needsView.climbing')} width="100%" />
            <WorkspaceNumber of="brief" field="stepBetweenPercent" label={t('needsView.inBetween')} width="100%" />
            <WorkspaceNumber of="brief" field="stepFastPercent" label={t('needsView.fast')} width="100%" />
          </div>
          <div className={styles.zones}>
            <WorkspaceNumber of="brief" field="climbingBelowKmh" label={t('needsView.climbingIsBelow')} width="100%" />
            <WorkspaceNumber of="brief" field="fastAboveKmh" label={t('needsView.fastIsAbove')} width="100%" />
          </div>
          <Bothers />
          <Aims />
          <UsedGears />
        </Panel>
      </div>
      <Roles />
    </>
  );
}

/** An additional lowest ratio that the easiest gear must reach. */
function LowestRatio() {
  const { workspace, edits } = useReadyWorkspace();
  const { bike, fromLink } = workspace;
  return (
    <NumberField
      id="lowestRatio"
      label={t('needsView.lowestRatio')}
      term={t('needsView.lowestRatio')}
      owner={bike.id}
      disabled={fromLink}
      unit=": 1"
      bounds={LOWEST_RATIO}
      optional
      width="100%"
      placeholder={t('needsView.noneNeeded')}
      value={bike.brief.lowestRatio}
      onCommit={(value) =>
        edits.editBike('lowestRatio', (record) => ({
          ...record,
          brief: withOptional(record.brief, 'lowestRatio', value),
        }))
      }
    />
  );
}

function Bothers() {
  const { workspace, edits } = useReadyWorkspace();
  const { bike, fromLink } = workspace;
  return (
    <>
      <h2 id="bothers">{t('needsView.whatBothersYouToday')}</h2>
      <Checkbox.Group
        aria-labelledby="bothers"
        {...defined({ className: styles.checks })}
        disabled={fromLink}
        value={[...(bike.brief.bothers ?? [])]}
        options={BOTHERS.map((value) => ({ value, label: BOTHER_TEXT[value] }))}
        onChange={(list: Bother[]) =>
          edits.editBike('bothers', (record) => ({
            ...record,
            brief: withOptional(record.brief, 'bothers', list.length > 0 ? list : undefined),
          }))
        }
      />
    </>
  );
}

function Aims() {
  const { workspace, edits } = useReadyWorkspace();
  const { bike, fromLink } = workspace;
  return (
    <>
      <h2>{t('needsView.whatMattersMost')}</h2>
      <Field id="aims" label={t('needsView.pickOrderImportance')}>
        <Select<Aim[]>
          id="aims"
          mode="multiple"
          disabled={fromLink}
          style={{ width: '100%' }}
          placeholder={t('needsView.noPriority')}
          value={[...(bike.brief.aims ?? [])]}
          options={AIMS.map((value) => ({ value, label: AIM_TEXT[value] }))}
          onChange={(list) =>
            edits.editBike('aims', (record) => ({
              ...record,
              brief: withOptional(record.brief, 'aims', list.length > 0 ? list : undefined),
            }))
          }
        />
      </Field>
    </>
  );
}

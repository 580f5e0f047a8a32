'use client';

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
} from '../../core/brief';
import { bodyMassText } from '../../kit/measures';
import { useUnits } from '../../kit/bench/useUnits';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { BriefNumber } from '../../kit/bench/BriefNumber';
import { useBrief } from '../../kit/bench/useBrief';
import { OneOrTwoHeadline } from '../../kit/finding/OneOrTwo';
import { Field } from '../../kit/fields/Field';
import { NumberField } from '../../kit/fields/NumberField';
import { withOptional } from '../../kit/fields/with-optional';
import { short } from '../../kit/format';
import {
  AIM_TEXT,
  BOTHER_TEXT,
  EFFORT_TEXT,
  POSITION_TEXT,
  SURFACE_TEXT,
  TERRAIN_TEXT,
  USE_TEXT,
} from '../../kit/words';
import { BriefChoice } from './BriefChoice';
import { Roles } from './Roles';
import { UsedGears } from './UsedGears';
import { Wanted } from './Wanted';
import { Note, PageHeading, Panel } from '../../kit/sheet/Panel';
import styles from './Brief.module.css';
import { t } from './words/text';

/** What the bike is for and how it is ridden, on one page; everything may be left open. */
export function BriefStage() {
  const units = useUnits();
  const { brief } = useBrief();
  // A link to one value leads into its field.
  useEffect(() => document.getElementById(location.hash.slice(1))?.focus(), []);
  return (
    <>
      <PageHeading>{t('briefStage.brief')}</PageHeading>
      <OneOrTwoHeadline />
      <Wanted />
      <div className={styles.columns}>
        <Panel className={styles.panel} aria-label={t('briefStage.riderAndBike')}>
          <h2>{t('briefStage.riderAndBike')}</h2>
          <div className={styles.fields}>
            <BriefChoice field="use" label={t('briefStage.riddenFor')} texts={USE_TEXT} />
            <BriefChoice
              field="position"
              label={t('briefStage.position')}
              texts={POSITION_TEXT}
              detail={(position) => t('briefStage.dragArea', { positionCdaM2: POSITION_CDA_M2[position] })}
            />
            <BriefNumber field="riderMassKg" />
            <BriefNumber field="bikeMassKg" />
            <BriefNumber field="loadMassKg" />
            <p className={styles.sum}>
              <span>{t('briefStage.allUp')}</span>
              <b>{bodyMassText(units, totalMassKg(brief))}</b>
            </p>
            <BriefChoice
              field="effort"
              label={t('briefStage.effortIfWattsAreUnknown')}
              texts={EFFORT_TEXT}
              detail={(effort) => `${short(EFFORT_W_PER_KG[effort] * brief.riderMassKg, 0)} W`}
            />
            <BriefNumber field="powerW" />
            <BriefNumber field="anaerobicJPerKg" />
          </div>
          <h2>{t('briefStage.cadence')}</h2>
          <div className={styles.fields}>
            <BriefNumber field="preferredRpm" />
            <BriefNumber field="lowRpm" />
            <BriefNumber field="highRpm" />
            <BriefNumber field="climbingRpm" />
            <BriefNumber field="spinOutRpm" />
          </div>
          <h2>{t('briefStage.motor')}</h2>
          <div className={styles.fields}>
            <BriefNumber field="assistFactor" />
            <BriefNumber field="assistMaxW" />
            <BriefNumber field="assistCutOffKmh" />
          </div>
          <Note>{t('briefStage.withoutOneLeaveTheFirst')}</Note>
        </Panel>
        <Panel className={styles.panel} aria-label={t('briefStage.roadsAndSpeeds')}>
          <h2>{t('briefStage.roadsAndSpeeds')}</h2>
          <div className={styles.fields}>
            <BriefNumber field="steepestGradePercent" />
            <BriefNumber field="steepestLengthM" />
            <LowestRatio />
            <BriefNumber field="cruisingSpeedKmh" />
            <BriefNumber field="cruisingRpm" />
            <BriefNumber field="topSpeedKmh" />
            <BriefChoice
              field="surface"
              label={t('briefStage.surface')}
              texts={SURFACE_TEXT}
              detail={(surface) => `C_rr ${SURFACE_CRR[surface]}`}
            />
          </div>
          <h2>{t('briefStage.terrainSharesOfYourRiding')}</h2>
          <div className={styles.four}>
            {TERRAINS.map((field) => (
              <BriefNumber key={field} field={field} />
            ))}
          </div>
          <div
            className={styles.bar}
            role="img"
            aria-label={TERRAINS.map((f) => `${TERRAIN_TEXT[f]} ${brief[f]} %`).join(', ')}
          >
            {TERRAINS.map((field) => (
              <span key={field} style={{ flexGrow: brief[field] }} data-terrain={field}>
                {brief[field] >= 12 && TERRAIN_TEXT[field]}
              </span>
            ))}
          </div>
        </Panel>
        <Panel className={styles.panel} aria-label={t('briefStage.stepsAndWishes')}>
          <h2>{t('briefStage.largestStepThatDoesNot')}</h2>
          <div className={styles.three}>
            <BriefNumber field="stepClimbingPercent" label={t('briefStage.climbing')} />
            <BriefNumber field="stepBetweenPercent" label={t('briefStage.inBetween')} />
            <BriefNumber field="stepFastPercent" label={t('briefStage.fast')} />
          </div>
          <div className={styles.zones}>
            <BriefNumber field="climbingBelowKmh" label={t('briefStage.climbingIsBelow')} />
            <BriefNumber field="fastAboveKmh" label={t('briefStage.fastIsAbove')} />
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

/** A ratio that the easiest gear must reach, beside the climb; nothing is asked while it is empty. */
function LowestRatio() {
  const { bench, edits } = useReadyBench();
  const { bike, fromLink } = bench;
  return (
    <NumberField
      id="lowestRatio"
      label={t('briefStage.lowestRatio')}
      term={t('briefStage.lowestRatio')}
      owner={bike.id}
      disabled={fromLink}
      unit=": 1"
      bounds={LOWEST_RATIO}
      optional
      width="100%"
      placeholder={t('briefStage.noneNeeded')}
      value={bike.brief.lowestRatio}
      onCommit={(value) =>
        edits.editBike(t('briefStage.lowestRatio'), (record) => ({
          ...record,
          brief: withOptional(record.brief, 'lowestRatio', value),
        }))
      }
    />
  );
}

function Bothers() {
  const { bench, edits } = useReadyBench();
  const { bike, fromLink } = bench;
  return (
    <>
      <h2 id="bothers">{t('briefStage.whatBothersYouToday')}</h2>
      <Checkbox.Group
        aria-labelledby="bothers"
        className={styles.checks}
        disabled={fromLink}
        value={[...(bike.brief.bothers ?? [])]}
        options={BOTHERS.map((value) => ({ value, label: BOTHER_TEXT[value] }))}
        onChange={(list: Bother[]) =>
          edits.editBike(t('briefStage.whatBothers'), (record) => ({
            ...record,
            brief: withOptional(record.brief, 'bothers', list.length > 0 ? list : undefined),
          }))
        }
      />
    </>
  );
}

function Aims() {
  const { bench, edits } = useReadyBench();
  const { bike, fromLink } = bench;
  return (
    <>
      <h2>{t('briefStage.whatMattersMost')}</h2>
      <Field id="aims" label={t('briefStage.inTheOrderInWhich')}>
        <Select<Aim[]>
          id="aims"
          mode="multiple"
          disabled={fromLink}
          style={{ width: '100%' }}
          placeholder={t('briefStage.nothingAboveTheRest')}
          value={[...(bike.brief.aims ?? [])]}
          options={AIMS.map((value) => ({ value, label: AIM_TEXT[value] }))}
          onChange={(list) =>
            edits.editBike(t('briefStage.whatMatters'), (record) => ({
              ...record,
              brief: withOptional(record.brief, 'aims', list.length > 0 ? list : undefined),
            }))
          }
        />
      </Field>
    </>
  );
}

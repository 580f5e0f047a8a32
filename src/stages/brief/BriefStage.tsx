'use client';

import { Checkbox, Select } from 'antd';
import {
  AIMS,
  BOTHERS,
  EFFORT_W_PER_KG,
  POSITION_CDA_M2,
  SURFACE_CRR,
  TERRAINS,
  totalMassKg,
  type Aim,
  type Bother,
} from '../../core/brief';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { BriefNumber } from '../../kit/bench/BriefNumber';
import { useBrief } from '../../kit/bench/useBrief';
import { Field } from '../../kit/fields/Field';
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
import { Wanted } from './Wanted';
import styles from './Brief.module.css';

/** What the bike is for and how it is ridden, on one page; everything may be left open. */
export function BriefStage() {
  const { brief } = useBrief();
  return (
    <>
      <h1 className={styles.hidden}>Brief</h1>
      <Wanted />
      <div className={styles.columns}>
        <section className={styles.panel} aria-label="Rider and bike">
          <h2>Rider and bike</h2>
          <div className={styles.fields}>
            <BriefChoice field="use" label="Ridden for" texts={USE_TEXT} />
            <BriefChoice
              field="position"
              label="Position"
              texts={POSITION_TEXT}
              detail={(position) => `CdA ${POSITION_CDA_M2[position]} m²`}
            />
            <BriefNumber field="riderMassKg" />
            <BriefNumber field="bikeMassKg" />
            <BriefNumber field="loadMassKg" />
            <p className={styles.sum}>
              <span>All-up</span>
              <b>{short(totalMassKg(brief), 1)} kg</b>
            </p>
            <BriefChoice
              field="effort"
              label="Effort, if watts are unknown"
              texts={EFFORT_TEXT}
              detail={(effort) => `${short(EFFORT_W_PER_KG[effort] * brief.riderMassKg, 0)} W`}
            />
            <BriefNumber field="powerW" />
          </div>
          <h2>Cadence</h2>
          <div className={styles.fields}>
            <BriefNumber field="lowRpm" />
            <BriefNumber field="highRpm" />
            <BriefNumber field="climbingRpm" />
            <BriefNumber field="spinOutRpm" />
          </div>
          <p className={styles.note}>
            The cadence you like best stands on the bench: {short(brief.preferredRpm, 1)} rpm.
          </p>
        </section>
        <section className={styles.panel} aria-label="Roads and speeds">
          <h2>Roads and speeds</h2>
          <div className={styles.fields}>
            <BriefNumber field="steepestGradePercent" />
            <BriefNumber field="steepestLengthM" />
            <BriefNumber field="cruisingSpeedKmh" />
            <BriefNumber field="cruisingRpm" />
            <BriefNumber field="topSpeedKmh" />
            <BriefChoice
              field="surface"
              label="Surface"
              texts={SURFACE_TEXT}
              detail={(surface) => `C_rr ${SURFACE_CRR[surface]}`}
            />
          </div>
          <h2>Terrain, shares of your riding</h2>
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
        </section>
        <section className={styles.panel} aria-label="Steps and wishes">
          <h2>Largest step that does not bother you</h2>
          <div className={styles.three}>
            <BriefNumber field="stepClimbingPercent" label="Climbing" />
            <BriefNumber field="stepBetweenPercent" label="In between" />
            <BriefNumber field="stepFastPercent" label="Fast" />
          </div>
          <div className={styles.zones}>
            <BriefNumber field="climbingBelowKmh" label="Climbing is below" />
            <BriefNumber field="fastAboveKmh" label="Fast is above" />
          </div>
          <Bothers />
          <Aims />
        </section>
      </div>
    </>
  );
}

function Bothers() {
  const { bench, edits } = useReadyBench();
  const { bike, fromLink } = bench;
  return (
    <>
      <h2 id="bothers">What bothers you today</h2>
      <Checkbox.Group
        aria-labelledby="bothers"
        className={styles.checks}
        disabled={fromLink}
        value={[...(bike.brief.bothers ?? [])]}
        options={BOTHERS.map((value) => ({ value, label: BOTHER_TEXT[value] }))}
        onChange={(list: Bother[]) =>
          edits.editBike('what bothers', (record) => ({
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
      <h2>What matters most</h2>
      <Field id="aims" label="In the order in which you pick them">
        <Select<Aim[]>
          id="aims"
          mode="multiple"
          disabled={fromLink}
          style={{ width: '100%' }}
          placeholder="nothing above the rest"
          value={[...(bike.brief.aims ?? [])]}
          options={AIMS.map((value) => ({ value, label: AIM_TEXT[value] }))}
          onChange={(list) =>
            edits.editBike('what matters', (record) => ({
              ...record,
              brief: withOptional(record.brief, 'aims', list.length > 0 ? list : undefined),
            }))
          }
        />
      </Field>
    </>
  );
}

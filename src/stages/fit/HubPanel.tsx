'use client';

import { Select } from 'antd';
import { spacerNeededMm } from '../../core/fit';
import { FREEHUB_FAMILIES, familyName } from '../../core/parts/freehubs';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { FreehubName, FreehubNumber, PartName, PartNumber } from '../../kit/bench/PartFields';
import { Field } from '../../kit/fields/Field';
import { short } from '../../kit/format';
import { Numbers } from '../../kit/numbers/Numbers';
import { FreehubView } from './FreehubView';
import { usePartOffers } from './usePartOffers';
import styles from './Fit.module.css';

/** Cassette and freehub body: the splines, and the spacer worked out from their lengths. */
export function HubPanel() {
  const { bench, edits } = useReadyBench();
  const { setup, wheelset, fromLink } = bench;
  const offers = usePartOffers();
  const bodyLengthMm = wheelset.freehub?.bodyLengthMm;
  const { cassetteLengthMm, spacerMm } = setup.parts;
  return (
    <section className={styles.panel} aria-label="Freehub">
      <h2>Freehub and spacer</h2>
      {bodyLengthMm !== undefined && cassetteLengthMm !== undefined ? (
        <>
          <FreehubView bodyLengthMm={bodyLengthMm} cassetteLengthMm={cassetteLengthMm} spacerMm={spacerMm} />
          <Numbers
            of="Freehub and spacer"
            table={() => ({
              columns: ['along the body', 'mm'],
              rows: [
                ['body', short(bodyLengthMm, 2)],
                ['cassette', short(cassetteLengthMm, 2)],
                ['spacers that are there', spacerMm === undefined ? 'not known' : short(spacerMm, 2)],
                ['spacers that are needed', short(spacerNeededMm(bodyLengthMm, cassetteLengthMm), 2)],
              ],
            })}
          />
        </>
      ) : (
        <p className={styles.note}>
          Type the length of the body and what the cassette takes up on it to see the spacer.
        </p>
      )}
      <div className={styles.fields}>
        <Field id="freehub-typical" label="Body like a typical one">
          <Select
            id="freehub-typical"
            value={null}
            placeholder="splines, length, speeds"
            disabled={fromLink}
            popupMatchSelectWidth={false}
            style={{ width: 190 }}
            options={FREEHUB_FAMILIES.map((family, i) => ({ value: i, label: familyName(family) }))}
            onChange={(i: number | null) => {
              const family = i === null ? undefined : FREEHUB_FAMILIES[i];
              if (!family) return;
              const { spline, bodyLengthMm: length, smallestCogT } = family;
              const freehub = { spline, smallestCogT, ...(length === undefined ? {} : { bodyLengthMm: length }) };
              edits.editWheelset('freehub body', (record) => ({ ...record, freehub }));
            }}
          />
        </Field>
        <FreehubName offered={offers.splines} />
        <FreehubNumber field="bodyLengthMm" />
        <FreehubNumber field="smallestCogT" label="Smallest cog over it" />
        <PartName
          field="cassetteSpline"
          label="Splines of the cassette"
          offered={offers.splines}
          placeholder="not known"
        />
        <PartNumber field="cassetteLengthMm" />
        <PartNumber field="spacerMm" />
        {setup.hubStages.length > 1 && <PartNumber field="hubRatioMin" />}
      </div>
    </section>
  );
}

'use client';

import { Segmented } from 'antd';
import { useRef } from 'react';
import { INDEXING_TOLERANCE_MM, type Shifting } from '../../core/fit';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { DerailleurNumber, PartName, PartNumber, usePartEdit } from '../../kit/bench/PartFields';
import { SetupNumber } from '../../kit/bench/SetupNumber';
import { COG_PITCH_MM, typicalCogPitchMm } from '../../core/fit';
import { SavePicture } from '../../kit/export/SavePicture';
import { svgPicture } from '../../kit/export/svg';
import { allDigits, short } from '../../kit/format';
import { Numbers } from '../../kit/numbers/Numbers';
import { IndexingView, signedMm } from './IndexingView';
import { usePartOffers } from './usePartOffers';
import type { Fit } from './useFit';
import styles from './Fit.module.css';

/** Whether every click lands on its cog, drawn at each cog; electronic: whether the parts speak with each other. */
export function ShiftPanel({ fit }: { fit: Fit }) {
  const { bench } = useReadyBench();
  const { setup, fromLink } = bench;
  const { indexing } = fit.report;
  const drawing = useRef<SVGSVGElement>(null);
  const editPart = usePartEdit();
  const offers = usePartOffers();
  const shifting = setup.parts.shifting ?? 'cable';
  const toleranceMm = setup.parts.indexingToleranceMm ?? INDEXING_TOLERANCE_MM;
  return (
    <section className={styles.panel} aria-label="Indexing">
      <div className={styles.panelHead}>
        <h2>Indexing: where each click puts the guide pulley</h2>
        {indexing && <SavePicture name={`${bench.bike.name} indexing`} picture={() => svgPicture(drawing.current)} />}
        <Segmented<Shifting>
          size="small"
          value={shifting}
          disabled={fromLink}
          options={[
            { value: 'cable', label: 'cable' },
            { value: 'electronic', label: 'electronic' },
          ]}
          onChange={(next) => editPart('shifting', 'shifting', next === 'cable' ? undefined : next)}
          aria-label="How the rear derailleur is moved"
        />
      </div>
      {indexing ? (
        <>
          <IndexingView cogs={setup.cogs} error={indexing} toleranceMm={toleranceMm} drawingRef={drawing} />
          <Numbers
            of="Guide pulley beside each cog"
            table={() => ({
              columns: ['cog', 'beside it, + towards the wheel, mm', `within ±${short(toleranceMm, 2)} mm`],
              rows: indexing.atCogMm.map((mm, i) => [
                String(setup.cogs[i]),
                signedMm(mm),
                Math.abs(mm) > toleranceMm ? 'no' : 'yes',
              ]),
            })}
          />
        </>
      ) : (
        <p className={styles.note}>
          {shifting === 'cable'
            ? 'Type the cable that a click pulls and the derailleur’s ratio to see the error at each cog.'
            : 'Electronic parts place themselves: they must be of one family, and made for the cassette’s speeds.'}
        </p>
      )}
      <div className={styles.fields}>
        {shifting === 'cable' ? (
          <>
            <PartNumber field="cablePullMm" />
            <DerailleurNumber field="pullRatio" />
          </>
        ) : (
          <>
            <PartName
              field="shifterFamily"
              label="Family of the shifter"
              offered={offers.families}
              placeholder="as its maker calls it"
            />
            <PartName
              field="derailleurFamily"
              label="Family of the derailleur"
              offered={offers.families}
              placeholder="as its maker calls it"
            />
            <DerailleurNumber field="speeds" />
          </>
        )}
        <PartNumber field="shifterSpeeds" />
        {shifting === 'cable' && (
          <>
            <SetupNumber
              id="indexing-pitch"
              field="cogPitchMm"
              term="cog pitch"
              unit="mm"
              bounds={COG_PITCH_MM}
              placeholder={`${allDigits(typicalCogPitchMm(setup.cogs.length))} typical`}
            />
            <PartNumber field="indexingToleranceMm" assumed={INDEXING_TOLERANCE_MM} />
          </>
        )}
      </div>
    </section>
  );
}

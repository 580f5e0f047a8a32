'use client';

import { Segmented, Select } from 'antd';
import { useRef } from 'react';
import { FRONT_CONTROLS, INDEXING_TOLERANCE_MM, type FrontControl, type Shifting } from '../../core/fit';
import { listedFamily } from '../../core/parts/shift-families';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { DerailleurNumber, PartName, PartNumber, usePartEdit } from '../../kit/bench/PartFields';
import { SetupNumber } from '../../kit/bench/SetupNumber';
import { COG_PITCH_MM, typicalCogPitchMm } from '../../core/fit';
import { Field } from '../../kit/fields/Field';
import { SavePicture } from '../../kit/export/SavePicture';
import { svgPicture } from '../../kit/export/svg';
import { allDigits, short } from '../../kit/format';
import { Numbers } from '../../kit/numbers/Numbers';
import { IndexingView, signedMm } from './IndexingView';
import { usePartOffers } from './usePartOffers';
import type { Fit } from './useFit';
import { Note, Panel, PanelHead } from '../../kit/sheet/Panel';
import styles from './Fit.module.css';
import { t } from './words/text';

const familyOf = (name: string | undefined) => (name === undefined ? undefined : listedFamily(name));

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
    <Panel aria-label={t('shiftPanel.indexing')}>
      <PanelHead>
        <h2>{t('shiftPanel.indexingWhereEachClickPuts')}</h2>
        {indexing && (
          <SavePicture
            name={t('shiftPanel.nameIndexing', { name: bench.bike.name })}
            picture={() => svgPicture(drawing.current)}
          />
        )}
        <Segmented<Shifting>
          size="small"
          value={shifting}
          disabled={fromLink}
          options={[
            { value: 'cable', label: t('shiftPanel.cable') },
            { value: 'electronic', label: t('shiftPanel.electronic') },
          ]}
          onChange={(next) => editPart('shifting', 'shifting', next === 'cable' ? undefined : next)}
          aria-label={t('shiftPanel.howTheRearDerailleurIs')}
        />
      </PanelHead>
      {indexing ? (
        <>
          <IndexingView cogs={setup.cogs} error={indexing} toleranceMm={toleranceMm} drawingRef={drawing} />
          <Numbers
            of={t('shiftPanel.guidePulleyBesideEachCog')}
            table={() => ({
              columns: [
                'cog',
                t('shiftPanel.besideItTowardsTheWheel'),
                t('shiftPanel.withinToleranceMm', { toleranceMm: short(toleranceMm, 2) }),
              ],
              rows: indexing.atCogMm.map((mm, i) => [
                String(setup.cogs[i]),
                signedMm(mm),
                Math.abs(mm) > toleranceMm ? t('shiftPanel.no') : t('shiftPanel.yes'),
              ]),
            })}
          />
        </>
      ) : (
        <Note>
          {shifting === 'cable'
            ? t('shiftPanel.typeTheCableThatA')
            : t('shiftPanel.electronicPartsPlaceThemselvesThey')}
        </Note>
      )}
      <div className={styles.fields}>
        <PartName
          field="shifterFamily"
          label={t('shiftPanel.familyOfTheShifter')}
          offered={offers.families}
          placeholder={t('shiftPanel.fromTheListOrYourOwn')}
        />
        <PartName
          field="derailleurFamily"
          label={t('shiftPanel.familyOfTheDerailleur')}
          offered={offers.families}
          placeholder={t('shiftPanel.fromTheListOrYourOwn')}
        />
        {shifting === 'cable' ? (
          <>
            <PartNumber field="cablePullMm" assumed={familyOf(setup.parts.shifterFamily)?.cablePullMm} />
            <DerailleurNumber field="pullRatio" assumed={familyOf(setup.parts.derailleurFamily)?.pullRatio} />
          </>
        ) : (
          <DerailleurNumber field="speeds" />
        )}
        <PartNumber field="shifterSpeeds" />
        {shifting === 'electronic' && setup.chainrings.length > 1 && (
          <Field id="frontControl" label={t('shiftPanel.frontShiftsAreMade')}>
            <Select<FrontControl>
              id="frontControl"
              disabled={fromLink}
              style={{ width: '100%' }}
              popupMatchSelectWidth={false}
              value={setup.parts.frontControl ?? 'lever'}
              options={FRONT_CONTROLS.map((value) => ({ value, label: t(`shiftPanel.frontControl.${value}`) }))}
              onChange={(next) =>
                editPart('frontControl', t('shiftPanel.frontShiftsAreMade'), next === 'lever' ? undefined : next)
              }
            />
          </Field>
        )}
        {shifting === 'cable' && (
          <>
            <SetupNumber
              id="indexing-pitch"
              field="cogPitchMm"
              term={t('shiftPanel.cogPitch')}
              unit="mm"
              bounds={COG_PITCH_MM}
              placeholder={t('shiftPanel.typicalCogPitchMmTypical', {
                typicalCogPitchMm: allDigits(typicalCogPitchMm(setup.cogs.length)),
              })}
            />
            <PartNumber field="indexingToleranceMm" assumed={INDEXING_TOLERANCE_MM} />
          </>
        )}
      </div>
    </Panel>
  );
}

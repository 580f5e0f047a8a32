'use client';

import { WorkspaceNumber } from '../../features/fields/WorkspaceNumber';
import { Segmented, Select } from 'antd';
import { useRef } from 'react';
import { FRONT_CONTROLS, INDEXING_TOLERANCE_MM, type FrontControl, type Shifting } from '../../core/fit';
import { listedFamily } from '../../core/catalog/shift-families';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { PartName, usePartEdit } from '../../features/fields/PartFields';
import { COG_PITCH_MM, typicalCogPitchMm } from '../../core/fit';
import { Field } from '../../ui/fields/Field';
import { SavePicture } from '../../ui/picture/SavePicture';
import { svgPicture } from '../../ui/picture/svg';
import { allDigits, short } from '../../ui/format';
import { Numbers } from '../../ui/numbers/Numbers';
import { IndexingView, signedMm } from './IndexingView';
import { usePartOffers } from './usePartOffers';
import type { Fit } from './useFit';
import { Note, Panel, PanelHead } from '../../ui/panel/Panel';
import styles from './Compatibility.module.css';
import { t } from './text';

const familyOf = (name: string | undefined) => (name === undefined ? undefined : listedFamily(name));

/** Whether every click lands on its cog, drawn at each cog; electronic: whether the parts speak with each other. */
export function ShiftPanel({ fit }: { fit: Fit }) {
  const { workspace } = useReadyWorkspace();
  const { setup, fromLink } = workspace;
  const { indexing } = fit.report;
  const drawing = useRef<SVGSVGElement>(null);
  const editPart = usePartEdit();
  const offers = usePartOffers();
  const shifting = setup.parts.shifting ?? 'cable';
  const toleranceMm = setup.parts.indexingToleranceMm ?? INDEXING_TOLERANCE_MM;
  return (
    <Panel aria-label={t('shiftPanel.indexing')}>
      <PanelHead>
        <h2>{t('shiftPanel.indexingPositionGuidePulley')}</h2>
        {indexing && (
          <SavePicture
            name={t('shiftPanel.nameIndexing', { name: workspace.bike.name })}
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
          aria-label={t('shiftPanel.rearShifting')}
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
                t('shiftPanel.offsetTowardsWheelMm'),
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
          {shifting === 'cable' ? t('shiftPanel.enterCablePullPer') : t('shiftPanel.electronicSystemsIndexThemselves')}
        </Note>
      )}
      <div className={styles.fields}>
        <PartName
          field="shifterFamily"
          label={t('shiftPanel.shifterSystem')}
          offered={offers.families}
          placeholder={t('shiftPanel.fromTheListOrYourOwn')}
        />
        <PartName
          field="derailleurFamily"
          label={t('shiftPanel.derailleurSystem')}
          offered={offers.families}
          placeholder={t('shiftPanel.fromTheListOrYourOwn')}
        />
        {shifting === 'cable' ? (
          <>
            <WorkspaceNumber
              of="parts"
              field="cablePullMm"
              assumed={familyOf(setup.parts.shifterFamily)?.cablePullMm}
            />
            <WorkspaceNumber
              of="rearDerailleur"
              field="pullRatio"
              assumed={familyOf(setup.parts.derailleurFamily)?.pullRatio}
            />
          </>
        ) : (
          <WorkspaceNumber of="rearDerailleur" field="speeds" />
        )}
        <WorkspaceNumber of="parts" field="shifterSpeeds" />
        {shifting === 'electronic' && setup.chainrings.length > 1 && (
          <Field id="frontControl" label={t('shiftPanel.frontShifting')}>
            <Select<FrontControl>
              id="frontControl"
              disabled={fromLink}
              style={{ width: '100%' }}
              popupMatchSelectWidth={false}
              value={setup.parts.frontControl ?? 'lever'}
              options={FRONT_CONTROLS.map((value) => ({ value, label: t(`shiftPanel.frontControl.${value}`) }))}
              onChange={(next) =>
                editPart('frontControl', t('shiftPanel.frontShifting'), next === 'lever' ? undefined : next)
              }
            />
          </Field>
        )}
        {shifting === 'cable' && (
          <>
            <WorkspaceNumber
              of="setup"
              rule={{ term: t('shiftPanel.cogPitch'), unit: 'mm', bounds: COG_PITCH_MM }}
              id="indexing-pitch"
              field="cogPitchMm"

              placeholder={t('shiftPanel.typicalCogPitchMmTypical', {
                typicalCogPitchMm: allDigits(typicalCogPitchMm(setup.cogs.length)),
              })}
            />
            <WorkspaceNumber of="parts" field="indexingToleranceMm" assumed={INDEXING_TOLERANCE_MM} />
          </>
        )}
      </div>
    </Panel>
  );
}

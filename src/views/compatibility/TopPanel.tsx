'use client';

import { WorkspaceNumber } from '../../features/fields/WorkspaceNumber';
import { Select, Slider } from 'antd';
import { useRef } from 'react';
import {
  CHAINLINE_DEFAULTS,
  CHAINLINE_MM,
  COG_PITCH_MM,
  DEFAULT_STEEP_ANGLE_DEG,
  RING_SPACING_MM,
  STEEP_ANGLE_DEG,
  typicalCogPitchMm,
} from '../../core/fit';
import { CHAINLINE_FAMILIES } from '../../core/catalog/chainlines';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { SavePicture } from '../../ui/picture/SavePicture';
import { SaveTable } from '../../features/save-table/SaveTable';
import { svgPicture } from '../../ui/picture/svg';
import { Field } from '../../ui/fields/Field';
import { allDigits, fixed, short } from '../../ui/format';
import { TopView } from '../../features/top-view/TopView';
import { useChainline } from './useChainline';
import { GearTable } from './GearTable';
import type { Fit } from './useFit';
import { Note, Panel, PanelHead } from '../../ui/panel/Panel';
import { textOf } from '../../messages/core';
import styles from './Compatibility.module.css';
import { t } from './text';

/** How far a ring can be tried in or out with spacers and other cranks, mm. */
const SHIFT_MM = 3;

/** The chain from above: its angle in every gear, the straightest cog, and where it is steep. */
export function TopPanel({ fit }: { fit: Fit }) {
  const { workspace, edits } = useReadyWorkspace();
  const { setup } = workspace;
  const drawing = useRef<SVGSVGElement>(null);
  const chainline = useChainline(fit);
  const { rows, geometry, shiftMm, tryShift, steepDeg } = chainline;
  const risky = rows.filter(({ mayDrop }) => mayDrop);
  const fields = [
    ['frontChainlineMm', t('topPanel.frontChainline'), CHAINLINE_MM, CHAINLINE_DEFAULTS.frontChainlineMm],
    ...(setup.chainrings.length > 1
      ? ([['ringSpacingMm', t('topPanel.ringSpacing'), RING_SPACING_MM, CHAINLINE_DEFAULTS.ringSpacingMm]] as const)
      : []),
    ['rearChainlineMm', t('topPanel.rearChainline'), CHAINLINE_MM, CHAINLINE_DEFAULTS.rearChainlineMm],
    ['cogPitchMm', t('topPanel.cogPitch'), COG_PITCH_MM, typicalCogPitchMm(setup.cogs.length)],
  ] as const;
  return (
    <Panel aria-label={t('topPanel.topView')}>
      <PanelHead>
        <h2>{t('topPanel.topViewTheChainsAngle')}</h2>
        <SavePicture
          name={t('topPanel.nameTopView', { name: workspace.bike.name })}
          picture={() => svgPicture(drawing.current)}
        />
        <SaveTable
          name={t('topPanel.nameChainAngles', { name: workspace.bike.name })}
          table={() => ({
            fields: ['chainring_t', 'cog_t', 'ring_offset_mm', 'cog_offset_mm', 'angle_deg'],
            rows: rows.map((row) => [row.chainring, row.cog, row.ringOffsetMm, row.cogOffsetMm, row.angleDeg]),
          })}
          byKey
        />
      </PanelHead>
      <TopView rows={rows} geometry={geometry} drawingRef={drawing} />
      <GearTable
        rows={setup.chainrings.map((ring) => rows.filter(({ chainring }) => chainring === ring))}
        corner="cog"
        testId="angles"
        cell={({ cog, angleDeg, isSteep, isStraightest }) => (
          <td key={cog} className={isSteep ? styles.steep : isStraightest ? styles.straight : undefined}>
            {isSteep ? '▲ ' : isStraightest ? '= ' : ''}
            {fixed(angleDeg, 1)}°
          </td>
        )}
      />
      <Note data-testid="back-pedal">
        {t('topPanel.straightestSteeperThanYourSteepDeg', {
          steepDeg: short(steepDeg, 2),
          value:
            risky.length === 0
              ? t('topPanel.noGearIsLikelyTo')
              : t('topPanel.backPedallingMayDropThe', {
                  risky: risky.map(({ chainring, cog }) => `${chainring}/${cog}`).join(', '),
                }),
        })}
      </Note>
      <div className={styles.fields}>
        <Field id="chainline-typical" label={t('topPanel.likeATypicalOne')}>
          <Select
            id="chainline-typical"
            value={null}
            placeholder={t('topPanel.kindOfCrank')}
            disabled={workspace.fromLink}
            popupMatchSelectWidth={false}
            style={{ width: 190 }}
            options={CHAINLINE_FAMILIES.map(({ name }, i) => ({ value: i, label: textOf(name) }))}
            onChange={(i: number | null) => {
              const family = i === null ? undefined : CHAINLINE_FAMILIES[i];
              if (!family) return;
              const { frontChainlineMm } = family;
              edits.editSetup('frontChainlineMm', (record) => ({ ...record, frontChainlineMm }));
            }}
          />
        </Field>
        {fields.map(([field, term, bounds, assumed]) => (
          <WorkspaceNumber
            of="setup"
            rule={{ term, unit: 'mm', bounds }}
            key={field}
            field={field}

            placeholder={t('topPanel.assumed', { assumed: allDigits(assumed) })}
          />
        ))}
        <WorkspaceNumber
          of="bike"
          rule={{ term: t('topPanel.steepAngle'), unit: '°', bounds: STEEP_ANGLE_DEG }}
          id="steep"
          field="steepAngleDeg"
          label={t('topPanel.steepIsAbove')}

          width={120}
          placeholder={t('topPanel.defaultSteepAngleDegAssumed', { defaultSteepAngleDeg: DEFAULT_STEEP_ANGLE_DEG })}
        />
        <Field id="shift" label={t('topPanel.whatIfTheRingStood', { shift: shiftText(shiftMm) })}>
          <Slider
            min={-SHIFT_MM}
            max={SHIFT_MM}
            step={0.5}
            value={shiftMm}
            onChange={tryShift}
            included={false}
            marks={{ [-SHIFT_MM]: '−3', 0: t('topPanel.asItIs'), [SHIFT_MM]: '+3' }}
            styles={{ root: { width: 220, margin: '8px 24px 24px' } }}
            ariaLabelForHandle={t('topPanel.ringOffsetTriedMm')}
          />
        </Field>
      </div>
    </Panel>
  );
}

function shiftText(shiftMm: number): string {
  if (shiftMm === 0) return t('topPanel.inOrOutMm');
  return t(`topPanel.${shiftMm > 0 ? 'fartherOut' : 'fartherIn'}`, { shiftMm: fixed(Math.abs(shiftMm), 1) });
}

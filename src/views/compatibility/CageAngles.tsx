'use client';

import { Button, Checkbox } from 'antd';
import { useRef } from 'react';
import type { DriveGeometry, GearIndex } from '../../core/fit';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { SavePicture } from '../../ui/picture/SavePicture';
import { svgPicture } from '../../ui/picture/svg';
import { fixed } from '../../ui/format';
import { Note, PanelHead } from '../../ui/panel/Panel';
import { Sideways } from '../../ui/panel/Sideways';
import { CageStrip } from './CageStrip';
import { useLeftOut } from './useLeftOut';
import type { Fit, GearCell } from './useFit';
import styles from './Compatibility.module.css';
import { t } from './text';
import { firstOf, itemAt } from '../../core/items';

const STATE_SIGN: Readonly<Record<GearCell['pose']['state'], string>> = {
  ok: '',
  slack: '▼ ',
  tooShort: '✕ ',
  impossible: '? ',
};

interface CageAnglesProps {
  readonly fit: Fit;
  readonly geometry: DriveGeometry;
  readonly selected: GearCell;
  readonly onSelect: (place: GearIndex) => void;
}

const angleText = ({ pose: { state, angleDeg } }: GearCell) =>
  `${STATE_SIGN[state]}${angleDeg === undefined ? '–' : `${fixed(angleDeg, 0)}°`}`;

const placeOf = ({ ringPlace, cogPlace }: GearCell): GearIndex => ({ ring: ringPlace, cog: cogPlace });

/** The cage's angle in every gear. A gear is pointed out to be drawn, and may be left out of what is used. */
export function CageAngles({ fit, geometry, selected, onSelect }: CageAnglesProps) {
  const { workspace } = useReadyWorkspace();
  const { fromLink } = workspace;
  const drawing = useRef<SVGSVGElement>(null);
  const { cells, requiredT, requiredWholeT, leftOutElsewhere } = fit;
  const { leaveOutOnly, toggle } = useLeftOut();
  const all = cells.flat();
  const out = all.filter(({ allowed }) => !allowed);
  const slack = all.filter(({ pose, allowed, isBigBig }) => pose.state === 'slack' && allowed && !isBigBig);
  // As on the ladder: the small ring on the left.
  const rings = [...cells].reverse();
  return (
    <section className={styles.cageAngles} aria-label={t('cagePanel.cageAngle')}>
      <PanelHead>
        <h2>{t('cagePanel.cageAngleInEveryGear')}</h2>
        <SavePicture
          name={t('cageStrip.nameCageAngle', { name: workspace.bike.name })}
          picture={() => svgPicture(drawing.current)}
        />
      </PanelHead>
      <Sideways label={t('cagePanel.cageAngle')}>
        <div className={styles.stripAndTable}>
          <CageStrip cells={cells} geometry={geometry} selected={selected} drawingRef={drawing} />
          <table className={styles.allowed} data-testid="allowed">
            <thead>
              <tr>
                {rings.map((cellsOfRing) => (
                  <th key={firstOf(cellsOfRing).chainring} scope="col">
                    {firstOf(cellsOfRing).chainring}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {firstOf(cells).map(({ cogPlace }) => (
                <tr key={cogPlace}>
                  {rings.map((cellsOfRing) => {
                    const cell = itemAt(cellsOfRing, cogPlace);
                    const text = angleText(cell);
                    return (
                      <td key={cell.chainring}>
                        <button
                          type="button"
                          // The arrow keys lead from gear to gear.
                          tabIndex={-1}
                          aria-label={t('cagePanel.gearAndAngle', {
                            chainring: cell.chainring,
                            cog: cell.cog,
                            angle: text,
                          })}
                          aria-pressed={cell === selected}
                          data-state={cell.pose.state}
                          data-left-out={!cell.allowed}
                          onClick={() => onSelect(placeOf(cell))}
                        >
                          {text}
                        </button>
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </Sideways>
      <div className={styles.use}>
        <Checkbox
          id="gear-used"
          checked={selected.allowed}
          disabled={selected.isBigBig || fromLink}
          onChange={() => toggle(placeOf(selected))}
        >
          {t('cagePanel.iUse', { chainring: selected.chainring, cog: selected.cog })}
        </Checkbox>
        {slack.length > 0 && (
          <Button size="small" disabled={fromLink} onClick={() => leaveOutOnly([...out, ...slack].map(placeOf))}>
            {t('cagePanel.excludeSlackGears')}
          </Button>
        )}
        {out.length > 0 && (
          <Button size="small" disabled={fromLink} onClick={() => leaveOutOnly([])}>
            {t('cagePanel.allowAll')}
          </Button>
        )}
      </div>
      <Note data-testid="wrap">
        {t('cagePanel.bigBigCannotExcluded', {
          value:
            requiredT === requiredWholeT
              ? t('cagePanel.theCageMustTakeUp', { requiredWholeT })
              : t('cagePanel.theCageMustTakeUpRequiredT', { requiredT, requiredWholeT, count: out.length }),
        })}
      </Note>
      {leftOutElsewhere > 0 && (
        <Note data-testid="left-out-elsewhere">
          {t('cagePanel.gearsExcludedAnotherCombination', { count: leftOutElsewhere })}
        </Note>
      )}
    </section>
  );
}

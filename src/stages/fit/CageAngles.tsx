'use client';

import { Button, Checkbox } from 'antd';
import { useRef } from 'react';
import type { DriveGeometry, GearIndex } from '../../core/fit';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { SavePicture } from '../../kit/export/SavePicture';
import { svgPicture } from '../../kit/export/svg';
import { fixed } from '../../kit/format';
import { Note, PanelHead } from '../../kit/sheet/Panel';
import { Sideways } from '../../kit/sheet/Sideways';
import { CageStrip } from './CageStrip';
import { useLeftOut } from './useLeftOut';
import type { Fit, GearCell } from './useFit';
import styles from './Fit.module.css';
import { t } from './words/text';

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
  const { bench } = useReadyBench();
  const { fromLink } = bench;
  const drawing = useRef<SVGSVGElement>(null);
  const { cells, requiredT, requiredWholeT, leftOutElsewhere } = fit;
  const { leaveOutOnly, toggle } = useLeftOut();
  const all = cells.flat();
  const out = all.filter(({ allowed }) => !allowed);
  const slack = all.filter(({ pose, allowed, isBigBig }) => pose.state === 'slack' && allowed && !isBigBig);
  // As the ladder stands: the small ring at the left.
  const rings = [...cells].reverse();
  return (
    <section className={styles.cageAngles} aria-label={t('cagePanel.cageAngle')}>
      <PanelHead>
        <h2>{t('cagePanel.cageAngleInEveryGear')}</h2>
        <SavePicture
          name={t('cageStrip.nameCageAngle', { name: bench.bike.name })}
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
                  <th key={cellsOfRing[0]!.chainring} scope="col">
                    {cellsOfRing[0]!.chainring}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {cells[0]!.map(({ cogPlace }) => (
                <tr key={cogPlace}>
                  {rings.map((cellsOfRing) => {
                    const cell = cellsOfRing[cogPlace]!;
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
            {t('cagePanel.leaveOutWhatHangsSlack')}
          </Button>
        )}
        {out.length > 0 && (
          <Button size="small" disabled={fromLink} onClick={() => leaveOutOnly([])}>
            {t('cagePanel.allowAll')}
          </Button>
        )}
      </div>
      <Note data-testid="wrap">
        {t('cagePanel.valueBigStaysAMis', {
          value:
            requiredT === requiredWholeT
              ? t('cagePanel.theCageMustTakeUp', { requiredWholeT })
              : t('cagePanel.theCageMustTakeUpRequiredT', { requiredT, requiredWholeT, count: out.length }),
        })}
      </Note>
      {leftOutElsewhere > 0 && (
        <Note data-testid="left-out-elsewhere">{t('cagePanel.leftOutElsewhere', { count: leftOutElsewhere })}</Note>
      )}
    </section>
  );
}

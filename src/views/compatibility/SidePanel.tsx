'use client';

import { CaretRightOutlined, PauseOutlined } from '@ant-design/icons';
import { Button, Segmented, Select } from 'antd';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { standOrder, stepped, type DriveGeometry, type GearIndex, type GearStep } from '../../core/fit';
import { pairsAt } from '../../core/job';
import { pairsText } from '../../messages/job';
import { leftOutOf } from '../../records/selectors/fit-input';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { SavePicture } from '../../ui/picture/SavePicture';
import { svgPicture } from '../../ui/picture/svg';
import { Numbers } from '../../ui/numbers/Numbers';
import { Note, Panel, PanelHead } from '../../ui/panel/Panel';
import { sideNumbers, stateText } from '../../features/side-view/posed-drive';
import { SideView } from '../../features/side-view/SideView';
import { CageAngles } from './CageAngles';
import { endCheckText } from './chain-words';
import type { EndGear, Fit, GearCell } from './useFit';
import { useLeftOut } from './useLeftOut';
import { useOverlay } from './useOverlay';
import styles from './Compatibility.module.css';
import { t } from './text';
import { itemAt } from '../../core/items';

type Shown = EndGear['end'] | 'any';

const KEYS: Readonly<Record<string, GearStep>> = {
  ArrowUp: { ring: 0, cog: -1 },
  ArrowDown: { ring: 0, cog: 1 },
  ArrowLeft: { ring: -1, cog: 0 },
  ArrowRight: { ring: 1, cog: 0 },
};

/** Long enough to see where the cage goes in each gear. */
const GEAR_MS = 600;

/** The drive to scale in one gear at a time, with the cage's angle in all of them beside it. */
export function SidePanel({ fit }: { fit: Fit }) {
  const { geometry } = fit.report;
  return geometry ? <DrawnDrive fit={fit} geometry={geometry} /> : <WithoutCage />;
}

/** Without a cage length nothing is drawn, but what is left out must be seen, and undone. */
function WithoutCage() {
  const { workspace } = useReadyWorkspace();
  const left = pairsAt(workspace.setup, leftOutOf(workspace.setup));
  const { leaveOutOnly } = useLeftOut();
  return (
    <Panel aria-label={t('sidePanel.sideView')}>
      <h2>{t('sidePanel.sideView')}</h2>
      <Note>{t('sidePanel.typeTheCageLengthBelow')}</Note>
      {left.length > 0 && (
        <Note data-testid="wrap">
          {t('cagePanel.excludedCombinationRingsCassette', { gears: pairsText(left) })}{' '}
          <Button size="small" disabled={workspace.fromLink} onClick={() => leaveOutOnly([])}>
            {t('cagePanel.allowAll')}
          </Button>
        </Note>
      )}
    </Panel>
  );
}

function DrawnDrive({ fit, geometry }: { fit: Fit; geometry: DriveGeometry }) {
  const { workspace } = useReadyWorkspace();
  const { setup } = workspace;
  const { ends, cells } = fit;
  const { linksUsed } = fit.report;
  const counts = { rings: setup.chainrings.length, cogs: setup.cogs.length };
  const overlay = useOverlay(fit);
  const drawing = useRef<SVGSVGElement>(null);
  const [chosen, setChosen] = useState<GearIndex>({ ring: 0, cog: counts.cogs - 1 });
  const [between, setBetween] = useState<GearIndex>({ ring: 0, cog: Math.floor(counts.cogs / 2) });
  // A place may lie outside after a change of setup.
  const here = ({ ring, cog }: GearIndex) =>
    itemAt(itemAt(cells, Math.min(ring, counts.rings - 1)), Math.min(cog, counts.cogs - 1));
  const cell = here(chosen);
  const shown: Shown = ends.find(({ row }) => row === cell)?.end ?? 'any';
  const select = (place: GearIndex) => {
    setChosen(place);
    if (!ends.some(({ row }) => row === here(place))) setBetween(place);
  };
  const played = usePlayed(
    standOrder(counts).filter((place) => here(place).allowed),
    select,
  );
  const choose = (place: GearIndex) => {
    played.stop();
    select(place);
  };
  const step = (event: KeyboardEvent) => {
    const by = KEYS[event.key];
    if (!by || !(event.target instanceof Element) || event.target.closest('input, .ant-select')) return;
    event.preventDefault();
    choose(stepped({ ring: cell.ringPlace, cog: cell.cogPlace }, by, counts));
  };
  const gearText = ({ chainring, cog }: GearCell) => `${chainring}/${cog}`;
  const switchOf: { readonly value: Shown; readonly label: string }[] = [
    ...ends.map(({ end }) => ({ value: end, label: t(`sidePanel.${end}`) })),
    { value: 'any', label: t('sidePanel.anyGear') },
  ];
  const { largestRingMm, largestCogMm, cageLengthMm } = overlay;
  const drive = {
    links: linksUsed,
    geometry,
    largestRingMm,
    largestCogMm,
    cageLengthMm,
    chainring: cell.chainring,
    cog: cell.cog,
    pose: cell.pose,
  };
  const name = shown === 'any' ? t('sidePanel.sideView') : t(`sidePanel.${shown}`);
  return (
    <Panel aria-label={t('sidePanel.sideView')}>
      <PanelHead>
        <h2>
          {t('sidePanel.sideViewWithLinksUsedLinks', {
            linksUsed,
            value: setup.chainLinks === undefined ? t('sidePanel.theChainThatBigBigAsksFor') : '',
          })}
        </h2>
        <Segmented<Shown>
          aria-label={t('sidePanel.gearDrawn')}
          value={shown}
          options={switchOf}
          onChange={(next) => {
            const end = ends.find(({ end: one }) => one === next)?.row;
            choose(end ? { ring: end.ringPlace, cog: end.cogPlace } : between);
          }}
        />
        <Button
          icon={played.running ? <PauseOutlined /> : <CaretRightOutlined />}
          aria-pressed={played.running}
          onClick={played.running ? played.stop : played.start}
        >
          {played.running ? t('sidePanel.pause') : t('sidePanel.playThrough')}
        </Button>
        <Select
          value={overlay.value}
          options={[...overlay.choices]}
          onChange={overlay.choose}
          popupMatchSelectWidth={false}
          aria-label={t('sidePanel.layOverTheSideView')}
          style={{ width: 210 }}
        />
      </PanelHead>
      <div
        className={styles.drawn}
        // One picture of two parts, stepped through with the arrow keys.
        role="group"
        tabIndex={0}
        aria-label={t('sidePanel.gearDrawnArrowKeysStep')}
        onKeyDown={step}
      >
        <figure data-drawn={shown}>
          <div className={styles.saved}>
            <SideView
              {...drive}
              other={shown === 'any' ? overlay.at(cell) : overlay.atEnd(shown)}
              drawingRef={drawing}
            />
            <span className={styles.save}>
              <SavePicture
                name={`${workspace.bike.name} ${name} ${gearText(cell)}`}
                picture={() => svgPicture(drawing.current)}
              />
            </span>
          </div>
          <figcaption aria-live={played.running ? 'off' : 'polite'} data-testid="gear-drawn">
            {t('sidePanel.gearAndAngle', {
              gear: gearText(cell),
              angle: stateText({ pose: cell.pose, links: linksUsed }),
            })}{' '}
            <span className={styles.keys}>{t('sidePanel.arrowKeys')}</span>
          </figcaption>
          <Numbers of={t('sidePanel.sideViewName', { name })} table={() => sideNumbers(drive)} />
        </figure>
        <CageAngles fit={fit} geometry={geometry} selected={cell} onSelect={choose} />
      </div>
      <ul className={styles.ends}>
        {ends.map(({ end, row }) => (
          <li key={end} data-end={end}>
            <b>
              {t('sidePanel.endAndAngle', {
                end: t(`sidePanel.${end}`),
                gear: gearText(row),
                angle: stateText({ pose: row.pose, links: linksUsed }),
              })}
            </b>{' '}
            {endCheckText(end, row)}
          </li>
        ))}
      </ul>
      <Note>{t('sidePanel.eachDashIsALink')}</Note>
    </Panel>
  );
}

/** Shows the places one after the other until the last, or until it is stopped. */
function usePlayed(places: readonly GearIndex[], show: (place: GearIndex) => void) {
  const [at, setAt] = useState<number>();
  const next = useRef<() => void>(undefined);
  useEffect(() => {
    next.current = () => {
      if (at === undefined) return;
      const place = places[at + 1];
      if (!place) {
        setAt(undefined);
        return;
      }
      show(place);
      setAt(at + 1);
    };
  });
  const running = at !== undefined;
  useEffect(() => {
    if (!running) return;
    const beat = setInterval(() => next.current?.(), GEAR_MS);
    return () => clearInterval(beat);
  }, [running]);
  return {
    running,
    start: () => {
      const [first] = places;
      if (!first) return;
      show(first);
      setAt(0);
    },
    stop: () => setAt(undefined),
  };
}

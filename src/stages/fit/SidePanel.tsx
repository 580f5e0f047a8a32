'use client';

import { Select } from 'antd';
import { useRef, useState, type KeyboardEvent } from 'react';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { SavePicture } from '../../kit/export/SavePicture';
import { svgPicture } from '../../kit/export/svg';
import { Numbers } from '../../kit/numbers/Numbers';
import { sideNumbers } from '../../kit/side-view/posed-drive';
import { SideView, type SideViewProps } from '../../kit/side-view/SideView';
import { endCheckText } from './words/chain-words';
import type { Fit, GearCell } from './useFit';
import { useOverlay } from './useOverlay';
import { Note, Panel, PanelHead } from '../../kit/sheet/Panel';
import styles from './Fit.module.css';
import { WORDS } from './words/text';

/** Big-big, small-small and any gear between, to scale; another chain or setup may be laid over. */
export function SidePanel({ fit }: { fit: Fit }) {
  const { bench } = useReadyBench();
  const { setup } = bench;
  const { report, ends, cells } = fit;
  const { geometry, linksUsed } = report;
  const [chosen, setChosen] = useState({ ring: 0, cog: Math.floor(setup.cogs.length / 2) });
  const overlay = useOverlay(fit);
  if (!geometry) {
    return (
      <Panel aria-label={WORDS.sidePanel.sideView}>
        <h2>{WORDS.sidePanel.sideView}</h2>
        <Note>{WORDS.sidePanel.typeTheCageLengthBelow}</Note>
      </Panel>
    );
  }
  // The place may lie outside after a change of setup.
  const ring = Math.min(chosen.ring, setup.chainrings.length - 1);
  const cog = Math.min(chosen.cog, setup.cogs.length - 1);
  const cell = cells[ring]![cog]!;
  const step = (event: KeyboardEvent) => {
    const [dRing, dCog] = { ArrowLeft: [0, 1], ArrowRight: [0, -1], ArrowUp: [-1, 0], ArrowDown: [1, 0] }[
      event.key
    ] ?? [0, 0];
    if (dRing === 0 && dCog === 0) return;
    event.preventDefault();
    setChosen({
      ring: Math.min(Math.max(ring + dRing!, 0), setup.chainrings.length - 1),
      cog: Math.min(Math.max(cog + dCog!, 0), setup.cogs.length - 1),
    });
  };
  const { largestRingMm, largestCogMm, cageLengthMm } = overlay;
  const view = (one: GearCell) => ({
    links: linksUsed,
    geometry,
    largestRingMm,
    largestCogMm,
    cageLengthMm,
    chainring: one.chainring,
    cog: one.cog,
    pose: one.pose,
  });
  return (
    <Panel aria-label={WORDS.sidePanel.sideView}>
      <PanelHead>
        <h2>
          {WORDS.sidePanel.sideViewWithLinksUsedLinks(
            linksUsed,
            setup.chainLinks === undefined ? WORDS.sidePanel.theChainThatBigBigAsksFor : '',
          )}
        </h2>
        <Select
          size="small"
          value={overlay.value}
          options={[...overlay.choices]}
          onChange={overlay.choose}
          popupMatchSelectWidth={false}
          aria-label={WORDS.sidePanel.layOverTheSideView}
          style={{ width: 210 }}
        />
      </PanelHead>
      <div className={styles.views}>
        {ends.map(({ end: which, row: end }) => {
          const name = WORDS.sidePanel[which];
          return (
            <figure key={which} data-end={which}>
              <figcaption>
                {name}, {end.chainring}/{end.cog}
              </figcaption>
              <SavedView {...view(end)} other={overlay.atEnd(which)} name={`${bench.bike.name} ${name}`} />
              <p>{endCheckText(which, end)}</p>
              <Numbers of={WORDS.sidePanel.sideViewName(name)} table={() => sideNumbers(view(end))} />
            </figure>
          );
        })}
        <div
          // A picture that is stepped through with the arrow keys.
          role="group"
          tabIndex={0}
          aria-label={WORDS.sidePanel.anyGearArrowKeysStep}
          onKeyDown={step}
          data-end="any"
        >
          <p>{WORDS.sidePanel.anyGearChainringCogStep(cell.chainring, cell.cog)}</p>
          <SavedView {...view(cell)} other={overlay.at(cell)} name={WORDS.sidePanel.nameSideView(bench.bike.name)} />
          <Numbers
            of={WORDS.sidePanel.sideViewChainringCog(cell.chainring, cell.cog)}
            table={() => sideNumbers(view(cell))}
          />
        </div>
      </div>
      <Note>{WORDS.sidePanel.eachDashIsALink}</Note>
    </Panel>
  );
}

/** A side view with the means to take it away. */
function SavedView({ name, ...view }: Omit<SideViewProps, 'drawingRef'> & { name: string }) {
  const drawing = useRef<SVGSVGElement>(null);
  return (
    <div className={styles.saved}>
      <SideView {...view} drawingRef={drawing} />
      <span className={styles.save}>
        <SavePicture name={name} picture={() => svgPicture(drawing.current)} />
      </span>
    </div>
  );
}

'use client';

import { Select } from 'antd';
import { useRef, useState, type KeyboardEvent } from 'react';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { SavePicture } from '../../kit/export/SavePicture';
import { svgPicture } from '../../kit/export/svg';
import { Numbers } from '../../kit/numbers/Numbers';
import { sideNumbers } from '../../kit/side-view/posed-drive';
import { SideView, type SideViewProps } from '../../kit/side-view/SideView';
import { endCheckText } from './chain-words';
import type { Fit, GearCell } from './useFit';
import { useOverlay } from './useOverlay';
import styles from './Fit.module.css';

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
      <section className={styles.panel} aria-label="Side view">
        <h2>Side view</h2>
        <p className={styles.note}>
          Type the cage length below, from the centre of one pulley to the centre of the other, to see the drive to
          scale in every gear. Typical: 56 mm short, 76 mm medium, 93 mm long, 107 mm extra long.
        </p>
      </section>
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
    <section className={styles.panel} aria-label="Side view">
      <div className={styles.panelHead}>
        <h2>
          Side view with {linksUsed} links
          {setup.chainLinks === undefined ? ', the chain that big-big + 2 asks for' : ''}
        </h2>
        <Select
          size="small"
          value={overlay.value}
          options={[...overlay.choices]}
          onChange={overlay.choose}
          popupMatchSelectWidth={false}
          aria-label="Lay over the side view"
          style={{ width: 210 }}
        />
      </div>
      <div className={styles.views}>
        {ends.map(({ name, row: end }) => (
          <figure key={name} data-end={name}>
            <figcaption>
              {name}, {end.chainring}/{end.cog}
            </figcaption>
            <SavedView {...view(end)} other={overlay.atEnd(name)} name={`${bench.bike.name} ${name}`} />
            <p>{endCheckText(name, end)}</p>
            <Numbers of={`Side view, ${name}`} table={() => sideNumbers(view(end))} />
          </figure>
        ))}
        <div
          // A picture that is stepped through with the arrow keys.
          role="group"
          tabIndex={0}
          aria-label="Any gear: arrow keys step through"
          onKeyDown={step}
          data-end="any"
        >
          <p>
            Any gear, {cell.chainring}/{cell.cog}: step with the arrow keys
          </p>
          <SavedView {...view(cell)} other={overlay.at(cell)} name={`${bench.bike.name} side view`} />
          <Numbers of={`Side view, ${cell.chainring}/${cell.cog}`} table={() => sideNumbers(view(cell))} />
        </div>
      </div>
      <p className={styles.note}>
        Each dash is a link. Red, broken: where the cage is folded back too far. From typical geometry: an estimate, to
        be confirmed on the bike by the big-big check, slowly and by hand.
      </p>
    </section>
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

'use client';

import { useRef, useState, type KeyboardEvent } from 'react';
import dynamic from 'next/dynamic';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import type { CageRow } from '../../core/fit';
import { SavePicture } from '../../kit/export/SavePicture';
import { svgPicture } from '../../kit/export/svg';
import { SideView, type SideViewProps } from '../../kit/side-view/SideView';
import type { Fit } from './useFit';
import styles from './Fit.module.css';

const CageChart = dynamic(() => import('./CageChart').then((module) => module.CageChart), {
  ssr: false,
  loading: () => <div className={styles.chartWait} />,
});

/** Big-big, small-small and any gear between, to scale; and the cage's angle over all of them. */
export function SidePanel({ fit }: { fit: Fit }) {
  const { bench } = useReadyBench();
  const { setup } = bench;
  const { report, ends, largestRingMm, largestCogMm } = fit;
  const { geometry, cage, linksUsed } = report;
  const [chosen, setChosen] = useState({ ring: 0, cog: Math.floor(setup.cogs.length / 2) });
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
  const row = cage.find((one) => one.chainring === setup.chainrings[ring] && one.cog === setup.cogs[cog])!;
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
  const common = { links: linksUsed, geometry, largestRingMm, largestCogMm };
  return (
    <>
      <section className={styles.panel} aria-label="Side view">
        <h2>
          Side view with {linksUsed} links
          {setup.chainLinks === undefined ? ', the chain that big-big + 2 asks for' : ''}
        </h2>
        <div className={styles.views}>
          {ends.map(({ name, row: end }) => (
            <figure key={name} data-end={name}>
              <figcaption>
                {name}, {end.chainring}/{end.cog}
              </figcaption>
              <SavedView {...common} name={`${bench.bike.name} ${name}`} row={end} />
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
              Any gear, {row.chainring}/{row.cog}: step with the arrow keys
            </p>
            <SavedView {...common} name={`${bench.bike.name} side view`} row={row} />
          </div>
        </div>
        <p className={styles.note}>
          Each dash is a link. Red, broken: where the cage is folded back too far. From typical geometry: an estimate,
          to be confirmed on the bike by the big-big check, slowly and by hand.
        </p>
      </section>
      <section className={styles.panel} aria-label="Cage angle">
        <CageChart cage={cage} geometry={geometry} place={bench.place} name={bench.bike.name} />
      </section>
    </>
  );
}

/** A side view with the means to take it away. */
function SavedView({
  name,
  row,
  ...view
}: Pick<SideViewProps, 'links' | 'geometry' | 'largestRingMm' | 'largestCogMm'> & { name: string; row: CageRow }) {
  const drawing = useRef<SVGSVGElement>(null);
  return (
    <div className={styles.saved}>
      <SideView {...view} chainring={row.chainring} cog={row.cog} pose={row.pose} drawingRef={drawing} />
      <span className={styles.save}>
        <SavePicture name={name} picture={() => svgPicture(drawing.current)} />
      </span>
    </div>
  );
}

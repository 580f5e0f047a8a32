'use client';

import { CHAIN_LINKS, type ChainLinks } from '../../core/fit';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { SetupNumber } from '../../kit/bench/SetupNumber';
import { CHAIN_SCHOOL_TEXT, explainChain, type ChainSchool } from '../../kit/explain/fit';
import { Explained } from '../../kit/explain/Slip';
import type { Fit } from './useFit';
import styles from './Fit.module.css';

const SCHOOLS: readonly ChainSchool[] = ['bigBigPlusTwo', 'equation', 'smallSmall', 'pulleysUpright'];

/** Links by all four schools, and what that means for the chain on the bike. */
export function ChainPanel({ fit }: { fit: Fit }) {
  const { bench } = useReadyBench();
  const { setup } = bench;
  const { links, directPitches } = fit.report;
  return (
    <section className={styles.panel} aria-label="Chain">
      <h2>How long is the chain</h2>
      <table className={styles.chain}>
        <tbody>
          {SCHOOLS.map((school) => (
            <tr key={school} data-school={school}>
              <th scope="row">
                {CHAIN_SCHOOL_TEXT[school]}
                {school === 'bigBigPlusTwo' && <small> the default</small>}
              </th>
              <td>
                <Explained
                  explain={() => explainChain(school, links[school], setup, fit.longestChainstayMm, directPitches)}
                >
                  {links[school] === undefined ? cannotSay(school, links) : `${links[school]} links`}
                </Explained>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <SetupNumber
        id="chain-links"
        field="chainLinks"
        label="Chain on the bike"
        term="chain"
        unit="links"
        bounds={CHAIN_LINKS}
        whole
        placeholder="not counted"
      />
      <p className={styles.note} data-testid="links-to-add">
        {advice(fit.linksToAdd, setup.chainLinks)}
      </p>
    </section>
  );
}

function cannotSay(school: ChainSchool, { smallSmall }: ChainLinks): string {
  return school === 'pulleysUpright' && smallSmall !== undefined ? 'not for cogs above 28T' : 'needs the cage length';
}

function advice(linksToAdd: number | undefined, fitted: number | undefined): string {
  if (linksToAdd === undefined || fitted === undefined) {
    return 'Count the links of the chain on the bike to see what to add or take out. A quick link counts as one outer pair.';
  }
  const odd =
    fitted % 2 === 1
      ? ` ${fitted} is odd: with a quick link alone the ends cannot meet; count again or use a half link.`
      : '';
  if (linksToAdd === 0) return `Just right: nothing to add or take out.${odd}`;
  if (linksToAdd < 0) return `Take out ${-linksToAdd} links, or leave them where small-small stays taut.${odd}`;
  return `${linksToAdd} links are missing: a new chain, for joined pieces of chain wear unlike.${odd}`;
}

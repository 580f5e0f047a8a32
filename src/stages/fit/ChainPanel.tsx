'use client';

import { CHAIN_LINKS, type ChainLinks } from '../../core/fit';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { PartNumber } from '../../kit/bench/PartFields';
import { SetupNumber } from '../../kit/bench/SetupNumber';
import { CHAIN_SCHOOL_TEXT, explainChain, type ChainSchool } from '../../kit/explain/fit';
import { Explained } from '../../kit/explain/Slip';
import { changeText, endsText, roomText, schoolDifference } from './chain-words';
import type { Fit } from './useFit';
import styles from './Fit.module.css';

const SCHOOLS: readonly ChainSchool[] = ['bigBigPlusTwo', 'equation', 'smallSmall', 'pulleysUpright'];

/** Links by all four schools, where they differ, and what that means for the chain on the bike. */
export function ChainPanel({ fit }: { fit: Fit }) {
  const { bench } = useReadyBench();
  const { setup } = bench;
  const { links, directPitches, linksUsed } = fit.report;
  return (
    <section className={styles.panel} aria-label="Chain">
      <h2>How long is the chain</h2>
      <table className={styles.chain}>
        <tbody>
          {SCHOOLS.map((school) => (
            <tr key={school} data-school={school}>
              <th scope="row">
                {CHAIN_SCHOOL_TEXT[school]}
                <small> {school === 'bigBigPlusTwo' ? 'the default' : schoolDifference(school, links)}</small>
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
      <div className={styles.fields}>
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
        <PartNumber field="chainSpeeds" label="Made for" />
      </div>
      <p className={styles.note} data-testid="chain-room">
        {roomText(links)}
      </p>
      <p className={styles.note} data-testid="links-to-add">
        {changeText(fit.linksToAdd, fit.presentLinks, setup.chainLinks !== undefined)}
      </p>
      <p className={styles.note} data-testid="chain-ends">
        {endsText(linksUsed)}
      </p>
    </section>
  );
}

function cannotSay(school: ChainSchool, { smallSmall }: ChainLinks): string {
  return school === 'pulleysUpright' && smallSmall !== undefined ? 'not for cogs above 28T' : 'needs the cage length';
}

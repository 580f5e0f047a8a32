'use client';

import { CHAIN_LINKS, type ChainLinks } from '../../core/fit';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { PartNumber } from '../../kit/bench/PartFields';
import { SetupNumber } from '../../kit/bench/SetupNumber';
import { CHAIN_SCHOOL_TEXT, explainChain, type ChainMethod } from '../../kit/explain/fit';
import { Explained } from '../../kit/explain/Explained';
import { changeText, endsText, roomText, schoolDifference } from './words/chain-words';
import type { Fit } from './useFit';
import { Note, Panel } from '../../kit/sheet/Panel';
import { Table } from '../../kit/sheet/Table';
import styles from './Fit.module.css';
import { t } from './words/text';

const SCHOOLS: readonly ChainMethod[] = ['bigBigPlusTwo', 'equation', 'smallSmall', 'pulleysUpright'];

/** Links by all four schools, where they differ, and what that means for the chain on the bike. */
export function ChainPanel({ fit }: { fit: Fit }) {
  const { bench } = useReadyBench();
  const { setup } = bench;
  const { links, directPitches, linksUsed } = fit.report;
  return (
    <Panel aria-label={t('chainPanel.chain')}>
      <h2>{t('chainPanel.howLongIsTheChain')}</h2>
      <Table className={styles.chain}>
        <tbody>
          {SCHOOLS.map((school) => (
            <tr key={school} data-school={school}>
              <th scope="row">
                {CHAIN_SCHOOL_TEXT[school]}
                <small>
                  {' '}
                  {school === 'bigBigPlusTwo' ? t('chainPanel.theDefault') : schoolDifference(school, links)}
                </small>
              </th>
              <td>
                <Explained
                  explain={() => explainChain(school, links[school], setup, fit.longestChainstayMm, directPitches)}
                >
                  {links[school] === undefined
                    ? cannotSay(school, links)
                    : t('chainPanel.linkLinks', { link: links[school] })}
                </Explained>
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
      <div className={styles.fields}>
        <SetupNumber
          id="chain-links"
          field="chainLinks"
          label={t('chainPanel.chainOnTheBike')}
          term={t('chainPanel.chainInSentence')}
          unit={t('chainPanel.links')}
          bounds={CHAIN_LINKS}
          whole
          placeholder={t('chainPanel.notCounted')}
        />
        <PartNumber field="chainSpeeds" label={t('chainPanel.madeFor')} />
      </div>
      <Note data-testid="chain-room">{roomText(links)}</Note>
      <Note data-testid="links-to-add">
        {changeText(fit.linksToAdd, fit.presentLinks, setup.chainLinks !== undefined)}
      </Note>
      <Note data-testid="chain-ends">{endsText(linksUsed)}</Note>
    </Panel>
  );
}

function cannotSay(school: ChainMethod, { smallSmall }: ChainLinks): string {
  return school === 'pulleysUpright' && smallSmall !== undefined
    ? t('chainPanel.notForCogsAbove28t')
    : t('chainPanel.needsTheCageLength');
}

'use client';

import { WorkspaceNumber } from '../../features/fields/WorkspaceNumber';
import { CHAIN_LINKS, type ChainLinks } from '../../core/fit';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { CHAIN_SCHOOL_TEXT, explainChain, type ChainMethod } from '../../features/explanations/fit';
import { Explained } from '../../features/explain/Explained';
import { changeText, endsText, roomText, schoolDifference } from './chain-words';
import type { Fit } from './useFit';
import { Note, Panel } from '../../ui/panel/Panel';
import { Table } from '../../ui/panel/Table';
import styles from './Compatibility.module.css';
import { t } from './text';

const SCHOOLS: readonly ChainMethod[] = ['bigBigPlusTwo', 'equation', 'smallSmall', 'pulleysUpright'];

/** Links by all four schools, where they differ, and what that means for the chain on the bike. */
export function ChainPanel({ fit }: { fit: Fit }) {
  const { workspace } = useReadyWorkspace();
  const { setup } = workspace;
  const { links, directPitches, linksUsed } = fit.report;
  return (
    <Panel aria-label={t('chainPanel.chain')}>
      <h2>{t('chainPanel.chainLength')}</h2>
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
        <WorkspaceNumber
          of="setup"
          rule={{
            term: t('chainPanel.chainInSentence'),
            unit: t('chainPanel.links'),
            bounds: CHAIN_LINKS,
            whole: true,
          }}
          id="chain-links"
          field="chainLinks"
          label={t('chainPanel.chainFitted')}

          placeholder={t('chainPanel.notCounted')}
        />
        <WorkspaceNumber of="parts" field="chainSpeeds" label={t('chainPanel.madeFor')} />
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

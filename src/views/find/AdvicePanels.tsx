'use client';

import type { FindAim, Found, Layout } from '../../core/find';
import { useUnits } from '../../features/workspace/useUnits';
import type { SearchResponse } from '../../workers/find/protocol';
import { AIM_NAME, aimText } from '../../features/search/aim-words';
import { leastSentences } from '../../features/search/answer-words';
import { partsText, setupName } from '../../features/search/part-words';
import { AddSetupButton } from './AddSetupButton';
import { useAdvice } from '../../features/search/useAdvice';
import type { Find } from './useFind';
import { Panel } from '../../ui/panel/Panel';
import { Table } from '../../ui/panel/Table';
import styles from './Find.module.css';
import { t } from './text';
import { itemAt } from '../../core/items';

/** One ring or two, and what the setup fitted now would need changed least: both answered from the search. */
export function AdvicePanels({ find, response }: { find: Find; response: SearchResponse }) {
  const { aims } = find.settings;
  const { missed } = useAdvice(find, response);
  const { sides } = response.advice;
  return (
    <div className={styles.advice}>
      <Panel aria-label={t('advicePanels.best1XBest')}>
        <h2>{t('advicePanels.best1XBest2')}</h2>
        <BestOfEach one={sides['1x'].best} two={sides['2x'].best} aims={aims} find={find} />
      </Panel>
      <Panel aria-label={t('advicePanels.leastChange')}>
        <h2>{t('advicePanels.smallestChangeMeetsNeeds')}</h2>
        <dl className={styles.least} data-testid="least">
          {leastSentences(response.least, missed).map(({ what, text, found }) => (
            <div key={what}>
              <dt>{what}</dt>
              <dd>
                {text} {found && <AddSetupButton find={find} found={found} />}
              </dd>
            </div>
          ))}
        </dl>
      </Panel>
    </div>
  );
}

/** The best of each side by side: the first aim decides, of equals the next. */
function BestOfEach({
  one,
  two,
  aims,
  find,
}: {
  one: Found | undefined;
  two: Found | undefined;
  aims: readonly FindAim[];
  find: Find;
}) {
  const units = useUnits();
  const sides: readonly (readonly [Layout, Found])[] = [
    ...(one ? [['1x', one] as const] : []),
    ...(two ? [['2x', two] as const] : []),
  ];
  if (sides.length === 0) return null;
  return (
    <Table className={styles.table} data-testid="best-of-each">
      <thead>
        <tr>
          <th scope="col">{t('advicePanels.bestWith')}</th>
          {sides.map(([layout, found]) => (
            <th key={layout} scope="col">
              {layout === '1x' ? t('advicePanels.oneRing') : t('advicePanels.twoRings')}: {setupName(found)}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {aims.map((aim, a) => (
          <tr key={aim}>
            <th scope="row">{AIM_NAME[aim]}</th>
            {sides.map(([layout, found]) => (
              <td key={layout}>{aimText(aim, itemAt(found.values, a), units)}</td>
            ))}
          </tr>
        ))}
        <tr>
          <th scope="row">{t('advicePanels.buys')}</th>
          {sides.map(([layout, found]) => (
            <td key={layout} className={styles.wrap}>
              {partsText(found.build.buy)}
            </td>
          ))}
        </tr>
        <tr>
          <td />
          {sides.map(([layout, found]) => (
            <td key={layout}>
              <AddSetupButton find={find} found={found} />
            </td>
          ))}
        </tr>
      </tbody>
    </Table>
  );
}

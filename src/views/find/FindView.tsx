'use client';

import { AdvicePanels } from './AdvicePanels';
import { BuilderPanel } from './BuilderPanel';
import { FindVerdict } from './FindVerdict';
import { FrontPanel } from './FrontPanel';
import { MissesPanel } from './MissesPanel';
import { QuestionPanel } from './QuestionPanel';
import { SoFar } from './SoFar';
import { useFind } from './useFind';
import { PageHeading } from '../../ui/panel/Panel';
import styles from './Find.module.css';
import { t } from './text';

/** All setups on sale against the needs, and the best trade-offs. */
export function FindView() {
  const find = useFind();
  const { state } = find;
  const found = state.kind === 'answered' ? state : undefined;
  const response = found?.answer;
  const soFar = state.kind === 'working' ? state.progress?.front : undefined;
  return (
    <>
      <PageHeading>{t('findView.find')}</PageHeading>
      <div className={styles.layout}>
        <QuestionPanel settings={find.settings} set={find.set} inUse={find.inUse} />
        <div className={styles.column}>
          <FindVerdict find={find} />
          {response && response.result.met === 0 && <MissesPanel find={find} response={response} />}
          {found && response && response.result.met > 0 && (
            <FrontPanel
              // Limits belong to the front that they were set on.
              key={found.serial}
              find={find}
              rows={response.rows}
              reasons={response.reasons}
              present={response.present}
            />
          )}
          {soFar && soFar.length > 0 && <SoFar front={soFar} aims={find.settings.aims} />}
          {response && <AdvicePanels find={find} response={response} />}
        </div>
      </div>
      <BuilderPanel />
    </>
  );
}

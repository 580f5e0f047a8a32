'use client';

import { AdvicePanels } from './AdvicePanels';
import { BuilderPanel } from './BuilderPanel';
import { FindVerdict } from './FindVerdict';
import { FrontPanel } from './FrontPanel';
import { MissesPanel } from './MissesPanel';
import { QuestionPanel } from './QuestionPanel';
import { SoFar } from './SoFar';
import { useFind } from './useFind';
import { PageHeading } from '../../kit/sheet/Panel';
import styles from './Find.module.css';
import { t } from './words/text';

/** Every setup there is against the brief, and the few that are worth choosing between. */
export function FindStage() {
  const find = useFind();
  const { state } = find;
  const found = state.kind === 'found' ? state : undefined;
  const told = found?.told;
  const soFar = state.kind === 'searching' ? state.step?.front : undefined;
  return (
    <>
      <PageHeading>{t('findStage.find')}</PageHeading>
      <div className={styles.layout}>
        <QuestionPanel settings={find.settings} say={find.say} inUse={find.inUse} />
        <div className={styles.column}>
          <FindVerdict find={find} />
          {told && told.result.met === 0 && <MissesPanel find={find} told={told} />}
          {found && told && told.result.met > 0 && (
            <FrontPanel
              // Limits belong to the front that they were set on.
              key={found.serial}
              find={find}
              rows={told.rows}
              reasons={told.reasons}
              present={told.present}
            />
          )}
          {soFar && soFar.length > 0 && <SoFar front={soFar} aims={find.settings.aims} />}
          {told && <AdvicePanels find={find} told={told} />}
        </div>
      </div>
      <BuilderPanel />
    </>
  );
}

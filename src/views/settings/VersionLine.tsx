'use client';

import { useOffline, type Offline } from '../../features/offline/OfflineProvider';
import { VERSION } from '../../features/offline/version';
import { t } from './text';

const STATE_TEXT: Readonly<Record<Offline['state'], string>> = {
  none: t('versionLine.stateText.none'),
  keeping: t('versionLine.stateText.keeping'),
  kept: t('versionLine.stateText.kept'),
  newer: t('versionLine.stateText.newer'),
};

/** Which Rontel runs, and whether it would run alone. */
export function VersionLine() {
  const { state } = useOffline();
  return (
    <p data-testid="version">
      {t('versionLine.rontelVersionBuildState', {
        version: VERSION.version,
        build: VERSION.build,
        state: STATE_TEXT[state],
      })}
    </p>
  );
}

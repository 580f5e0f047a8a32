'use client';

import { useOffline, type Offline } from '../../kit/offline/OfflineProvider';
import { VERSION } from '../../kit/offline/version';
import { WORDS } from './words/text';

const STATE_TEXT: Readonly<Record<Offline['state'], string>> = WORDS.versionLine.stateText;

/** Which Rontel runs, and whether it would run alone. */
export function VersionLine() {
  const { state } = useOffline();
  return (
    <p data-testid="version">
      {WORDS.versionLine.rontelVersionBuildState(VERSION.version, VERSION.build, STATE_TEXT[state])}
    </p>
  );
}

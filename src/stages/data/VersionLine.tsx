'use client';

import { useOffline, type Offline } from '../../kit/offline/OfflineProvider';
import { VERSION } from '../../kit/offline/version';

const STATE_TEXT: Readonly<Record<Offline['state'], string>> = {
  none: 'needs its server',
  keeping: 'is being kept in this browser, to work without the server',
  kept: 'is kept in this browser and works without the server',
  newer: 'is kept in this browser and works without the server; a newer one lies ready',
};

/** Which Rontel runs, and whether it would run alone. */
export function VersionLine() {
  const { state } = useOffline();
  return (
    <p data-testid="version">
      Rontel {VERSION.version}, build {VERSION.build}, {STATE_TEXT[state]}.
    </p>
  );
}

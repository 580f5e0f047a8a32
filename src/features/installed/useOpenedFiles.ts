'use client';

import { useEffect } from 'react';
import { useStableCallback } from '../../ui/react/useStableCallback';

/** What the system hands to an installed app that it opens files with (W3C, Web App Launch Handler); TypeScript has no types for it. */
interface LaunchQueue {
  readonly setConsumer: (
    take: (launch: { readonly files?: readonly Pick<FileSystemFileHandle, 'getFile'>[] }) => void,
  ) => void;
}

/** Is given files that the system opens with the installed app. @param isReady until then they wait */
export function useOpenedFiles(onFiles: (files: readonly File[]) => void, isReady: boolean): void {
  const take = useStableCallback(onFiles);
  useEffect(() => {
    const { launchQueue } = window as { readonly launchQueue?: LaunchQueue };
    if (!isReady || !launchQueue) return;
    launchQueue.setConsumer(({ files = [] }) => {
      if (files.length > 0) void Promise.all(files.map((file) => file.getFile())).then(take);
    });
  }, [isReady, take]);
}

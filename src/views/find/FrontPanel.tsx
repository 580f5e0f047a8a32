'use client';

import { useMemo, useState } from 'react';
import { aimSpans, withinLimits, type Equals, type Found, type Reason } from '../../core/find';
import { AimLimits } from './AimLimits';
import { FrontChart } from './FrontChart';
import { FrontTable } from './FrontTable';
import type { Find } from './useFind';
import { Panel } from '../../ui/panel/Panel';
import { t } from './text';

interface FrontPanelProps {
  readonly find: Find;
  /** The setups that none beats, those with the same figures as one. */
  readonly rows: readonly Equals[];
  /** In the order of the rows. */
  readonly reasons: readonly Reason[];
  readonly present: Found;
}

/** The setups that none beats: two aims as a picture, all of them as a table, limits on each. */
export function FrontPanel({ find, rows, reasons, present }: FrontPanelProps) {
  const { aims } = find.settings;
  const [limits, setLimits] = useState<readonly (number | undefined)[]>([]);
  const [chosen, setChosen] = useState<string>();
  const front = useMemo(() => rows.map(({ lead }) => lead), [rows]);
  const spans = useMemo(() => aimSpans(front, aims), [front, aims]);
  const places = useMemo(() => withinLimits(front, limits), [front, limits]);
  return (
    <Panel aria-label={t('frontPanel.bestSetups')}>
      {front.length > 1 && (
        <>
          <AimLimits
            spans={spans}
            limits={limits}
            shown={places.length}
            total={front.length}
            onLimit={(a, limit) => setLimits((before) => aims.map((_, i) => (i === a ? limit : before[i])))}
          />
          <FrontChart
            front={front}
            places={places}
            present={present}
            aims={aims}
            chosen={chosen}
            onChoose={setChosen}
          />
        </>
      )}
      <FrontTable
        find={find}
        rows={rows}
        places={places}
        reasons={reasons}
        present={present}
        chosen={chosen}
        onChoose={setChosen}
      />
    </Panel>
  );
}

'use client';

import { PlusOutlined } from '@ant-design/icons';
import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  closestCenter,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext, horizontalListSortingStrategy, sortableKeyboardCoordinates } from '@dnd-kit/sortable';
import { Button } from 'antd';
import { useState } from 'react';
import { SETUPS_MAX } from '../../records';
import { addSetup, moveSetup } from '../../store';
import { DRAG_WORDS } from '../../ui/list/drag-words';
import { useWithKey } from '../shortcuts/useKeymap';
import { useShortcut } from '../shortcuts/useShortcut';
import { usePreviousIfEqual } from '../../ui/react/usePreviousIfEqual';
import { useStableCallback } from '../../ui/react/useStableCallback';
import { useReadyWorkspace } from '../workspace/WorkspaceProvider';
import { SetupCard } from './SetupCard';
import { letterOf } from '../setup-mark/setup-sign';
import styles from './SetupsBar.module.css';
import { t } from './text';
import { defined } from '../../core/optional';

/** Up to four setups side by side, A the one fitted now; moved by drag or by key. */
export function SetupRow() {
  const withKey = useWithKey();
  const { workspace, workshop, edits } = useReadyWorkspace();
  const { bike, setups, setup, place, fromLink } = workspace;
  const { db } = workshop;
  const [toFocus, setToFocus] = useState<string>();
  const sensors = useSensors(
    // A click on the grip must not count as a drag.
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );

  const full = setups.length >= SETUPS_MAX;
  const add = useStableCallback(() => {
    if (full || fromLink) return;
    // Data of parts are copied, parts are not: a part is shared only where the user chooses it.
    const { name: _, massG: __, cost: ___, partIds: ____, leftOut: _____, ...copied } = setup;
    edits.write(async () => {
      const label = t('setupRow.candidateLetterOfName', { letter: letterOf(setups.length), name: bike.name });
      const id = await addSetup(db, copied, label, Date.now());
      if (id === undefined) return;
      edits.chooseSetup(id);
      setToFocus(id);
    });
  });
  const move = useStableCallback((from: number, to: number) => {
    if (fromLink || from === to || to < 0 || to >= setups.length) return;
    edits.write(() =>
      moveSetup(
        db,
        bike.id,
        from,
        to,
        t('setupRow.letterToPlace', { letter: letterOf(from), letter2: letterOf(to) }),
        Date.now(),
      ),
    );
  });
  const choose = useStableCallback((index: number) => {
    const chosen = setups[index];
    if (chosen) edits.chooseSetup(chosen.id);
  });
  const ids = usePreviousIfEqual(setups.map(({ id }) => id));
  const dropped = ({ active, over }: DragEndEvent) => {
    const at = (id: unknown) => setups.findIndex((one) => one.id === id);
    if (over) move(at(active.id), at(over.id));
  };
  useShortcut('candidate', add);
  useShortcut('earlier', () => move(place, place - 1));
  useShortcut('later', () => move(place, place + 1));
  useShortcut('swap', () => move(1, 0));
  useShortcut('setupA', () => choose(0));
  useShortcut('setupB', () => choose(1));
  useShortcut('setupC', () => choose(2));
  useShortcut('setupD', () => choose(3));

  return (
    <div className={styles.setups}>
      <DndContext
        id="bench"
        accessibility={DRAG_WORDS}
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={dropped}
      >
        <SortableContext items={ids} strategy={horizontalListSortingStrategy}>
          {setups.map((one, index) => (
            <SetupCard
              key={one.id}
              record={one}
              place={index}
              chosen={one.id === setup.id}
              takeFocus={one.id === toFocus}
              onChoose={choose}
              onMove={move}
              onAdd={add}
            />
          ))}
        </SortableContext>
      </DndContext>
      {!full && !fromLink && (
        <Button
          {...defined({ className: styles.add })}
          icon={<PlusOutlined />}
          onClick={add}
          title={withKey(t('setupRow.aCopyOfLetterTo', { letter: letterOf(place) }), 'candidate')}
        >
          {setups.length === 1 ? t('setupRow.addSetupCompare') : t('setupRow.candidate')}
        </Button>
      )}
    </div>
  );
}

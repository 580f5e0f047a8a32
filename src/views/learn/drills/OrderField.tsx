'use client';

import { ArrowDownOutlined, ArrowUpOutlined, HolderOutlined } from '@ant-design/icons';
import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  closestCenter,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  SortableContext,
  arrayMove,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { DRAG_WORDS } from '../../../ui/list/drag-words';
import styles from './Drills.module.css';
import { t } from '../learner/text';
import { itemAt } from '../../../core/items';

interface OrderFieldProps {
  readonly items: readonly string[];
  /** Places in `items`, first to last. */
  readonly order: readonly number[];
  readonly disabled: boolean;
  readonly onOrder: (order: readonly number[]) => void;
}

/** Things to put in order, by drag, by key on the grip, or by the arrows. */
export function OrderField({ items, order, disabled, onOrder }: OrderFieldProps) {
  const list = useRef<HTMLOListElement>(null);
  // A button that moves with its row would lose the focus.
  const [moved, setMoved] = useState<{ readonly item: string; readonly by: number }>();
  useEffect(() => {
    if (!moved) return;
    const wanted = [moved.by, -moved.by]
      .map((by) => list.current?.querySelector<HTMLButtonElement>(`[data-item="${moved.item}"] [data-by="${by}"]`))
      .find((button) => button && !button.disabled);
    wanted?.focus();
  }, [moved]);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const shown = order.map((place) => itemAt(items, place));
  const move = (from: number, to: number) => onOrder(arrayMove([...order], from, to));
  const dropped = ({ active, over }: DragEndEvent) => {
    if (over) move(shown.indexOf(String(active.id)), shown.indexOf(String(over.id)));
  };
  return (
    <DndContext
      id="order"
      accessibility={DRAG_WORDS}
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={dropped}
    >
      <SortableContext items={shown} strategy={verticalListSortingStrategy} disabled={disabled}>
        <ol ref={list} className={styles.order} data-testid="order">
          {shown.map((item, i) => (
            <Row
              key={item}
              item={item}
              isFirst={i === 0}
              isLast={i === shown.length - 1}
              disabled={disabled}
              onMove={(by) => {
                move(i, i + by);
                setMoved({ item, by });
              }}
            />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

function Row({
  item,
  isFirst,
  isLast,
  disabled,
  onMove,
}: {
  item: string;
  isFirst: boolean;
  isLast: boolean;
  disabled: boolean;
  onMove: (by: number) => void;
}) {
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id: item });
  return (
    <li ref={setNodeRef} data-item={item} style={{ transform: CSS.Transform.toString(transform), transition }}>
      {!disabled && (
        <span className={styles.grip} aria-label={t('orderField.moveItem', { item })} {...attributes} {...listeners}>
          <HolderOutlined />
        </span>
      )}
      <b>{item}</b>
      <Button
        size="small"
        icon={<ArrowUpOutlined />}
        aria-label={t('orderField.itemEarlier', { item })}
        data-by={-1}
        disabled={disabled || isFirst}
        onClick={() => onMove(-1)}
      />
      <Button
        size="small"
        icon={<ArrowDownOutlined />}
        aria-label={t('orderField.itemLater', { item })}
        data-by={1}
        disabled={disabled || isLast}
        onClick={() => onMove(1)}
      />
    </li>
  );
}

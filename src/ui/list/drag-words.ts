import type { DndContextProps } from '@dnd-kit/core';
import { t } from './text';

/** Announcements for screen readers while dragging. */
export const DRAG_WORDS: NonNullable<DndContextProps['accessibility']> = {
  screenReaderInstructions: { draggable: t('drag.instructions') },
  announcements: {
    onDragStart: () => t('drag.picked'),
    onDragOver: () => t('drag.moved'),
    onDragEnd: () => t('drag.dropped'),
    onDragCancel: () => t('drag.left'),
  },
};

import type { DndContextProps } from '@dnd-kit/core';
import { t } from './text';

/** What a screen reader is told of things that can be dragged. */
export const DRAG_WORDS: NonNullable<DndContextProps['accessibility']> = {
  screenReaderInstructions: { draggable: t('drag.instructions') },
  announcements: {
    onDragStart: () => t('drag.picked'),
    onDragOver: () => t('drag.moved'),
    onDragEnd: () => t('drag.dropped'),
    onDragCancel: () => t('drag.left'),
  },
};

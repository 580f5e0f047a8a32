import { EVENT_TEXT, type EventKind } from './timeline';
import { t } from './text';

/** A shape for each kind of entry, so that the line can be read down its middle. */
export function EventMark({ kind, isReverted }: { kind: EventKind; isReverted: boolean }) {
  return (
    <svg
      viewBox="0 0 16 16"
      width="16"
      height="16"
      role="img"
      aria-label={isReverted ? t('eventMark.revertedTrial') : EVENT_TEXT[kind]}
    >
      {kind === 'job' && (
        <rect
          x="3"
          y="3"
          width="10"
          height="10"
          fill={isReverted ? 'none' : 'currentColor'}
          stroke="currentColor"
          strokeWidth="1.6"
        />
      )}
      {isReverted && <path d="M3 3l10 10M13 3L3 13" stroke="currentColor" strokeWidth="1.6" />}
      {kind === 'reading' && (
        <path d="M2 12V8M6 12V5M10 12V8M14 12V5M1 12h14" stroke="currentColor" strokeWidth="1.4" fill="none" />
      )}
      {kind === 'ride' && <circle cx="8" cy="8" r="5" fill="none" stroke="currentColor" strokeWidth="1.6" />}
      {kind === 'part' && <path d="M8 2.5l5.5 5.5L8 13.5 2.5 8z" fill="none" stroke="currentColor" strokeWidth="1.6" />}
      {kind === 'note' && <path d="M3 5h10M3 8h10M3 11h6" stroke="currentColor" strokeWidth="1.6" />}
    </svg>
  );
}

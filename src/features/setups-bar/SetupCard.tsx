'use client';

import { clsx } from 'clsx';
import { EllipsisOutlined, HolderOutlined } from '@ant-design/icons';
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { Button } from 'antd';
import { MenuButton } from '../../ui/menu/MenuButton';
import { useEffect, useImperativeHandle, useRef, useState, type Ref } from 'react';
import type { Setup } from '../../core/gears';
import { formatShorthand, parseShorthand } from '../../formats/shorthand';
import { wheelsetOf, type SetupRecord } from '../../records';
import { removeSetup } from '../../store';
import { scheduleAfterPaint } from '../../ui/react/schedule-after-paint';
import { useDraft, type Parsed } from '../../ui/fields/useDraft';
import { useWithKey } from '../shortcuts/useKeymap';
import { useShortcut } from '../shortcuts/useShortcut';
import { useStableCallback } from '../../ui/react/useStableCallback';
import { useReadyWorkspace, useTellUnreadable, withTeeth } from '../workspace/WorkspaceProvider';
import { SetupDetails } from './SetupDetails';
import { letterOf, signOf } from '../setup-mark/setup-sign';
import { SetupMark } from '../setup-mark/SetupMark';
import styles from './SetupsBar.module.css';
import { t } from './text';
import { defined } from '../../core/optional';
import { definite } from '../../core/items';

function readSetup(text: string): Parsed<Setup> {
  const result = parseShorthand(text);
  return result.ok ? { ok: true, value: result.setup } : result;
}

interface SetupCardProps {
  readonly record: SetupRecord;
  readonly place: number;
  /** Whether it is selected. */
  readonly chosen: boolean;
  /** Whether it was just added, so that its text is selected for typing. */
  readonly takeFocus: boolean;
  readonly onChoose: (place: number) => void;
  readonly onMove: (from: number, to: number) => void;
  readonly onAdd: () => void;
}

/** One setup of the workspace, in one line of shorthand. */
export function SetupCard({ record, place, chosen, takeFocus, onChoose, onMove, onAdd }: SetupCardProps) {
  const withKey = useWithKey();
  const { workspace, workshop, edits } = useReadyWorkspace();
  const { bike, setups, fromLink } = workspace;
  /** Undefined until opened: the dialog is not rendered before. */
  const [details, setDetails] = useState<boolean>();
  const input = useRef<HTMLInputElement>(null);
  const { setNodeRef, setActivatorNodeRef, attributes, listeners, transform, transition } = useSortable({
    id: record.id,
    disabled: fromLink,
  });
  const letter = letterOf(place);
  const focus = () => input.current?.select();
  useShortcut('setup', focus, chosen);
  useShortcut('details', () => setDetails(true), chosen && !fromLink);
  useEffect(() => {
    if (takeFocus) input.current?.select();
  }, [takeFocus]);

  const id = chosen ? 'setup' : `setup-${signOf(place)}`;
  const remove = useStableCallback(() =>
    edits.write(() => removeSetup(workshop.db, record, t('setupCard.removeSetup', { letter }), Date.now())),
  );

  return (
    <div
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={clsx(styles.card, chosen && styles.chosen)}
      data-setup={signOf(place)}
      onFocus={() => !chosen && onChoose(place)}
      onClick={() => !chosen && onChoose(place)}
    >
      <SetupMark place={place} />
      <label htmlFor={id} className={styles.cardName}>
        {record.name ?? (place === 0 ? t('setupCard.fittedNow') : t('setupCard.candidate'))}
        {bike.wheelsets.length > 1 && `, ${wheelsetOf(bike, record).name}`}
        {record.hubStages.length > 1 && t('setupCard.hubHubStages', { hubStages: record.hubStages.join('/') })}
      </label>
      <ShorthandField id={id} record={record} input={input} />
      <div className={styles.cardTools}>
        {setups.length > 1 && !fromLink && (
          <Button
            type="text"
            size="small"
            ref={setActivatorNodeRef}
            {...attributes}
            {...listeners}
            icon={<HolderOutlined />}
            {...defined({ className: styles.grip })}
            aria-label={t('setupCard.moveLetter', { letter })}
            title={t('setupCard.dragMove', { withKey: withKey(t('setupCard.moveIt'), 'earlier') })}
          />
        )}
        <MenuButton
          items={[
            { key: 'details', label: t('setupCard.nameWheelsHubWeightCost'), onClick: () => setDetails(true) },
            { key: 'copy', label: t('setupCard.duplicate'), onClick: onAdd },
            {
              key: 'fit',
              label: t('setupCard.setCurrentSetup'),
              disabled: place === 0,
              onClick: () => onMove(place, 0),
            },
            { type: 'divider' },
            {
              key: 'remove',
              label: t('setupCard.removeSetup2', { letter }),
              disabled: setups.length === 1,
              onClick: remove,
            },
          ]}
          disabled={fromLink}
          type="text"
          size="small"
          icon={<EllipsisOutlined />}
          aria-label={t('setupCard.moreForLetter', { letter })}
        />
      </div>
      {details !== undefined && (
        <SetupDetails record={record} place={place} open={details} onClose={() => setDetails(false)} />
      )}
    </div>
  );
}

interface ShorthandFieldProps {
  readonly id: string;
  readonly record: SetupRecord;
  readonly input: Ref<HTMLInputElement>;
}

/**
 * The line of shorthand by itself: a key pressed in it draws nothing else of the card. A field of the browser's own, for
 * the component library's takes a quarter of the time that there is between a key and the frame that shows it. It keeps
 * its text itself; what else hangs on that is drawn when the frame is out.
 */
function ShorthandField({ id, record, input }: ShorthandFieldProps) {
  const withKey = useWithKey();
  const { workspace, edits } = useReadyWorkspace();
  const commit = (teeth: Setup) => edits.editSetup('teeth', (before) => withTeeth(before, teeth), record.id);
  const draft = useDraft(record.id, formatShorthand(record), readSetup, commit, scheduleAfterPaint);
  useTellUnreadable(record.id, draft.isUnreadable ? draft.problem?.message : undefined);
  const { value, ...inputProps } = draft.inputProps;
  // Written only where it is not what was typed: the browser has shown that already.
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    const text = draft.latestText();
    if (field.current && field.current.value !== text) field.current.value = text;
  });
  useImperativeHandle(input, () => definite(field.current), []);
  return (
    <>
      <input
        id={id}
        ref={field}
        type="text"
        defaultValue={value}
        {...inputProps}
        className={clsx(styles.shorthand, styles.line)}
        placeholder="48/32 x 11-36"
        autoComplete="off"
        spellCheck={false}
        disabled={workspace.fromLink}
        title={withKey(t('setupCard.ringsXAndARange'), 'setup')}
        data-refused={draft.problem && !draft.problem.unfinished ? true : undefined}
        aria-invalid={draft.problem !== undefined}
        aria-describedby={draft.problem ? `${id}-problem` : undefined}
      />
      {draft.problem && (
        <p
          id={`${id}-problem`}
          role="alert"
          className={draft.problem.unfinished ? styles.cardHint : styles.cardProblem}
        >
          {draft.problem.message}
        </p>
      )}
    </>
  );
}

'use client';

import { Button } from 'antd';
import { recordName } from '../../features/backup/table-words';
import { t } from '../../features/devices/text';
import { fieldText } from '../../messages/edit-name';
import type { WorkspaceEdits } from '../../features/workspace/edits';
import { forgetClashes, readClashes, takeLostValue, useLive, type ClashRecord, type RontelDatabase } from '../../store';
import { Panel } from '../../ui/panel/Panel';
import styles from './DevicesView.module.css';

interface ClashPanelProps {
  readonly db: RontelDatabase;
  readonly edits: Pick<WorkspaceEdits, 'write'>;
  readonly apart: readonly string[];
}

/** Fields that two devices changed at once, and records that cannot be shown for that. */
export function ClashPanel({ db, edits, apart }: ClashPanelProps) {
  const clashes = useLive(db, readNamed) ?? [];
  if (clashes.length === 0 && apart.length === 0) return null;
  const lines = linesOf(clashes);
  return (
    <Panel data-wide aria-label={t('clashes.heading')} data-testid="clashes">
      <h2>{t('clashes.heading')}</h2>
      <p>{t('clashes.what')}</p>
      <ul className={styles.list}>
        {lines.slice(0, LINES_MAX).map(({ text, clash, field }) => (
          <li key={clash ? clash.seq : text}>
            {text}{' '}
            {clash && (
              <Button
                size="small"
                onClick={() =>
                  edits.write(() => takeLostValue(db, clash, { label: t('clashes.taken', { field }), now: Date.now() }))
                }
              >
                {t('clashes.take', { value: valueText(clash.lost) ?? '' })}
              </Button>
            )}
          </li>
        ))}
        {lines.length > LINES_MAX && <li>{t('clashes.more', { count: lines.length - LINES_MAX })}</li>}
        {apart.map((text) => (
          <li key={text}>{t('clashes.apart', { text })}</li>
        ))}
      </ul>
      {clashes.length > 0 && <Button onClick={() => void forgetClashes(db)}>{t('clashes.forget')}</Button>}
    </Panel>
  );
}

async function readNamed(db: RontelDatabase) {
  return Promise.all(
    (await readClashes(db)).map(async (clash) => {
      const record = await db.table<{ readonly id: string }>(clash.table).get(clash.id);
      return { clash, name: record ? recordName(record) : clash.id };
    }),
  );
}

const GROUPS = { parts: 'part', jobs: 'job' } as const;
/** Two browsers that were used apart for long differ in many things. */
const LINES_MAX = 12;

type Named = Awaited<ReturnType<typeof readNamed>>[number];

interface Line {
  readonly text: string;
  /** What the line is about, where the lost value can be taken after all. */
  readonly clash?: ClashRecord;
  readonly field: string;
}

/** A line for each field that has a name, with both values; of the others, such as times, how many there are of a record. */
function linesOf(clashes: readonly Named[]): readonly Line[] {
  const unnamed = new Map<string, number>();
  const lines = clashes.flatMap(({ clash, name }): readonly Line[] => {
    const field = nameOfField(clash);
    const [kept, lost] = [valueText(clash.kept), valueText(clash.lost)];
    if (field !== undefined && kept !== undefined && lost !== undefined)
      return [{ text: t('clashes.line', { record: name, field, kept, lost, device: clash.from }), clash, field }];
    unnamed.set(name, (unnamed.get(name) ?? 0) + 1);
    return [];
  });
  const counts = [...unnamed].map(([record, count]) => ({
    text: t('clashes.unnamed', { record, count }),
    field: '',
  }));
  return [...lines, ...counts];
}

/** What a field is called; undefined where it has no name of its own. */
function nameOfField({ table, path }: ClashRecord): string | undefined {
  const group = table === 'parts' || table === 'jobs' ? GROUPS[table] : '';
  const field = path.at(-1) ?? '';
  return fieldText(group, field) ?? fieldText('', field);
}

/** A value in a line of text; undefined for what is made of several. */
function valueText(value: ClashRecord['kept']): string | undefined {
  if (value === undefined) return t('clashes.removed');
  return typeof value === 'object' ? undefined : String(value);
}

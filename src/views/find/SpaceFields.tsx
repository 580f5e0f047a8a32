'use client';

import { listed } from '../../messages/job';
import { Checkbox, Select } from 'antd';
import type { Use } from '../../core/needs';
import { BOUGHT_SPEEDS, LAYOUTS, SEARCHED_RING_DIFFERENCE_T, frontRoomOf, type Layout } from '../../core/find';
import { CHAINRING_TEETH } from '../../core/gears';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { Field } from '../../ui/fields/Field';
import { withOptional } from '../../ui/fields/with-optional';
import { FindNumber } from './FindNumber';
import { ringsInStock } from './rings-in-stock';
import { TeethField } from './TeethField';
import type { Question } from './useFind';
import { Note } from '../../ui/panel/Panel';
import styles from './Find.module.css';
import { t } from './text';
import { defined } from '../../core/optional';
import { firstOf } from '../../core/items';

const LAYOUT_LABEL: Readonly<Record<Layout, string>> = {
  '1x': t('spaceFields.layoutLabel.1x'),
  '2x': t('spaceFields.layoutLabel.2x'),
};

/** Which rings and cassettes are tried. */
export function SpaceFields({ find: { settings, set, inUse } }: { find: Question }) {
  const { brief } = inUse;
  const { workspace, workshop } = useReadyWorkspace();
  const { bike, fromLink } = workspace;
  const built = bike.builtCassettes ?? [];
  const stockRings = ringsInStock([...workshop.parts.values()], bike.id);
  const stockCassettes = [...workshop.parts.values()].filter(({ kind, data }) => kind === 'cassette' && data.cogs);
  return (
    <fieldset className={styles.group} disabled={fromLink}>
      <legend>{t('spaceFields.searched')}</legend>
      <Checkbox.Group
        {...defined({ className: styles.row })}
        value={[...settings.layouts]}
        options={LAYOUTS.map((value) => ({ value, label: LAYOUT_LABEL[value] }))}
        onChange={(layouts: Layout[]) =>
          set(
            'layouts',
            LAYOUTS.filter((one) => layouts.includes(one)),
          )
        }
      />
      <div className={styles.fields}>
        <FindNumber
          find={{ settings, set }}
          field="ringMinT"
          label={t('spaceFields.ringsFrom')}
          bounds={CHAINRING_TEETH}
          unit="T"
          whole
        />
        <FindNumber
          find={{ settings, set }}
          field="ringMaxT"
          label={t('spaceFields.to')}
          bounds={CHAINRING_TEETH}
          unit="T"
          whole
        />
        <FindNumber
          find={{ settings, set }}
          field="ringDifferenceMaxT"
          label={t('spaceFields.twoApartAtMost')}
          bounds={SEARCHED_RING_DIFFERENCE_T}
          unit="T"
          whole
        />
      </div>
      <Checkbox
        {...defined({ className: styles.any })}
        checked={settings.anyTeeth}
        disabled={fromLink || settings.ringsAtHand !== undefined}
        onChange={({ target }) => set('anyTeeth', target.checked || undefined)}
      >
        {t('spaceFields.anyTeeth')}
      </Checkbox>
      <FrontRoomField use={brief.use} />
      <TeethField
        id="rings-at-hand"
        label={
          <>
            {t('spaceFields.onlyRingsAtHand')}
            {stockRings.length > 0 && (
              <button
                type="button"
                className={styles.fromStock}
                disabled={fromLink}
                onClick={() => set('ringsAtHand', stockRings)}
              >
                {t('spaceFields.thoseOfTheStock')}
              </button>
            )}
          </>
        }
        owner={bike.id}
        value={settings.ringsAtHand}
        bounds={CHAINRING_TEETH}
        placeholder={t('spaceFields.anyRingOrSuchAs')}
        disabled={fromLink}
        onCommit={(teeth) => set('ringsAtHand', teeth)}
      />
      <Field id="speeds" label={t('spaceFields.cassettesWithSoManyCogs')}>
        <Select<number[]>
          id="speeds"
          mode="multiple"
          disabled={fromLink}
          style={{ width: '100%' }}
          placeholder={t('spaceFields.noneThatIsToBe')}
          value={[...settings.speeds]}
          options={BOUGHT_SPEEDS.map((value) => ({ value, label: String(value) }))}
          onChange={(speeds) =>
            set(
              'speeds',
              [...speeds].sort((a, b) => a - b),
            )
          }
        />
      </Field>
      {stockCassettes.length > 0 && <Note>{t('spaceFields.andTheCountOfThe', { count: stockCassettes.length })}</Note>}
      {built.length > 0 && (
        <Note>{t('spaceFields.builtToo', { count: built.length, built: listed(built.map(({ name }) => name)) })}</Note>
      )}
    </fieldset>
  );
}

const ROOMS = ['yes', 'no', 'notKnown'] as const;

/** Whether the frame takes a front derailleur, saved with the bike; without a word it follows from what is known. */
function FrontRoomField({ use }: { use: Use }) {
  const { workspace, edits } = useReadyWorkspace();
  const { bike, setups, fromLink } = workspace;
  const { chainrings } = firstOf(setups);
  const said = bike.takesFrontDerailleur;
  const unsaid = frontRoomOf(undefined, chainrings, use).room;
  const { room } = frontRoomOf(said, chainrings, use);
  const unsaidText = {
    yes: t('spaceFields.hasOne'),
    no: t('spaceFields.assumedNo'),
    notKnown: t('spaceFields.notKnown'),
  };
  const set = (value: (typeof ROOMS)[number]) =>
    edits.editBike('takesFrontDerailleur', (record) =>
      withOptional(record, 'takesFrontDerailleur', value === 'notKnown' ? undefined : value === 'yes'),
    );
  const note = { yes: '', no: t('spaceFields.noFront'), notKnown: t('spaceFields.unknownFront') }[room];
  return (
    <>
      <Field id="takes-front" label={t('spaceFields.takesFront')}>
        <Select<(typeof ROOMS)[number]>
          id="takes-front"
          disabled={fromLink}
          style={{ width: '100%' }}
          value={said === undefined ? 'notKnown' : said ? 'yes' : 'no'}
          options={ROOMS.map((value) => ({
            value,
            label: value === 'notKnown' ? unsaidText[unsaid] : t(`spaceFields.${value}`),
          }))}
          onChange={set}
        />
      </Field>
      {note && <Note data-testid="front-room">{note}</Note>}
    </>
  );
}

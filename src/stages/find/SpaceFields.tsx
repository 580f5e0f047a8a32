'use client';

import { Checkbox, Select } from 'antd';
import type { Use } from '../../core/brief';
import { BOUGHT_SPEEDS, LAYOUTS, SEARCHED_RING_DIFFERENCE_T, frontRoomOf, type Layout } from '../../core/find';
import { CHAINRING_TEETH } from '../../core/gears';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { Field } from '../../kit/fields/Field';
import { withOptional } from '../../kit/fields/with-optional';
import { FindNumber } from './FindNumber';
import { ringsOfShelf } from './rings-of-shelf';
import { TeethField } from './TeethField';
import type { Question } from './useFind';
import { Note } from '../../kit/sheet/Panel';
import styles from './Find.module.css';
import { t } from './words/text';

const LAYOUT_LABEL: Readonly<Record<Layout, string>> = {
  '1x': t('spaceFields.layoutLabel.1x'),
  '2x': t('spaceFields.layoutLabel.2x'),
};

/** Which rings and cassettes are tried. */
export function SpaceFields({ find: { settings, say, inUse } }: { find: Question }) {
  const { brief } = inUse;
  const { bench, workshop } = useReadyBench();
  const { bike, fromLink } = bench;
  const built = bike.builtCassettes ?? [];
  const shelfRings = ringsOfShelf([...workshop.parts.values()], bike.id);
  const shelfCassettes = [...workshop.parts.values()].filter(({ kind, data }) => kind === 'cassette' && data.cogs);
  return (
    <fieldset className={styles.group} disabled={fromLink}>
      <legend>{t('spaceFields.searched')}</legend>
      <Checkbox.Group
        className={styles.row}
        value={[...settings.layouts]}
        options={LAYOUTS.map((value) => ({ value, label: LAYOUT_LABEL[value] }))}
        onChange={(layouts: Layout[]) =>
          say(
            'layouts',
            'layouts',
            LAYOUTS.filter((one) => layouts.includes(one)),
          )
        }
      />
      <div className={styles.fields}>
        <FindNumber
          find={{ settings, say }}
          field="ringMinT"
          label={t('spaceFields.ringsFrom')}
          bounds={CHAINRING_TEETH}
          unit="T"
          whole
        />
        <FindNumber
          find={{ settings, say }}
          field="ringMaxT"
          label={t('spaceFields.to')}
          bounds={CHAINRING_TEETH}
          unit="T"
          whole
        />
        <FindNumber
          find={{ settings, say }}
          field="ringDifferenceMaxT"
          label={t('spaceFields.twoApartAtMost')}
          bounds={SEARCHED_RING_DIFFERENCE_T}
          unit="T"
          whole
        />
      </div>
      <Checkbox
        className={styles.any}
        checked={settings.anyTeeth}
        disabled={fromLink || settings.ringsAtHand !== undefined}
        onChange={({ target }) => say(t('spaceFields.anyTeeth'), 'anyTeeth', target.checked || undefined)}
      >
        {t('spaceFields.anyTeeth')}
      </Checkbox>
      <FrontRoomField use={brief.use} />
      <TeethField
        id="rings-at-hand"
        label={
          <>
            {t('spaceFields.onlyRingsAtHand')}
            {shelfRings.length > 0 && (
              <button
                type="button"
                className={styles.fromShelf}
                disabled={fromLink}
                onClick={() => say(t('spaceFields.ringsAtHand'), 'ringsAtHand', shelfRings)}
              >
                {t('spaceFields.thoseOfTheShelf')}
              </button>
            )}
          </>
        }
        owner={bike.id}
        value={settings.ringsAtHand}
        bounds={CHAINRING_TEETH}
        placeholder={t('spaceFields.anyRingOrSuchAs')}
        disabled={fromLink}
        onCommit={(teeth) => say(t('spaceFields.ringsAtHand'), 'ringsAtHand', teeth)}
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
            say(
              t('spaceFields.cassettesSearched'),
              'speeds',
              [...speeds].sort((a, b) => a - b),
            )
          }
        />
      </Field>
      {shelfCassettes.length > 0 && <Note>{t('spaceFields.andTheCountOfThe', { count: shelfCassettes.length })}</Note>}
      {built.length > 0 && (
        <Note>
          {t('spaceFields.andValueYouBuilt', {
            value: built.length === 1 ? t('spaceFields.theOne') : t('spaceFields.theCount', { count: built.length }),
            built: built.map(({ name }) => name).join(', '),
          })}
        </Note>
      )}
    </fieldset>
  );
}

const ROOMS = ['yes', 'no', 'notKnown'] as const;

/** Whether the frame takes a front derailleur, saved with the bike; without a word it follows from what is known. */
function FrontRoomField({ use }: { use: Use }) {
  const { bench, edits } = useReadyBench();
  const { bike, setups, fromLink } = bench;
  const { chainrings } = setups[0]!;
  const said = bike.takesFrontDerailleur;
  const unsaid = frontRoomOf(undefined, chainrings, use).room;
  const { room } = frontRoomOf(said, chainrings, use);
  const unsaidText = {
    yes: t('spaceFields.hasOne'),
    no: t('spaceFields.assumedNo'),
    notKnown: t('spaceFields.notKnown'),
  };
  const set = (value: (typeof ROOMS)[number]) =>
    edits.editBike(t('spaceFields.takesFront'), (record) =>
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

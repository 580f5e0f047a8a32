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
import { WORDS } from './words/text';

const LAYOUT_LABEL: Readonly<Record<Layout, string>> = WORDS.spaceFields.layoutLabel;

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
      <legend>{WORDS.spaceFields.searched}</legend>
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
          label={WORDS.spaceFields.ringsFrom}
          bounds={CHAINRING_TEETH}
          unit="T"
          whole
        />
        <FindNumber
          find={{ settings, say }}
          field="ringMaxT"
          label={WORDS.spaceFields.to}
          bounds={CHAINRING_TEETH}
          unit="T"
          whole
        />
        <FindNumber
          find={{ settings, say }}
          field="ringDifferenceMaxT"
          label={WORDS.spaceFields.twoApartAtMost}
          bounds={SEARCHED_RING_DIFFERENCE_T}
          unit="T"
          whole
        />
      </div>
      <Checkbox
        className={styles.any}
        checked={settings.anyTeeth}
        disabled={fromLink || settings.ringsAtHand !== undefined}
        onChange={({ target }) => say(WORDS.spaceFields.anyTeeth, 'anyTeeth', target.checked || undefined)}
      >
        {WORDS.spaceFields.anyTeeth}
      </Checkbox>
      <FrontRoomField use={brief.use} />
      <TeethField
        id="rings-at-hand"
        label={
          <>
            {WORDS.spaceFields.onlyRingsAtHand}
            {shelfRings.length > 0 && (
              <button
                type="button"
                className={styles.fromShelf}
                disabled={fromLink}
                onClick={() => say(WORDS.spaceFields.ringsAtHand, 'ringsAtHand', shelfRings)}
              >
                {WORDS.spaceFields.thoseOfTheShelf}
              </button>
            )}
          </>
        }
        owner={bike.id}
        value={settings.ringsAtHand}
        bounds={CHAINRING_TEETH}
        placeholder={WORDS.spaceFields.anyRingOrSuchAs}
        disabled={fromLink}
        onCommit={(teeth) => say(WORDS.spaceFields.ringsAtHand, 'ringsAtHand', teeth)}
      />
      <Field id="speeds" label={WORDS.spaceFields.cassettesWithSoManyCogs}>
        <Select<number[]>
          id="speeds"
          mode="multiple"
          disabled={fromLink}
          style={{ width: '100%' }}
          placeholder={WORDS.spaceFields.noneThatIsToBe}
          value={[...settings.speeds]}
          options={BOUGHT_SPEEDS.map((value) => ({ value, label: String(value) }))}
          onChange={(speeds) =>
            say(
              WORDS.spaceFields.cassettesSearched,
              'speeds',
              [...speeds].sort((a, b) => a - b),
            )
          }
        />
      </Field>
      {shelfCassettes.length > 0 && <Note>{WORDS.spaceFields.andTheCountOfThe(shelfCassettes.length)}</Note>}
      {built.length > 0 && (
        <Note>
          {WORDS.spaceFields.andValueYouBuilt(
            built.length === 1 ? WORDS.spaceFields.theOne : WORDS.spaceFields.theCount(built.length),
            built.map(({ name }) => name).join(', '),
          )}
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
    yes: WORDS.spaceFields.hasOne,
    no: WORDS.spaceFields.assumedNo,
    notKnown: WORDS.spaceFields.notKnown,
  };
  const set = (value: (typeof ROOMS)[number]) =>
    edits.editBike(WORDS.spaceFields.takesFront, (record) =>
      withOptional(record, 'takesFrontDerailleur', value === 'notKnown' ? undefined : value === 'yes'),
    );
  const note = { yes: '', no: WORDS.spaceFields.noFront, notKnown: WORDS.spaceFields.unknownFront }[room];
  return (
    <>
      <Field id="takes-front" label={WORDS.spaceFields.takesFront}>
        <Select<(typeof ROOMS)[number]>
          id="takes-front"
          disabled={fromLink}
          style={{ width: '100%' }}
          value={said === undefined ? 'notKnown' : said ? 'yes' : 'no'}
          options={ROOMS.map((value) => ({
            value,
            label: value === 'notKnown' ? unsaidText[unsaid] : WORDS.spaceFields[value],
          }))}
          onChange={set}
        />
      </Field>
      {note && <Note data-testid="front-room">{note}</Note>}
    </>
  );
}

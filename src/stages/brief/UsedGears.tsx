'use client';

import { Select } from 'antd';
import { gearReport, rolloutMm } from '../../core/gears';
import { USUAL_GEARS_MAX, type Brief, type GearTeeth } from '../../core/brief';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { useBrief } from '../../kit/bench/useBrief';
import { gearName } from '../../kit/explain/gears';
import { Field } from '../../kit/fields/Field';
import { withOptional } from '../../kit/fields/with-optional';
import { speedText } from '../../kit/format';
import { wheelOf, wheelsetOf } from '../../records';
import { Note } from '../../kit/sheet/Panel';
import styles from './Brief.module.css';
import { t } from './words/text';
import { recordedText } from './words/used-words';

const gearTeeth = (name: string): GearTeeth => {
  const [chainring, cog] = name.split('/').map(Number);
  return { chainring: chainring!, cog: cog! };
};

/** Which gears of A the rider uses, for somebody without recordings; what recordings say stands beside it. */
export function UsedGears() {
  const { bench, edits, preferences } = useReadyBench();
  const { brief, used } = useBrief();
  const { bike, fromLink } = bench;
  const fitted = bench.setups[0]!;
  const { usualGears = [], rareCogs = [], rareRings = [] } = bike.brief;
  const { pathGears } = gearReport(fitted, {
    rolloutMm: rolloutMm(wheelOf(wheelsetOf(bike, fitted))),
    crankLengthMm: bike.crankLengthMm,
    cadenceRpm: brief.preferredRpm,
    closenessPercent: bike.closenessPercent,
    crossedCogs: bike.crossedCogs,
  });
  const set = <K extends 'usualGears' | 'rareCogs' | 'rareRings'>(field: K, list: NonNullable<Brief[K]>) =>
    edits.editBike(t('usedGears.gearsYouUse'), (record) => ({
      ...record,
      brief: withOptional(record.brief, field, list.length > 0 ? list : undefined),
    }));
  const teeth = (field: 'rareCogs' | 'rareRings', label: string, own: readonly number[], value: readonly number[]) => (
    <Field id={field} label={label}>
      <Select<number[]>
        id={field}
        mode="multiple"
        disabled={fromLink}
        style={{ width: '100%' }}
        placeholder={t('usedGears.notSaid')}
        value={[...value]}
        options={own.map((count) => ({ value: count, label: `${count}T` }))}
        labelRender={({ value: count }) =>
          own.includes(Number(count)) ? `${count}T` : t('usedGears.notOnA', { what: `${count}T` })
        }
        onChange={(list) => set(field, list)}
      />
    </Field>
  );
  return (
    <>
      <h2>{t('usedGears.gearsYouUseOn', { setups: bench.setups.length })}</h2>
      <Field id="usualGears" label={t('usedGears.usualOnTheFlat')}>
        <Select<string[]>
          id="usualGears"
          mode="multiple"
          maxCount={USUAL_GEARS_MAX}
          disabled={fromLink}
          style={{ width: '100%' }}
          placeholder={t('usedGears.notSaid')}
          value={usualGears.map(gearName)}
          options={pathGears.map((gear) => ({
            value: gearName({ ...gear, hubStage: 1 }),
            label: t('usedGears.gearAtSpeed', {
              gear: gearName(gear),
              speed: speedText(preferences.speedUnit, gear.speedKmh),
            }),
          }))}
          labelRender={({ value }) =>
            fitted.chainrings.includes(gearTeeth(String(value)).chainring) &&
            fitted.cogs.includes(gearTeeth(String(value)).cog)
              ? value
              : t('usedGears.notOnA', { what: String(value) })
          }
          onChange={(list) => set('usualGears', list.map(gearTeeth))}
        />
      </Field>
      <div className={styles.zones}>
        {teeth('rareCogs', t('usedGears.rareCogs'), fitted.cogs, rareCogs)}
        {fitted.chainrings.length > 1 && teeth('rareRings', t('usedGears.rareRings'), fitted.chainrings, rareRings)}
      </div>
      <Note data-testid="recorded-gears">
        {used?.source === 'recorded' ? recordedText(used) : t('usedGears.untilRecorded')}
      </Note>
    </>
  );
}

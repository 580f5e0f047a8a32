'use client';

import { Select } from 'antd';
import { gearReport, rolloutMm } from '../../core/gears';
import { USUAL_GEARS_MAX, type Brief, type GearTeeth } from '../../core/needs';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { useBrief } from '../../features/workspace/useBrief';
import { gearName } from '../../features/explanations/gears';
import { Field } from '../../ui/fields/Field';
import { withOptional } from '../../ui/fields/with-optional';
import { speedText } from '../../features/units/speed';
import { wheelOf, wheelsetOf } from '../../records';
import { Note } from '../../ui/panel/Panel';
import styles from './Needs.module.css';
import { t } from './text';
import { recordedText } from './used-words';
import { firstOf, definite } from '../../core/items';

const gearTeeth = (name: string): GearTeeth => {
  const [chainring, cog] = name.split('/').map(Number);
  return { chainring: definite(chainring), cog: definite(cog) };
};

/** The gears of A that the rider uses, entered by hand; recordings are shown beside it. */
export function UsedGears() {
  const { workspace, edits, preferences } = useReadyWorkspace();
  const { brief, used } = useBrief();
  const { bike, fromLink } = workspace;
  const fitted = firstOf(workspace.setups);
  const { usualGears = [], rareCogs = [], rareRings = [] } = bike.brief;
  const { pathGears } = gearReport(fitted, {
    rolloutMm: rolloutMm(wheelOf(wheelsetOf(bike, fitted))),
    crankLengthMm: bike.crankLengthMm,
    cadenceRpm: brief.preferredRpm,
    closenessPercent: bike.closenessPercent,
    crossedCogs: bike.crossedCogs,
  });
  const set = <K extends 'usualGears' | 'rareCogs' | 'rareRings'>(field: K, list: NonNullable<Brief[K]>) =>
    edits.editBike({ undo: 'usedGears', of: field }, (record) => ({
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
          own.includes(Number(count)) ? `${Number(count)}T` : t('usedGears.notOnA', { what: `${Number(count)}T` })
        }
        onChange={(list) => set(field, list)}
      />
    </Field>
  );
  return (
    <>
      <h2>{t('usedGears.gearsYouUseOn', { setups: workspace.setups.length })}</h2>
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

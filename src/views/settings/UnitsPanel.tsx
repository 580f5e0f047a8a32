'use client';

import { Segmented } from 'antd';
import { useId } from 'react';
import { CurrencySelect } from '../../features/fields/CurrencySelect';
import { UNIT_SYSTEMS, unitSystemOf, unitsOf, type UnitSystem } from '../../features/units/measures';
import type { WorkspaceEdits } from '../../features/workspace/edits';
import type { Preferences } from '../../records';
import styles from './Settings.module.css';
import { t } from './text';

interface UnitsPanelProps {
  readonly preferences: Preferences;
  /** The one that prices have so far, where none was chosen. */
  readonly currency: string | undefined;
  readonly edits: Pick<WorkspaceEdits, 'editPreferences'>;
}

/** How figures are read: a system of units at once, or each quantity by itself; the currency; colours. */
export function UnitsPanel({ preferences, currency, edits }: UnitsPanelProps) {
  const { speedUnit, distanceUnit, heightUnit, massUnit } = unitsOf(preferences);
  const system = unitSystemOf(preferences) ?? 'own';
  const edit = edits.editPreferences;
  return (
    <section className={styles.sheet}>
      <h2>{t('settingsView.unitsAndSchools')}</h2>
      <dl className={styles.choices}>
        <Choice<UnitSystem | 'own'>
          name={t('settingsView.system')}
          value={system}
          choices={{
            metric: t('settingsView.systems.metric'),
            imperial: t('settingsView.systems.imperial'),
            mixed: t('settingsView.systems.mixed'),
            // Not to be chosen: it is what choices of single units make.
            ...(system === 'own' && { own: t('settingsView.systems.own') }),
          }}
          onChoose={(name) => {
            if (name !== 'own') edit(UNIT_SYSTEMS[name]);
          }}
        />
        <Choice
          name={t('settingsView.speed')}
          value={speedUnit}
          choices={{ kmh: t('settingsView.speedUnits.kmh'), mph: t('settingsView.speedUnits.mph') }}
          // The other units stay as they are read now.
          onChoose={(unit) => edit({ speedUnit: unit, distanceUnit, heightUnit })}
        />
        <Choice
          name={t('settingsView.distance')}
          value={distanceUnit}
          choices={{ km: t('settingsView.distanceUnits.km'), mi: t('settingsView.distanceUnits.mi') }}
          onChoose={(unit) => edit({ distanceUnit: unit })}
        />
        <Choice
          name={t('settingsView.height')}
          value={heightUnit}
          choices={{ m: t('settingsView.heightUnits.m'), ft: t('settingsView.heightUnits.ft') }}
          onChoose={(unit) => edit({ heightUnit: unit })}
        />
        <Choice
          name={t('settingsView.weights')}
          value={massUnit}
          choices={{ metric: t('settingsView.massUnits.metric'), imperial: t('settingsView.massUnits.imperial') }}
          onChoose={(unit) => edit({ massUnit: unit })}
        />
        <Choice
          name={t('settingsView.gears')}
          value={preferences.quantity}
          choices={{
            ratio: t('settingsView.quantities.ratio'),
            gearInches: t('settingsView.quantities.gearInches'),
            development: t('settingsView.quantities.development'),
            gainRatio: t('settingsView.quantities.gainRatio'),
            speed: t('settingsView.quantities.speed'),
          }}
          onChoose={(quantity) => edit({ quantity })}
        />
        <Choice
          name={t('settingsView.gearInchesBy')}
          value={preferences.gearInchSchool}
          choices={{ ownWheel: t('settingsView.theBikesOwnWheel'), nominal27: t('settingsView.aNominal27InWheel') }}
          onChoose={(gearInchSchool) => edit({ gearInchSchool })}
        />
        <dt>
          <label htmlFor="currency">{t('settingsView.currency')}</label>
        </dt>
        <dd>
          <CurrencySelect
            id="currency"
            value={preferences.currency}
            placeholder={currency ?? t('settingsView.notChosen')}
            onChoose={(chosen) => edit({ currency: chosen })}
          />{' '}
          {t('settingsView.allPricesCostsWithout')}
        </dd>
        <Choice
          name={t('settingsView.colours')}
          value={preferences.theme}
          choices={{
            system: t('settingsView.matchSystem'),
            light: t('settingsView.light'),
            dark: t('settingsView.dark'),
          }}
          onChoose={(theme) => edit({ theme })}
        />
      </dl>
    </section>
  );
}

interface ChoiceProps<T extends string> {
  readonly name: string;
  readonly value: T;
  readonly choices: Readonly<Partial<Record<T, string>>>;
  readonly onChoose: (value: T) => void;
}

function Choice<T extends string>({ name, value, choices, onChoose }: ChoiceProps<T>) {
  const id = useId();
  return (
    <>
      <dt id={id}>{name}</dt>
      <dd>
        <Segmented<T>
          aria-labelledby={id}
          value={value}
          onChange={onChoose}
          options={(Object.keys(choices) as T[]).map((option) => ({ value: option, label: choices[option] }))}
        />
      </dd>
    </>
  );
}

'use client';

import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { Button, Select } from 'antd';
import Link from 'next/link';
import { BRIEF_BOUNDS, BRIEF_UNITS, USES, briefTerm, type Brief, type BriefNumbers } from '../../core/brief';
import { useUnits } from '../../kit/bench/useUnits';
import { shownIn } from '../../kit/measures';
import { MeasureField } from '../../kit/fields/MeasureField';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { letterOf } from '../../kit/bench/setup-sign';
import { readName } from '../../kit/bench/read-name';
import { Field } from '../../kit/fields/Field';
import { NumberField } from '../../kit/fields/NumberField';
import { SpeedField } from '../../kit/fields/SpeedField';
import { TextField } from '../../kit/fields/TextField';
import { capital, short } from '../../kit/format';
import { formatShorthand } from '../../formats/shorthand';
import { USE_TEXT } from '../../kit/words';
import { ROLES_MAX, wheelsetOf, type RoleChange, type RoleState } from '../../records';
import { Note } from '../../kit/sheet/Panel';
import { textOf } from '../../messages/core';
import styles from './Brief.module.css';
import { useRoles, type RoleBriefField, type Roles as RolesInUse } from './useRoles';
import { changeMinutes, changesSummary, changeText, driveText, roleAnswer } from './words/role-words';
import { t } from './words/text';

/** What one bike is ridden for in turn, what lies between its roles, and one drive for all of them. */
export function Roles() {
  const roles = useRoles();
  const { bench } = useReadyBench();
  const { states, changes, drive, ready } = roles;
  const summary = changesSummary(changes);
  return (
    <section className={styles.roles} aria-label={t('roles.rolesOfTheBike')}>
      <div className={styles.rolesHead}>
        <h2>{t('roles.rolesOfTheBike')}</h2>
        <Button
          size="small"
          icon={<PlusOutlined />}
          disabled={bench.fromLink || states.length >= ROLES_MAX}
          onClick={roles.add}
        >
          {t('roles.addRole')}
        </Button>
      </div>
      {states.length === 0 && <Note>{t('roles.intro')}</Note>}
      {states.map((state) => (
        <RoleRow key={state.role.id} state={state} roles={roles} />
      ))}
      {changes.length > 0 && (
        <>
          <h3>{t('roles.changes')}</h3>
          {summary !== '' && <p data-testid="role-summary">{summary}</p>}
          <ul className={styles.changes} data-testid="role-changes">
            {changes.map((change) => (
              <Change key={`${change.from.role.id} ${change.to.role.id}`} change={change} />
            ))}
          </ul>
        </>
      )}
      {drive && (
        <>
          <h3>{t('roles.oneDrive')}</h3>
          <p data-testid="role-drive">{driveText(drive, ready).join(' ')}</p>
        </>
      )}
    </section>
  );
}

function RoleRow({ state, roles }: { state: RoleState; roles: RolesInUse }) {
  const units = useUnits();
  const { bench } = useReadyBench();
  const { bike, setups, fromLink } = bench;
  const { role, fitted } = state;
  const { id } = role;
  return (
    <div className={styles.role} role="group" aria-label={role.name} data-testid="role">
      <TextField
        id={`role-name-${id}`}
        label={t('roles.role')}
        owner={id}
        text={role.name}
        parse={readName}
        disabled={fromLink}
        narrow
        onCommit={(name) => roles.say(id, 'name', name)}
      />
      <Field id={`role-setup-${id}`} label={t('roles.setup')}>
        <Select<string>
          id={`role-setup-${id}`}
          disabled={fromLink}
          style={{ width: '100%' }}
          popupMatchSelectWidth={false}
          placeholder={t('roles.chooseASetup')}
          value={fitted?.setup.id}
          options={setups.map((setup, place) => ({
            value: setup.id,
            label: `${letterOf(place)} · ${t('roles.setupOnWheels', { setup: formatShorthand(setup), wheels: wheelsetOf(bike, setup).name })}`,
          }))}
          onChange={(setupId) => roles.say(id, 'setupId', setupId)}
        />
      </Field>
      <Field id={`role-use-${id}`} label={t('roles.ridden')}>
        <Select<NonNullable<Brief['use']>>
          id={`role-use-${id}`}
          allowClear
          disabled={fromLink}
          style={{ width: '100%' }}
          popupMatchSelectWidth={false}
          placeholder={USE_TEXT[state.brief.use]}
          value={role.brief.use}
          options={USES.map((use) => ({ value: use, label: USE_TEXT[use] }))}
          onChange={(use: NonNullable<Brief['use']> | undefined) => roles.sayBrief(id, 'use', use)}
        />
      </Field>
      <RoleNumber field="loadMassKg" state={state} roles={roles} label={t('roles.load')} />
      <RoleNumber field="steepestGradePercent" state={state} roles={roles} label={t('roles.climb')} />
      <RoleNumber field="steepestLengthM" state={state} roles={roles} label={t('roles.climbLength')} />
      <SpeedField
        id={`role-topSpeedKmh-${id}`}
        label={t('roles.topSpeed')}
        owner={id}
        bounds={BRIEF_BOUNDS.topSpeedKmh}
        assumedKmh={state.brief.topSpeedKmh}
        valueKmh={role.brief.topSpeedKmh}
        width="100%"
        disabled={fromLink}
        onCommit={(value) => roles.sayBrief(id, 'topSpeedKmh', value)}
      />
      <p className={styles.answer} data-testid="role-answer">
        <span>{t('roles.meets')}</span> {roleAnswer(state, units)}
      </p>
      <Button
        type="text"
        size="small"
        icon={<DeleteOutlined />}
        disabled={fromLink}
        aria-label={t('roles.removeRole', { name: role.name })}
        onClick={() => roles.remove(id)}
      />
    </div>
  );
}

function RoleNumber({
  field,
  label,
  state,
  roles,
}: {
  field: Extract<RoleBriefField, keyof BriefNumbers>;
  label: string;
  state: RoleState;
  roles: RolesInUse;
}) {
  const { bench } = useReadyBench();
  const { role, brief } = state;
  const units = useUnits();
  const [term, unit] = [textOf(briefTerm(field)), BRIEF_UNITS[field]];
  const common = {
    id: `role-${field}-${role.id}`,
    label,
    term: capital(term),
    owner: role.id,
    bounds: BRIEF_BOUNDS[field],
    disabled: bench.fromLink,
    value: role.brief[field],
    onCommit: (value: number | undefined) => roles.sayBrief(role.id, field, value),
  };
  if (unit === 'kg' || unit === 'km/h') {
    const measure = unit === 'kg' ? 'bodyMass' : 'speed';
    return <MeasureField {...common} measure={measure} placeholder={short(shownIn(measure, units, brief[field]), 1)} />;
  }
  return <NumberField {...common} unit={unit} optional width="100%" placeholder={short(brief[field], 1)} />;
}

function Change({ change }: { change: RoleChange }) {
  const units = useUnits();
  const { bench } = useReadyBench();
  const { from, to, card } = change;
  const now = bench.setups[0]!.id;
  const [one, other] = [from.fitted!.setup.id, to.fitted!.setup.id];
  const isNow = one === now || other === now;
  return (
    <li>
      <b>
        {from.role.name} ↔ {to.role.name}
      </b>
      : {changeText(change, units)}
      {card && ` · ${changeMinutes(change)} · `}
      {card &&
        (isNow ? (
          <Link href={`/swap?to=${one === now ? other : one}`}>{t('roles.plan')}</Link>
        ) : (
          <small>{t('roles.notFromA')}</small>
        ))}
    </li>
  );
}

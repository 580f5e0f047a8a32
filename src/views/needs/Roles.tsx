'use client';

import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { Button, Select } from 'antd';
import Link from 'next/link';
import { BRIEF_BOUNDS, BRIEF_UNITS, USES, briefTerm, type Brief, type BriefNumbers } from '../../core/needs';
import { useUnits } from '../../features/workspace/useUnits';
import { QuantityField } from '../../features/fields/QuantityField';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { letterOf } from '../../features/setup-mark/setup-sign';
import { readName } from '../../features/workspace/read-name';
import { Field } from '../../ui/fields/Field';
import { SpeedField } from '../../features/fields/SpeedField';
import { TextField } from '../../ui/fields/TextField';
import { capital } from '../../ui/format';
import { formatShorthand } from '../../formats/shorthand';
import { USE_TEXT } from '../../features/rider/words';
import { ROLES_MAX, wheelsetOf } from '../../records';
import type { RoleChange, RoleState } from '../../records/selectors/roles';
import { Note } from '../../ui/panel/Panel';
import { textOf } from '../../messages/core';
import styles from './Needs.module.css';
import { useRoles, type RoleBriefField, type Roles as RolesInUse } from './useRoles';
import { changeMinutes, changesSummary, changeText, driveText, roleAnswer } from './role-words';
import { t } from './text';
import { defined } from '../../core/optional';
import { firstOf, definite } from '../../core/items';

/** The roles of a bike, the changes between them, and one drive for all. */
export function Roles() {
  const roles = useRoles();
  const { workspace } = useReadyWorkspace();
  const { states, changes, drive, ready } = roles;
  const summary = changesSummary(changes);
  return (
    <section className={styles.roles} aria-label={t('roles.rolesOfTheBike')}>
      <div className={styles.rolesHead}>
        <h2>{t('roles.rolesOfTheBike')}</h2>
        <Button
          size="small"
          icon={<PlusOutlined />}
          disabled={workspace.fromLink || states.length >= ROLES_MAX}
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
  const { workspace } = useReadyWorkspace();
  const { bike, setups, fromLink } = workspace;
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
        onCommit={(name) => roles.set(id, 'name', name)}
      />
      <Field id={`role-setup-${id}`} label={t('roles.setup')}>
        <Select<string>
          id={`role-setup-${id}`}
          disabled={fromLink}
          style={{ width: '100%' }}
          popupMatchSelectWidth={false}
          placeholder={t('roles.chooseASetup')}
          {...defined({ value: fitted?.setup.id })}
          options={setups.map((setup, place) => ({
            value: setup.id,
            label: `${letterOf(place)} · ${t('roles.setupOnWheels', { setup: formatShorthand(setup), wheels: wheelsetOf(bike, setup).name })}`,
          }))}
          onChange={(setupId) => roles.set(id, 'setupId', setupId)}
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
          {...defined({ value: role.brief.use })}
          options={USES.map((use) => ({ value: use, label: USE_TEXT[use] }))}
          onChange={(use: NonNullable<Brief['use']> | undefined) => roles.setBrief(id, 'use', use)}
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
        onCommit={(value) => roles.setBrief(id, 'topSpeedKmh', value)}
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
  const { workspace } = useReadyWorkspace();
  const { role, brief } = state;
  const term = textOf(briefTerm(field));
  return (
    <QuantityField
      id={`role-${field}-${role.id}`}
      label={label}
      term={capital(term)}
      owner={role.id}
      bounds={BRIEF_BOUNDS[field]}
      unit={BRIEF_UNITS[field]}
      disabled={workspace.fromLink}
      value={role.brief[field]}
      assumed={brief[field]}
      onCommit={(value) => roles.setBrief(role.id, field, value)}
    />
  );
}

function Change({ change }: { change: RoleChange }) {
  const units = useUnits();
  const { workspace } = useReadyWorkspace();
  const { from, to, card } = change;
  const now = firstOf(workspace.setups).id;
  const [one, other] = [definite(from.fitted).setup.id, definite(to.fitted).setup.id];
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
          <Link href={`/jobs?to=${one === now ? other : one}`}>{t('roles.plan')}</Link>
        ) : (
          <small>{t('roles.planJobWhenOne')}</small>
        ))}
    </li>
  );
}

'use client';

import { nanoid } from 'nanoid';
import { useMemo } from 'react';
import type { Brief } from '../../core/needs';
import { driveForRoles, type DriveForRoles } from '../../core/job';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { derailleursAtHand, fitInputOf } from '../../features/workspace/fit-input';
import { withOptional } from '../../ui/fields/with-optional';
import { jobFactsOf } from '../../features/workshop/job-facts';
import { useAllRecords } from '../../features/workshop/RecordsProvider';
import type { BikeRole } from '../../records';
import { roleChanges, roleStates, type RoleChange, type RoleState } from '../../records/selectors/roles';
import { t } from './text';
import { definite } from '../../core/items';
import type { EditName } from '../../messages/edit-name';

/** Needs that a role can override. */
export type RoleBriefField = 'use' | 'loadMassKg' | 'steepestGradePercent' | 'steepestLengthM' | 'topSpeedKmh';

export interface Roles {
  readonly states: readonly RoleState[];
  readonly changes: readonly RoleChange[];
  /** Undefined while fewer than two roles have a setup. */
  readonly drive: DriveForRoles | undefined;
  /** Roles that `drive` speaks of, in its order. */
  readonly ready: readonly RoleState[];
  readonly add: () => void;
  readonly remove: (id: string) => void;
  readonly set: <K extends 'name' | 'setupId'>(id: string, field: K, value: BikeRole[K]) => void;
  readonly setBrief: <K extends RoleBriefField>(id: string, field: K, value: Brief[K]) => void;
}

/** The roles of the bike, the changes between them, and whether one drive serves them all. */
export function useRoles(): Roles {
  const { workspace, workshop, edits } = useReadyWorkspace();
  const { bike, setups, setup } = workspace;
  const { parts, experience } = workshop;
  const shop = useAllRecords();
  const states = useMemo(() => roleStates(bike, setups), [bike, setups]);
  const facts = useMemo(() => shop && jobFactsOf(bike, shop, { parts, experience }), [shop, bike, parts, experience]);
  const changes = useMemo(() => (facts ? roleChanges(states, facts) : []), [states, facts]);
  const ready = useMemo(() => states.filter(({ fitted }) => fitted !== undefined), [states]);
  const drive = useMemo(() => {
    if (ready.length < 2) return undefined;
    const shopFacts = { parts, experience };
    return driveForRoles(
      ready.map(({ fitted }) => fitInputOf(bike, definite(fitted).setup, setups, shopFacts)),
      derailleursAtHand(bike, setups, shopFacts),
    );
  }, [ready, bike, setups, parts, experience]);
  const edit = (name: EditName, change: (roles: readonly BikeRole[]) => readonly BikeRole[]) =>
    edits.editBike(name, (record) => {
      const roles = change(record.roles ?? []);
      return withOptional(record, 'roles', roles.length > 0 ? roles : undefined);
    });
  const editOne = (id: string, field: 'name' | 'setupId' | RoleBriefField, change: (role: BikeRole) => BikeRole) =>
    edit(
      {
        key: `role ${id} ${field}`,
        text: t('roles.fieldOfRole', { field: t(`roles.fields.${field}`), name: nameOf(id) }),
      },
      (roles) => roles.map((role) => (role.id === id ? change(role) : role)),
    );
  const nameOf = (id: string) => bike.roles?.find((role) => role.id === id)?.name ?? '';
  return {
    states,
    changes,
    drive,
    ready,
    add: () =>
      edit({ key: `role ${nanoid()}`, text: t('roles.addRole') }, (roles) => [
        ...roles,
        { id: nanoid(), name: t('roles.roleNumber', { count: roles.length + 1 }), setupId: setup.id, brief: {} },
      ]),
    remove: (id) =>
      edit({ key: `role ${id}`, text: t('roles.removeRole', { name: nameOf(id) }) }, (roles) =>
        roles.filter((role) => role.id !== id),
      ),
    set: (id, field, value) => editOne(id, field, (role) => withOptional(role, field, value)),
    setBrief: (id, field, value) =>
      editOne(id, field, (role) => ({ ...role, brief: withOptional(role.brief, field, value) })),
  };
}

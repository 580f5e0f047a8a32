'use client';

import { nanoid } from 'nanoid';
import { useMemo } from 'react';
import type { Brief } from '../../core/brief';
import { driveForRoles, type DriveForRoles } from '../../core/job';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { derailleursAtHand, fitInputOf } from '../../kit/bench/fit-input';
import { withOptional } from '../../kit/fields/with-optional';
import { jobFactsOf } from '../../kit/shop/job-facts';
import { useShop } from '../../kit/shop/ShopProvider';
import { roleChanges, roleStates, type BikeRole, type RoleChange, type RoleState } from '../../records';
import { t } from './words/text';

/** What of the brief a role may say for itself. */
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
  readonly say: <K extends 'name' | 'setupId'>(id: string, field: K, value: BikeRole[K]) => void;
  readonly sayBrief: <K extends RoleBriefField>(id: string, field: K, value: Brief[K]) => void;
}

/** The roles of the bike, what lies between them, and whether one drive serves them all. */
export function useRoles(): Roles {
  const { bench, workshop, edits } = useReadyBench();
  const { bike, setups, setup } = bench;
  const { parts, experience } = workshop;
  const shop = useShop();
  const states = useMemo(() => roleStates(bike, setups), [bike, setups]);
  const facts = useMemo(() => shop && jobFactsOf(bike, shop, { parts, experience }), [shop, bike, parts, experience]);
  const changes = useMemo(() => (facts ? roleChanges(states, facts) : []), [states, facts]);
  const ready = useMemo(() => states.filter(({ fitted }) => fitted !== undefined), [states]);
  const drive = useMemo(() => {
    if (ready.length < 2) return undefined;
    const shopFacts = { parts, experience };
    return driveForRoles(
      ready.map(({ fitted }) => fitInputOf(bike, fitted!.setup, setups, shopFacts)),
      derailleursAtHand(bike, setups, shopFacts),
    );
  }, [ready, bike, setups, parts, experience]);
  // Edits of one name become one step of undo: each has its own.
  const edit = (what: string, change: (roles: readonly BikeRole[]) => readonly BikeRole[]) =>
    edits.editBike(what, (record) => {
      const roles = change(record.roles ?? []);
      return withOptional(record, 'roles', roles.length > 0 ? roles : undefined);
    });
  const editOne = (id: string, field: 'name' | 'setupId' | RoleBriefField, change: (role: BikeRole) => BikeRole) =>
    edit(t('roles.fieldOfRole', { field: t(`roles.fields.${field}`), name: nameOf(id) }), (roles) =>
      roles.map((role) => (role.id === id ? change(role) : role)),
    );
  const nameOf = (id: string) => bike.roles?.find((role) => role.id === id)?.name ?? '';
  return {
    states,
    changes,
    drive,
    ready,
    add: () =>
      edit(t('roles.addRole'), (roles) => [
        ...roles,
        { id: nanoid(), name: t('roles.roleNumber', { count: roles.length + 1 }), setupId: setup.id, brief: {} },
      ]),
    remove: (id) =>
      edit(t('roles.removeRole', { name: nameOf(id) }), (roles) => roles.filter((role) => role.id !== id)),
    say: (id, field, value) => editOne(id, field, (role) => withOptional(role, field, value)),
    sayBrief: (id, field, value) =>
      editOne(id, field, (role) => ({ ...role, brief: withOptional(role.brief, field, value) })),
  };
}

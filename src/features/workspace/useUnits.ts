'use client';

import { useMemo } from 'react';
import { defined } from '../../core/optional';
import { rolloutMm } from '../../core/gears';
import { PREFERENCES_DEFAULTS, wheelOf } from '../../records';
import { gearSizeOf, unitsOf, type Units } from '../units/measures';
import { useWorkspace } from './WorkspaceProvider';

/**
 * The units that this person reads; gears are sized on the wheel and crank of the setup in depth, and in metres where
 * there is no bike yet.
 */
export function useUnits(): Units {
  const state = useWorkspace();
  const { preferences, workspace, workshop } = state.kind === 'ready' ? state : { preferences: PREFERENCES_DEFAULTS };
  const currency = workshop?.currency;
  const { speedUnit, distanceUnit, heightUnit, massUnit, quantity, gearInchSchool } = preferences;
  const { wheelset, bike } = workspace ?? {};
  const crankLengthMm = bike?.crankLengthMm;
  return useMemo(
    () =>
      unitsOf(
        { speedUnit, ...defined({ distanceUnit, heightUnit, massUnit }) },
        wheelset && gearSizeOf({ quantity, gearInchSchool }, rolloutMm(wheelOf(wheelset)), crankLengthMm),
        currency,
      ),
    [speedUnit, distanceUnit, heightUnit, massUnit, quantity, gearInchSchool, wheelset, crankLengthMm, currency],
  );
}

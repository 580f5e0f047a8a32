'use client';

import { TORQUE_NM, USUAL_TORQUE_NM, type TorqueTarget } from '../../core/job';
import { useWorkspace } from '../../features/workspace/WorkspaceProvider';
import { NumberField } from '../../ui/fields/NumberField';
import { JOINT_TEXT } from '../../messages/job';
import type { BikeRecord } from '../../records';
import { change } from '../../store';
import { t } from './text';

/** The torque that is marked on a part of this bike: it takes precedence over the usual one, on every card of the bike. */
export function TorqueField({ bike, torque: { joint } }: { bike: BikeRecord; torque: TorqueTarget }) {
  const state = useWorkspace();
  if (state.kind !== 'ready') return null;
  const { edits, workshop } = state;
  const usual = USUAL_TORQUE_NM[joint];
  const set = (torqueNm: number | undefined) =>
    edits.write(() =>
      change(
        workshop.db,
        {
          label: t('torqueField.torqueOf', { joint: JOINT_TEXT[joint] }),
          mergeKey: `torque ${joint} ${bike.id}`,
          now: Date.now(),
        },
        (draft) =>
          draft.update('bikes', bike.id, (record) => {
            const { [joint]: _before, ...others } = record.torquesNm ?? {};
            const torquesNm = torqueNm === undefined ? others : { ...others, [joint]: torqueNm };
            const { torquesNm: _all, ...rest } = record;
            return Object.keys(torquesNm).length === 0 ? rest : { ...rest, torquesNm };
          }),
      ),
    );
  return (
    <NumberField
      id={`torque-${joint}`}
      label={t('torqueField.markedOnThePart', { joint: JOINT_TEXT[joint] })}
      term={t('torqueField.torque')}
      unit="N·m"
      bounds={TORQUE_NM}
      optional
      owner={bike.id}
      width="100%"
      placeholder={usual === undefined ? t('torqueField.seeThePart') : t('torqueField.usual', { torqueNm: usual })}
      value={bike.torquesNm?.[joint]}
      onCommit={set}
    />
  );
}

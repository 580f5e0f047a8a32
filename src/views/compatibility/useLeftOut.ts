import { leaveOut, toggledGear, type GearIndex } from '../../core/fit';
import { combinationOf, leftOutOf } from '../../records/selectors/fit-input';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { withOptional } from '../../ui/fields/with-optional';

/** Changes which gears of the selected setup are left out, by what is kept: a second click may come before the first is drawn. */
export function useLeftOut() {
  const { edits } = useReadyWorkspace();
  return {
    leaveOutOnly: (places: readonly GearIndex[]) =>
      edits.editSetup('leftOut', (record) => withOptional(record, 'leftOut', leaveOut(places, combinationOf(record)))),
    toggle: (place: GearIndex) =>
      edits.editSetup('leftOut', (record) =>
        withOptional(record, 'leftOut', leaveOut(toggledGear(place, leftOutOf(record)), combinationOf(record))),
      ),
  };
}

import { leaveOut, toggledGear, type GearIndex } from '../../core/fit';
import { combinationOf, leftOutOf } from '../../records';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { withOptional } from '../../kit/fields/with-optional';
import { t } from './words/text';

/** Changes which gears of the selected setup are left out, by what is kept: a second click may come before the first is drawn. */
export function useLeftOut() {
  const { edits } = useReadyBench();
  return {
    leaveOutOnly: (places: readonly GearIndex[]) =>
      edits.editSetup(t('cagePanel.gearsAllowed'), (record) =>
        withOptional(record, 'leftOut', leaveOut(places, combinationOf(record))),
      ),
    toggle: (place: GearIndex) =>
      edits.editSetup(t('cagePanel.gearsAllowed'), (record) =>
        withOptional(record, 'leftOut', leaveOut(toggledGear(place, leftOutOf(record)), combinationOf(record))),
      ),
  };
}

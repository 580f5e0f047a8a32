'use client';

import { Select } from 'antd';
import type { Gear } from '../../../core/gears';
import { gearName } from '../../../features/explanations/gears';
import { Field } from '../../../ui/fields/Field';
import { fixed } from '../../../ui/format';
import type { LearnBike } from '../learner/useLearn';
import { itemAt } from '../../../core/items';

/** A gear of one of the workspace's setups, by their places. */
export interface GearPick {
  readonly setup: number;
  readonly gear: number;
}

/** The gear picked; setups may have become fewer since. */
export function gearAt({ setups }: LearnBike, { setup, gear }: GearPick): Gear {
  const { gears } = itemAt(setups, Math.min(setup, setups.length - 1));
  return itemAt(gears, Math.min(gear, gears.length - 1));
}

interface GearSelectProps {
  readonly id: string;
  readonly label: string;
  readonly bike: LearnBike;
  readonly pick: GearPick;
  readonly onPick: (pick: GearPick) => void;
}

/** Any gear of any setup in the workspace; typed teeth find it. */
export function GearSelect({ id, label, bike, pick, onPick }: GearSelectProps) {
  const gear = gearAt(bike, pick);
  const place = bike.setups.findIndex(({ gears }) => gears.includes(gear));
  return (
    <Field id={id} label={label}>
      <Select
        id={id}
        showSearch={{ optionFilterProp: 'label' }}
        style={{ width: 190 }}
        value={`${place} ${itemAt(bike.setups, place).gears.indexOf(gear)}`}
        options={bike.setups.map(({ name, gears }, i) => ({
          label: name,
          options: gears.map((one, g) => ({ value: `${i} ${g}`, label: `${gearName(one)}  (${fixed(one.ratio, 2)})` })),
        }))}
        onChange={(value: string) => {
          const [setup = 0, at = 0] = value.split(' ').map(Number);
          onPick({ setup, gear: at });
        }}
      />
    </Field>
  );
}

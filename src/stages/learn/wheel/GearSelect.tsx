'use client';

import { Select } from 'antd';
import type { Gear } from '../../../core/gears';
import { gearName } from '../../../kit/explain/gears';
import { Field } from '../../../kit/fields/Field';
import { fixed } from '../../../kit/format';
import type { LearnBike } from '../useLearn';

/** A gear of one of the bench's setups, by their places. */
export interface GearPick {
  readonly setup: number;
  readonly gear: number;
}

/** The gear picked; setups may have become fewer since. */
export function gearAt({ setups }: LearnBike, { setup, gear }: GearPick): Gear {
  const { gears } = setups[Math.min(setup, setups.length - 1)]!;
  return gears[Math.min(gear, gears.length - 1)]!;
}

interface GearSelectProps {
  readonly id: string;
  readonly label: string;
  readonly bike: LearnBike;
  readonly pick: GearPick;
  readonly onPick: (pick: GearPick) => void;
}

/** Any gear of any setup on the bench; typed teeth find it. */
export function GearSelect({ id, label, bike, pick, onPick }: GearSelectProps) {
  const gear = gearAt(bike, pick);
  const place = bike.setups.findIndex(({ gears }) => gears.includes(gear));
  return (
    <Field id={id} label={label}>
      <Select
        id={id}
        showSearch={{ optionFilterProp: 'label' }}
        style={{ width: 190 }}
        value={`${place} ${bike.setups[place]!.gears.indexOf(gear)}`}
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

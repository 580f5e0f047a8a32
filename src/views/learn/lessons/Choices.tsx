'use client';

import { Radio } from 'antd';

interface ChoicesProps {
  readonly label: string;
  readonly options: readonly string[];
  readonly chosen: number | undefined;
  readonly onChoose: (place: number) => void;
}

/** One of a row of short texts, such as gears. */
export function Choices({ label, options, chosen, onChoose }: ChoicesProps) {
  return (
    <Radio.Group
      aria-label={label}
      optionType="button"
      value={chosen}
      options={options.map((text, i) => ({ value: i, label: text }))}
      onChange={({ target }) => onChoose(target.value as number)}
    />
  );
}

'use client';

import { useState } from 'react';
import { cagePose } from '../../../core/fit';
import { lessonSetup } from '../../../core/lesson';
import { gearName } from '../../../features/explanations/gears';
import { SideView } from '../../../features/side-view/SideView';
import type { ActivityProps } from './Activity';
import { Choices } from './Choices';
import { useCage } from './useCage';
import { useDone } from './useDone';
import styles from './Lessons.module.css';
import { t } from '../learner/text';
import { itemAt } from '../../../core/items';

/** Big-big and small-small, with the cage between them. */
export function CageActivity({ bike, onDone }: ActivityProps) {
  const setup = lessonSetup.capacity(bike.lesson);
  const cage = useCage(setup, bike.geometry);
  const { bigBig, smallSmall, geometry, links, cageLengthMm } = cage;
  const middle = { chainring: bigBig.chainring, cog: itemAt(setup.cogs, Math.floor(setup.cogs.length / 2)) };
  const gears = [
    { name: t('cageActivity.bigGearName', { gearName: gearName(bigBig) }), ...bigBig },
    { name: gearName(middle), ...middle },
    { name: t('cageActivity.smallGearName', { gearName: gearName(smallSmall) }), ...smallSmall },
  ];
  const [chosen, setChosen] = useState(1);
  const [seen, setSeen] = useState<ReadonlySet<number>>(new Set([1]));
  useDone(seen.size === gears.length, onDone);
  const { chainring, cog } = itemAt(gears, chosen);
  return (
    <>
      <Choices
        label={t('cageActivity.gear')}
        options={gears.map(({ name }) => name)}
        chosen={chosen}
        onChoose={(place) => {
          setChosen(place);
          setSeen((now) => new Set(now).add(place));
        }}
      />
      <SideView {...cage} chainring={chainring} cog={cog} pose={cagePose(chainring, cog, links, geometry)} />
      <p className={styles.figure}>
        {t('cageActivity.chainringCogTeethOfChain', { chainring, cog, cageLengthMm, links })}
      </p>
    </>
  );
}

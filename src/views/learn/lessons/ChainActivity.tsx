'use client';

import { Button } from 'antd';
import { useState } from 'react';
import { cagePose } from '../../../core/fit';
import { lessonSetup } from '../../../core/lesson';
import { SideView } from '../../../features/side-view/SideView';
import type { ActivityProps } from './Activity';
import { useCage } from './useCage';
import { useDone } from './useDone';
import styles from './Lessons.module.css';
import { t } from '../learner/text';

/** One link goes in or out with another: inner and outer alternate. */
const LINKS_STEP = 2;
const MORE_MAX = 6;

/** Big-big with a chain that the learner shortens. */
export function ChainActivity({ bike, onDone }: ActivityProps) {
  const cage = useCage(lessonSetup.chainLength(bike.lesson), bike.geometry);
  const [more, setMore] = useState(2);
  const links = cage.links + more;
  const { chainring, cog } = cage.bigBig;
  const pose = cagePose(chainring, cog, links, cage.geometry);
  useDone(pose.state === 'tooShort', onDone);
  return (
    <>
      <div className={styles.controls}>
        <Button disabled={pose.state === 'tooShort'} onClick={() => setMore(more - LINKS_STEP)}>
          {t('chainActivity.remove2Links')}
        </Button>
        <Button disabled={more >= MORE_MAX} onClick={() => setMore(more + LINKS_STEP)}>
          {t('chainActivity.add2Links')}
        </Button>
        <b className={styles.figure} role="status">
          {t('chainActivity.links', { links })}
        </b>
      </div>
      <SideView {...cage} links={links} chainring={chainring} cog={cog} pose={pose} />
    </>
  );
}

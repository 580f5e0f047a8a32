'use client';

import { Segmented } from 'antd';
import { useRouter, useSearchParams } from 'next/navigation';
import { withKey } from '../../kit/shell/shortcuts';
import { useShortcut } from '../../kit/shell/useShortcut';
import { DrillsView } from './drills/DrillsView';
import { LearnerPicker } from './LearnerPicker';
import { LessonsView } from './lessons/LessonsView';
import { useLearnBike } from './useLearn';
import { useLearning } from './useLearning';
import { WorksheetView } from './paper/WorksheetView';
import { WheelView } from './wheel/WheelView';
import { WordsView } from './WordsView';
import { PageHeading } from '../../kit/sheet/Panel';
import styles from './Learn.module.css';
import { t } from './words/text';

const VIEWS = ['wheel', 'lessons', 'drills', 'words', 'worksheet'] as const;
type View = (typeof VIEWS)[number];

const VIEW_TEXT: Readonly<Record<View, string>> = {
  wheel: t('learnStage.viewText.wheel'),
  lessons: t('learnStage.viewText.lessons'),
  drills: t('learnStage.viewText.drills'),
  words: t('learnStage.viewText.words'),
  worksheet: t('learnStage.viewText.worksheet'),
};

/** What the numbers mean, on one's own bike: seen, said, and asked. */
export function LearnStage() {
  const router = useRouter();
  const asked = useSearchParams().get('view');
  const view = VIEWS.find((one) => one === asked) ?? 'wheel';
  const go = (next: View) => router.replace(`/learn?view=${next}`, { scroll: false });
  useShortcut('view', () => go(VIEWS[(VIEWS.indexOf(view) + 1) % VIEWS.length]!));
  const bike = useLearnBike();
  const learning = useLearning();
  return (
    <>
      <PageHeading>{t('learnStage.learn')}</PageHeading>
      <div className={styles.head}>
        <Segmented<View>
          aria-label={t('learnStage.view')}
          title={withKey(t('learnStage.view'), 'view')}
          value={view}
          onChange={go}
          options={VIEWS.map((value) => ({ value, label: VIEW_TEXT[value] }))}
        />
        <span className={styles.bike}>
          {t('learnStage.onName', { name: bike.isExample ? t('learnStage.anExampleBikeTheBench') : bike.name })}
        </span>
        {learning && <LearnerPicker learning={learning} />}
      </div>
      {view === 'wheel' && <WheelView bike={bike} />}
      {view === 'lessons' && learning && <LessonsView learning={learning} bike={bike} />}
      {view === 'drills' && learning && <DrillsView learning={learning} bike={bike} />}
      {view === 'words' && <WordsView />}
      {view === 'worksheet' && <WorksheetView bike={bike} />}
    </>
  );
}

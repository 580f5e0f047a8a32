'use client';

import { Segmented } from 'antd';
import { useRouter, useSearchParams } from 'next/navigation';
import { useWithKey } from '../../features/shortcuts/useKeymap';
import { useShortcut } from '../../features/shortcuts/useShortcut';
import { DrillsView } from './drills/DrillsView';
import { LearnerPicker } from './learner/LearnerPicker';
import { LessonsView } from './lessons/LessonsView';
import { useLearnBike } from './learner/useLearn';
import { useLearning } from './learner/useLearning';
import { WorksheetView } from './paper/WorksheetView';
import { WheelView } from './wheel/WheelView';
import { WordsView } from './WordsView';
import { PageHeading } from '../../ui/panel/Panel';
import styles from './learner/Learn.module.css';
import { t } from './learner/text';
import { itemAt } from '../../core/items';

const VIEWS = ['wheel', 'lessons', 'drills', 'words', 'worksheet'] as const;
type View = (typeof VIEWS)[number];

const VIEW_TEXT: Readonly<Record<View, string>> = {
  wheel: t('learnView.viewText.wheel'),
  lessons: t('learnView.viewText.lessons'),
  drills: t('learnView.viewText.drills'),
  words: t('learnView.viewText.words'),
  worksheet: t('learnView.viewText.worksheet'),
};

/** What the numbers mean, on the user's own bike: drawings, lessons and drills. */
export function LearnView() {
  const withKey = useWithKey();
  const router = useRouter();
  const asked = useSearchParams().get('view');
  const view = VIEWS.find((one) => one === asked) ?? 'wheel';
  const go = (next: View) => router.replace(`/learn?view=${next}`, { scroll: false });
  useShortcut('view', () => go(itemAt(VIEWS, (VIEWS.indexOf(view) + 1) % VIEWS.length)));
  const bike = useLearnBike();
  const learning = useLearning();
  return (
    <>
      <PageHeading>{t('learnView.learn')}</PageHeading>
      <div className={styles.head}>
        <Segmented<View>
          aria-label={t('learnView.view')}
          title={withKey(t('learnView.view'), 'view')}
          value={view}
          onChange={go}
          options={VIEWS.map((value) => ({ value, label: VIEW_TEXT[value] }))}
        />
        <span className={styles.bike}>
          {t('learnView.onName', { name: bike.isExample ? t('learnView.exampleBikeHaveNot') : bike.name })}
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

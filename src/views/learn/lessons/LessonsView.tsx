'use client';

import { CheckOutlined } from '@ant-design/icons';
import { useRouter, useSearchParams } from 'next/navigation';
import { LESSON_IDS, type LessonId } from '../../../core/lesson';
import type { LearnBike } from '../learner/useLearn';
import type { Learning } from '../learner/useLearning';
import { LessonPage } from './LessonPage';
import { LESSON_WORDS } from '../learner/lesson-words';
import styles from './Lessons.module.css';
import { t } from '../learner/text';

/** The lessons in their order, and the one that is open. */
export function LessonsView({ learning, bike }: { learning: Learning; bike: LearnBike }) {
  const router = useRouter();
  const asked = useSearchParams().get('lesson');
  const done = learning.learner?.lessons ?? {};
  const chosen = LESSON_IDS.find((id) => id === asked) ?? LESSON_IDS.find((id) => !done[id]) ?? LESSON_IDS[0];
  const open = (id: LessonId) => router.replace(`/learn?view=lessons&lesson=${id}`, { scroll: false });
  const place = LESSON_IDS.indexOf(chosen);
  return (
    <div className={styles.layout}>
      <nav className={styles.list} aria-label={t('lessonsView.lessons')}>
        <ol>
          {LESSON_IDS.map((id) => (
            <li key={id}>
              <button type="button" aria-current={id === chosen ? 'true' : undefined} onClick={() => open(id)}>
                {LESSON_WORDS[id].title}
                {done[id] && <CheckOutlined aria-label={t('lessonsView.done')} />}
              </button>
            </li>
          ))}
        </ol>
      </nav>
      <LessonPage
        key={`${chosen} ${learning.learner?.id ?? ''}`}
        id={chosen}
        learning={learning}
        bike={bike}
        next={LESSON_IDS[place + 1]}
        onNext={open}
      />
    </div>
  );
}

'use client';

import { useMemo, useState } from 'react';
import { formatShorthand } from '../../../formats/shorthand';
import { percentText } from '../../../ui/format';
import type { ActivityProps } from './Activity';
import { Choices } from './Choices';
import { MATTERS, oneOrTwo, type Matter, type Offer } from './one-or-two';
import { useDone } from './useDone';
import styles from './Lessons.module.css';
import { t } from '../learner/text';

const MATTER_TEXT: Readonly<Record<Matter, string>> = {
  smallSteps: t('oneOrTwoActivity.matterText.smallSteps'),
  noFrontShifts: t('oneOrTwoActivity.matterText.noFrontShifts'),
  range: t('oneOrTwoActivity.matterText.range'),
};
const FIGURE: Readonly<Record<Matter, { readonly label: string; readonly of: (offer: Offer) => string }>> = {
  smallSteps: { label: t('oneOrTwoActivity.largestStep'), of: ({ largestStep }) => percentText(largestStep) },
  noFrontShifts: { label: t('oneOrTwoActivity.frontShiftsOnTheWay'), of: ({ frontShifts }) => String(frontShifts) },
  range: { label: t('oneOrTwoActivity.range'), of: ({ range }) => percentText(range) },
};

/** The two setups by what matters most to the learner: it is the question that decides. */
export function OneOrTwoActivity({ bike, onDone }: ActivityProps) {
  const { offers, better } = useMemo(() => oneOrTwo(bike.lesson), [bike]);
  const [chosen, setChosen] = useState<number>();
  useDone(chosen !== undefined, onDone);
  const matter = chosen === undefined ? undefined : MATTERS[chosen];
  return (
    <>
      <Choices
        label={t('oneOrTwoActivity.whatMattersMost')}
        options={MATTERS.map((one) => MATTER_TEXT[one])}
        chosen={chosen}
        onChoose={setChosen}
      />
      {matter && (
        <ul className={styles.offers} aria-live="polite">
          {offers.map((offer, place) => (
            <li key={place} data-better={better[matter] === place}>
              <b>{formatShorthand(offer.setup)}</b>
              <span>
                {FIGURE[matter].label} {FIGURE[matter].of(offer)}
              </span>
              <em>
                {better[matter] === place
                  ? t('oneOrTwoActivity.betterWhatChose')
                  : better[matter] === undefined
                    ? t('oneOrTwoActivity.level')
                    : ''}
              </em>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

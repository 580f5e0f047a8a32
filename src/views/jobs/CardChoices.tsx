'use client';

import { Checkbox, Radio } from 'antd';
import { hasChainChoice, type ChainChoice, type DescribedSlot, type JobCard } from '../../core/job';
import { definite } from '../../core/items';
import { KEEP_TEXT } from '../../messages/job';
import styles from './Jobs.module.css';
import { t } from './text';

interface CardChoicesProps {
  readonly card: JobCard;
  readonly chain: ChainChoice;
  readonly keeps: readonly DescribedSlot[];
  readonly onChain: (chain: ChainChoice) => void;
  readonly onKeeps: (keeps: readonly DescribedSlot[]) => void;
}

/** Choices of the user: whether the chain stays, and which parts stay on the bike. */
export function CardChoices({ card, chain, keeps, onChain, onKeeps }: CardChoicesProps) {
  const { linksNow, targetLinks, present } = card.difference.chain;
  const passes = present?.bigBig === 'passes' && present.smallSmall !== 'fails';
  const isOpen = hasChainChoice(card.difference.chain);
  const asked = [...new Set([...card.difference.byDescription, ...keeps])];
  if (!isOpen && asked.length === 0) return null;
  return (
    <div className={styles.cardChoices} data-testid="card-choices">
      {isOpen && (
        <Radio.Group
          aria-label={t('cardChoices.chain')}
          value={passes ? chain : 'fit'}
          onChange={({ target }) => onChain(target.value as ChainChoice)}
          options={[
            { value: 'leave', label: t('cardChoices.leaveTheChain', { links: definite(linksNow) }), disabled: !passes },
            { value: 'fit', label: t('cardChoices.fitTheChain', { links: targetLinks }) },
          ]}
        />
      )}
      {asked.map((slot) => (
        <Checkbox
          key={slot}
          checked={keeps.includes(slot)}
          onChange={({ target }) => onKeeps(target.checked ? [...keeps, slot] : keeps.filter((one) => one !== slot))}
        >
          {KEEP_TEXT[slot]}
        </Checkbox>
      ))}
    </div>
  );
}

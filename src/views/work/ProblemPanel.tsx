'use client';

import { Button, Checkbox, InputNumber } from 'antd';
import { useState } from 'react';
import {
  REMEDIES,
  STOPS_RIDING,
  endingsOf,
  needsGears,
  openFinding,
  pairsAt,
  type Ending,
  type Finding,
  type GearPair,
  type StepId,
  type StepProgress,
  type Symptom,
} from '../../core/job';
import { ENDING_LABEL, REMEDY_TEXT, SYMPTOM_TEXT, findingText, pairText } from '../../messages/job';
import type { Work } from './useWork';
import styles from './Work.module.css';
import { t } from './text';
import { firstOf, lastOf } from '../../core/items';

/** What a check found, what helps, and how it ended: a branch that comes back to the check. */
export function ProblemPanel({ work, onBackTo }: { work: Work; onBackTo: (id: StepId) => void }) {
  const { job, steps, step, editStepOf, titleOf } = work;
  const progress = job.progress[step.id];
  if (step.symptoms.length === 0) return null;
  const finding = openFinding(progress);
  const say = (edit: (before: StepProgress) => StepProgress) => editStepOf(step.id, 'step.findings', edit);
  const begin = (symptom: Symptom) =>
    say((before) => ({ ...before, findings: [...(before.findings ?? []), { symptom }] }));
  const replaceOpen = (next: Finding) =>
    say((before) => ({
      ...before,
      findings: (before.findings ?? []).map((one) => (one.ending === undefined ? next : one)),
    }));
  const ended = (progress?.findings ?? []).filter(({ ending }) => ending !== undefined);
  return (
    <>
      {ended.length > 0 && (
        <p className={styles.why} data-testid="findings">
          {t('problemPanel.found', { findings: ended.map(findingText).join('; ') })}
        </p>
      )}
      {finding ? (
        <div className={styles.remedies} data-testid="remedies">
          <h3>
            {SYMPTOM_TEXT[finding.symptom]}
            {STOPS_RIDING.includes(finding.symptom) && t('problemPanel.doNotRide')}
          </h3>
          <ol>
            {REMEDIES[finding.symptom].map((remedy) => {
              const back = 'goTo' in remedy ? remedy.goTo : undefined;
              return (
                <li key={remedy.code}>
                  {REMEDY_TEXT[remedy.code]}{' '}
                  {back !== undefined && back !== step.id && steps.some(({ id }) => id === back) && (
                    <Button size="middle" onClick={() => onBackTo(back)}>
                      {t('problemPanel.backToStepTitle', { stepTitle: titleOf(back) })}
                    </Button>
                  )}
                </li>
              );
            })}
          </ol>
          <Endings key={finding.symptom} work={work} finding={finding} onEnd={replaceOpen} />
        </div>
      ) : (
        <div className={styles.problemChoices} data-testid="problems">
          <span>{t('problemPanel.problem')}</span>
          {step.symptoms.map((symptom) => (
            <Button key={symptom} size="large" onClick={() => begin(symptom)}>
              {SYMPTOM_TEXT[symptom]}
            </Button>
          ))}
        </div>
      )}
    </>
  );
}

/** The outcome of a finding; an accepted one names the gears to avoid. */
function Endings({ work, finding, onEnd }: { work: Work; finding: Finding; onEnd: (finding: Finding) => void }) {
  const { card } = work;
  const [accepting, setAccepting] = useState(false);
  const [gears, setGears] = useState<readonly GearPair[]>(() => likelyGears(work, finding.symptom));
  const [dropsCogs, setDropsCogs] = useState<number | null>(finding.dropsCogs ?? null);
  const end = (ending: Ending) =>
    onEnd({
      ...finding,
      ending,
      ...(dropsCogs !== null && finding.symptom === 'dropsCogs' && { dropsCogs }),
      ...(ending === 'accepted' && gears.length > 0 && { gears }),
    });
  const isMissing = accepting && needsGears(finding.symptom) && gears.length === 0;
  const { chainrings, cogs } = card?.to.setup ?? { chainrings: [], cogs: [] };
  const key = ({ chainring, cog }: GearPair) => `${chainring}/${cog}`;
  return (
    <>
      {finding.symptom === 'dropsCogs' && (
        <label className={styles.dropsCogs}>
          {t('problemPanel.cogsDrops')}{' '}
          <InputNumber
            id="drops-cogs"
            size="large"
            min={1}
            max={14}
            precision={0}
            value={dropsCogs}
            onChange={(value) => setDropsCogs(value)}
          />
        </label>
      )}
      {accepting ? (
        <fieldset className={styles.gears} data-testid="accepted-gears">
          <legend>{t('problemPanel.whichGearsStayOut')}</legend>
          {chainrings.map((chainring, ring) => (
            <div key={chainring}>
              {pairsAt(
                { chainrings, cogs, hubStages: [1] },
                cogs.map((_, cog) => ({ ring, cog })),
              ).map((gear) => {
                const isBigBig = ring === 0 && gear.cog === cogs.at(-1);
                return (
                  <Checkbox
                    key={key(gear)}
                    // Big-big can always be reached by accident: it cannot be left out.
                    disabled={isBigBig}
                    checked={gears.some((one) => key(one) === key(gear))}
                    onChange={({ target }) =>
                      setGears(target.checked ? [...gears, gear] : gears.filter((one) => key(one) !== key(gear)))
                    }
                  >
                    {pairText(gear)}
                  </Checkbox>
                );
              })}
            </div>
          ))}
          {isMissing && <p role="status">{t('problemPanel.chooseGears')}</p>}
          <div className={styles.problemChoices}>
            <Button size="large" type="primary" disabled={isMissing} onClick={() => end('accepted')}>
              {t('problemPanel.acceptThese')}
            </Button>
            <Button size="large" onClick={() => setAccepting(false)}>
              {t('problemPanel.cancel')}
            </Button>
          </div>
        </fieldset>
      ) : (
        <div className={styles.problemChoices}>
          {endingsOf(finding.symptom).map((ending) => (
            <Button
              key={ending}
              size="large"
              {...(ending === 'fixed' && { type: 'primary' as const })}
              onClick={() => (ending === 'accepted' ? setAccepting(true) : end(ending))}
            >
              {ENDING_LABEL[ending]}
            </Button>
          ))}
        </div>
      )}
    </>
  );
}

/** The gears that a finding is likely to be about, as a start. */
function likelyGears({ card }: Work, symptom: Symptom): readonly GearPair[] {
  if (!card) return [];
  const { chainrings, cogs } = card.to.setup;
  if (symptom === 'slack') return [{ chainring: lastOf(chainrings), cog: firstOf(cogs) }];
  return symptom === 'chainOff' || symptom === 'dropsCogs'
    ? card.backPedalGears.slice(0, 1).filter(({ chainring, cog }) => chainring !== chainrings[0] || cog !== cogs.at(-1))
    : [];
}

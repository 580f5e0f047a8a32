import type { JobStep } from './steps';

/** Looking a bike over after its first rides: what settles, in order. */
export function recheckSteps(): JobStep[] {
  return [
    {
      id: 'torque',
      text: 'Every bolt that the swap touched, to the torque on the part.',
      why: 'Parts settle in the first rides.',
      minutes: 5,
    },
    {
      id: 'indexing',
      text: 'Every click up and down; cable tension by quarter turns.',
      why: 'New cables stretch and housings seat.',
      minutes: 5,
    },
    {
      id: 'recheck',
      text: 'Chain under the wear gauge; cage, hanger and cogs looked over; ask the rider what was noticed.',
      why: 'What is found now is cheap to mend.',
      reading: { what: 'chain wear', unit: '%', min: 0, max: 3, usual: { min: 0, max: 0.5 } },
      minutes: 5,
    },
    {
      id: 'signOff',
      text: 'Write down how the swap has come out.',
      why: 'The next one learns from it.',
      minutes: 2,
    },
  ];
}

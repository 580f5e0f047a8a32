import { messageAt, type Recording } from '../../core/recording';
import type { SpeedCadenceSensor } from './sensor';
import { t } from './text';
import { itemAt } from '../../core/items';

/** Counters close to their end, so that every listening sees them roll over. */
const START = {
  wheelRevolutions: 2 ** 32 - 40,
  wheelTime1024: 60_000,
  crankRevolutions: 65_500,
  crankTime1024: 50_000,
};
/** Messages a second of the sensor's clock. */
const MESSAGES_A_SECOND = 1;

interface SimulatedOptions {
  readonly recording: Recording;
  readonly rolloutMm: number;
  /** How many times faster than life. */
  readonly faster: number;
  /** Share of messages that are lost on the way, 0 to 1. */
  readonly lostShare: number;
}

/** A sensor that ships with the app: its wheel and crank turn as in a ride that was worked out. */
export function simulatedSensor({ recording, rolloutMm, faster, lostShare }: SimulatedOptions): SpeedCadenceSensor {
  return {
    name: t('simulatedSensor.simulatedSensor'),
    listen: (onMessage, onEnd) => {
      let second = 0;
      let wheelTurns = 0;
      let crankTurns = 0;
      let wheelAtS = 0;
      let crankAtS = 0;
      // A fixed pattern of losses, so that two listenings are the same.
      let lost = 0;
      const tick = () => {
        if (second >= recording.timeS.length) {
          clearInterval(timer);
          onEnd();
          return;
        }
        const wheelRate = itemAt(recording.speedMs, second) / (rolloutMm / 1000);
        const crankRate = itemAt(recording.cadenceRpm, second) / 60;
        const wheelBefore = Math.floor(wheelTurns);
        const crankBefore = Math.floor(crankTurns);
        wheelTurns += wheelRate;
        crankTurns += crankRate;
        second += 1;
        // The moment of the last whole turn, which is what the sensor notes.
        if (Math.floor(wheelTurns) > wheelBefore) wheelAtS = second - (wheelTurns - Math.floor(wheelTurns)) / wheelRate;
        if (Math.floor(crankTurns) > crankBefore) crankAtS = second - (crankTurns - Math.floor(crankTurns)) / crankRate;
        lost += lostShare;
        if (lost >= 1) {
          lost -= 1;
          return;
        }
        onMessage(messageAt(wheelTurns, wheelAtS, crankTurns, crankAtS, START), second);
      };
      const timer = setInterval(tick, 1000 / (faster * MESSAGES_A_SECOND));
      return () => clearInterval(timer);
    },
  };
}

import type { WheelCrankMessage } from '../../core/recording';

/** A speed and cadence sensor as the app sees it; a Bluetooth or ANT+ sensor would be another implementation. */
export interface SpeedCadenceSensor {
  readonly name: string;
  /**
   * Begins to listen. `atS` is when a message came, in seconds of one clock. Answers with the means to stop.
   * `onEnd` is called when the sensor goes to sleep by itself.
   */
  readonly listen: (onMessage: (message: WheelCrankMessage, atS: number) => void, onEnd: () => void) => () => void;
}

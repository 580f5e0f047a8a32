/** What a speed-and-cadence sensor sends: counters since it woke, and when each last counted, in 1/1024 s. All roll over. */
export interface WheelCrankMessage {
  /** 0 to 2³² − 1 */
  readonly wheelRevolutions: number;
  /** 0 to 65535 */
  readonly wheelTime1024: number;
  /** 0 to 65535 */
  readonly crankRevolutions: number;
  /** 0 to 65535 */
  readonly crankTime1024: number;
}

const UINT16 = 0x1_0000;
const UINT32 = 0x1_0000_0000;
const TICKS_A_SECOND = 1024;
/** Time without a new turn after which wheel or crank counts as stopped, s. */
const STANDS_AFTER_S = 3;

/** Speed and cadence from the messages so far. */
export interface WheelCrankState {
  readonly last: WheelCrankMessage | undefined;
  /** When the last message came, seconds of any clock. */
  readonly atS: number;
  readonly wheelTurnedAtS: number;
  readonly crankTurnedAtS: number;
  readonly speedMs: number;
  readonly cadenceRpm: number;
  /** Wheel turns since the first message. */
  readonly wheelTurns: number;
}

export const NO_MESSAGE_YET: WheelCrankState = {
  last: undefined,
  atS: 0,
  wheelTurnedAtS: -Infinity,
  crankTurnedAtS: -Infinity,
  speedMs: 0,
  cadenceRpm: 0,
  wheelTurns: 0,
};

/**
 * Takes in one message. Differences are taken modulo the counters' size, so that a roll-over counts on;
 * messages that were lost only make the difference larger. A wheel or crank that has not turned for
 * 3 s stands. After a gap so long that the clock may have rolled over more than once (64 s), rates
 * start again.
 */
export function takeMessage(
  state: WheelCrankState,
  message: WheelCrankMessage,
  atS: number,
  rolloutMm: number,
): WheelCrankState {
  const { last } = state;
  if (!last || atS - state.atS >= UINT16 / TICKS_A_SECOND) {
    return { ...state, last: message, atS, speedMs: 0, cadenceRpm: 0 };
  }
  const wheel = (message.wheelRevolutions - last.wheelRevolutions + UINT32) % UINT32;
  const crank = (message.crankRevolutions - last.crankRevolutions + UINT16) % UINT16;
  const wheelS = ((message.wheelTime1024 - last.wheelTime1024 + UINT16) % UINT16) / TICKS_A_SECOND;
  const crankS = ((message.crankTime1024 - last.crankTime1024 + UINT16) % UINT16) / TICKS_A_SECOND;
  const wheelTurnedAtS = wheel > 0 ? atS : state.wheelTurnedAtS;
  const crankTurnedAtS = crank > 0 ? atS : state.crankTurnedAtS;
  const rate = (turns: number, seconds: number, turnedAtS: number, before: number) => {
    if (turns > 0 && seconds > 0) return turns / seconds;
    return atS - turnedAtS >= STANDS_AFTER_S ? 0 : before;
  };
  const wheelRate = rate(wheel, wheelS, wheelTurnedAtS, state.speedMs / (rolloutMm / 1000));
  return {
    last: message,
    atS,
    wheelTurnedAtS,
    crankTurnedAtS,
    speedMs: wheelRate * (rolloutMm / 1000),
    cadenceRpm: rate(crank, crankS, crankTurnedAtS, state.cadenceRpm / 60) * 60,
    wheelTurns: state.wheelTurns + wheel,
  };
}

/** The message that a sensor sends when wheel and crank have turned so far, at a moment of its own clock. */
export function messageAt(
  wheelTurns: number,
  wheelTurnedAtS: number,
  crankTurns: number,
  crankTurnedAtS: number,
  start: WheelCrankMessage,
): WheelCrankMessage {
  const ticks = (seconds: number, from: number) => (Math.floor(seconds * TICKS_A_SECOND) + from) % UINT16;
  return {
    wheelRevolutions: (start.wheelRevolutions + Math.floor(wheelTurns)) % UINT32,
    wheelTime1024: ticks(wheelTurnedAtS, start.wheelTime1024),
    crankRevolutions: (start.crankRevolutions + Math.floor(crankTurns)) % UINT16,
    crankTime1024: ticks(crankTurnedAtS, start.crankTime1024),
  };
}

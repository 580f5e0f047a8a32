/** Everything that `kit/sensor` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  simulatedSensor: {
    simulatedSensor: 'Simulated sensor',
  },
};

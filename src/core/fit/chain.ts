/** Pitch of a bicycle chain, 1/2 in, mm (ISO 9633). */
export const PITCH_MM = 12.7;

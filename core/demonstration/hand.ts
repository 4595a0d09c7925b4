/** What a class measures a push by, m2: a hand with its fingers closed, about 8 cm by 12.5 cm. */
export const HAND_AREA = 0.01

/** First help, in the order in which it is given; on every safety sheet. */
export const EMERGENCY = [
  'Stop. Heaters and pumps off; nobody touches a closed vessel.',
  'Everybody back; one person at the door.',
  'Scald or burn: cold running water for twenty minutes, then first aid.',
  'Glass or splinters in an eye: do not rub; cover it, first aid, doctor.',
  'Fire: blanket or extinguisher if it is small; otherwise out, door shut, alarm.',
]

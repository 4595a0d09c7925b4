/** Past runs that teach a forecast, the newest: older ones add little and cost time. */
export const MOST_TEACHERS = 12

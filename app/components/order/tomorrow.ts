/** Tomorrow at an hour of the day, on the wall here: "2026-12-05T18:00". @param hour 0 to 23 */
export function tomorrowAt(hour: number): string {
  const day = new Date(Date.now() + 86400e3)
  const two = (x: number) => String(x).padStart(2, '0')
  return `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}T${two(hour)}:00`
}

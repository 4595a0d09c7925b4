/** What is kept on a device, by whom: shared by the worker that serves it and the pages that add to it. */

export const BUILT = 'hush-built'
export const PAGES = 'hush-pages'
export const RECORDS = 'hush-records'

/** Live is one page for all shows: it fetches nothing but its show, which the device keeps by itself. */
const LIVE = '/live/'
/** Pages that are worth nothing without the server, or must ask it. */
const NOT_KEPT = /^\/(backup|school|sign-in|join|trust|authority\.crt|api)(\/|$)/
/** What pages ask for when they are opened. */
const RECORD = /^\/api\/(stagings|running-orders|shelf|room|school|who|catalogue|gallery|runs|practice)(\/[^/]+)?$/
/** Files that one downloads, and the records of all. */
const WHOLE = /^\/api\/runs\/(export|scores)$/
/** What the worker tells its pages when it answered with a record that it kept. */
export const FROM_KEPT = 'hush-kept'

export const isKeptPage = (path: string): boolean => !NOT_KEPT.test(path)
export const isKeptRecord = (path: string): boolean => RECORD.test(path) && !WHOLE.test(path)
/** One list, whichever of those that were only begun is asked for with it. */
const STAGINGS = '/api/stagings'
/** @param address whole */
export const cacheKeyOf = (address: string): string => {
  const { origin, pathname, search } = new URL(address)
  if (pathname.startsWith(LIVE)) return `${origin}${LIVE}`
  return pathname === STAGINGS ? `${origin}${STAGINGS}` : `${origin}${pathname}${search}`
}

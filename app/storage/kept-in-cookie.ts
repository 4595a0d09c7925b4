/** How a choice is kept in a cookie, which the server can read: a year and a bit, the longest that browsers allow. */
export const KEPT_IN_COOKIE = { maxAge: 400 * 86400, sameSite: 'lax' } as const

/**
 * Where to go after signing in: a page of this application, or its first one. Browsers drop tabs and line ends from
 * addresses and take a backslash for a slash, so that only what they make of it tells where it leads.
 *
 * @param asked as the address says it @param here origin of this application
 */
export function afterSignIn(asked: string, here: string): string {
  if (!asked.startsWith('/') || !URL.canParse(asked, here)) return `${here}/`
  const { origin, href, pathname } = new URL(asked, here)
  return origin === here && !pathname.startsWith('//') ? href : `${here}/`
}

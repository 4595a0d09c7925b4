/**
 * For one transaction: whoever sends or takes a large file over a slow line holds its connection longer than a page
 * may, but not for ever.
 */
export const PATIENTLY =
  "set local statement_timeout = '30min'; set local idle_in_transaction_session_timeout = '5min'; " +
  "set local lock_timeout = '1min'"

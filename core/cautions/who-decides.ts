/** Stands wherever cautions are shown: the application never promises anything. */
export const WHO_DECIDES =
  "These are the usual cautions. Your school's own risk assessment, your employer's rules and the local code decide."

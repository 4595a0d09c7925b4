import { createError } from 'h3'

/** Somebody else saved first: the answer carries what is stored now, so that nothing is overwritten unseen. */
export const conflict = (current: unknown) =>
  createError({
    statusCode: 409,
    statusMessage: 'Changed elsewhere',
    message: 'This was changed in another window or by somebody else since you opened it.',
    data: { current },
  })

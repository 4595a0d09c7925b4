/** A quantity that can't be read; the message says what was given and what is accepted. */
export class QuantityError extends Error {}

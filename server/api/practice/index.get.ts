import { listPractice } from '../../database/practice'

/** A department's practice of some years. */
const MOST = 2000

export default defineEventHandler(() => listPractice(MOST))

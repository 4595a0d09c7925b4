import { workOut } from '../../computing/scores'

/** Works out how well a few more runs were forecast, keeps it, and answers those and how many are left. */
export default defineEventHandler(() => workOut(useRuntimeConfig().public.model))

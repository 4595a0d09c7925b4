import { demoState } from '../database/put-away'

export default defineEventHandler(async () => ({ state: await demoState() }))

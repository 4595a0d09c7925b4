import { listDevices } from '../../access/desk'

export default defineEventHandler(event => listDevices(event))

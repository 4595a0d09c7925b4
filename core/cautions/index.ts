export type { Caution } from './caution'
export { WHO_DECIDES } from './who-decides'
export * from './usual'

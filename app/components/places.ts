/** The five places, in the order of the work: what have I got, will it work, … */
export const PLACES = [
  { key: '1', name: 'Shelf', to: '/shelf', question: 'what have I got?' },
  { key: '2', name: 'Bench', to: '/bench', question: 'will it work?' },
  { key: '3', name: 'Running order', to: '/order', question: 'can I do all of it in this lesson?' },
  { key: '4', name: 'Live', to: '/live', question: 'what do I do now?' },
  { key: '5', name: 'Logbook', to: '/logbook', question: 'what happened, and why?' },
] as const

/** Whether a path is a place's own, or lies in it. */
export const isIn = (place: string, path: string): boolean => path === place || path.startsWith(`${place}/`)

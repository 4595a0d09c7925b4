import type { CloudBottle } from './simulate'

export const practice: CloudBottle['practice'] = {
  begins: 'press',
  troubles: [
    {
      id: 'no-smoke',
      words: 'Nobody had put smoke in: there was nothing for drops to form on.',
      applies: v => v.choices.nuclei === 'smoke',
      alters: () => ({ choices: { nuclei: 'none' } }),
    },
  ],
}

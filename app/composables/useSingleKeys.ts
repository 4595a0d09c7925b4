import { useLocalStorage } from '@vueuse/core'

/** Whether letters and digits by themselves act: off for those who dictate, or whose keys slip. Kept on the device. */
export const useSingleKeys = () => useLocalStorage('hush-single-keys', true, { initOnMounted: true })

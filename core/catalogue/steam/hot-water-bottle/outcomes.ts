export const logged = {
  used: ['waterCharge', 'chargeTemperature', 'swirlTime', 'bathTemperature', 'poolDepth'],
  seen: ['hush', 'volumeLost'],
} as const

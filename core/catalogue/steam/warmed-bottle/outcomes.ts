export const logged = {
  used: ['waterCharge', 'chargeTemperature', 'sealDelay', 'bathTemperature', 'poolDepth'],
  seen: ['hush', 'volumeLost'],
} as const

/** x^(-1/3) to a few per cent, by Newton steps from a power-of-two guess: enough for step control, and reproducible. */
export function inverseCubeRoot(x: number): number {
  if (!(x > 0)) return 1e3
  let guess = 1
  let scaled = x
  while (scaled > 8) { scaled *= 0.125; guess *= 0.5 }
  while (scaled < 1) { scaled *= 8; guess *= 2 }
  let root = 1 - 0.07 * (scaled - 1)
  for (let i = 0; i < 3; i++) root *= (4 - scaled * root * root * root) / 3
  return guess * root
}

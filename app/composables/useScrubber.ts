import type { Stage } from '~~/core'

/**
 * A position along the stages of a trace: whole numbers are where stages meet, so that minutes of heating and
 * milliseconds of collapse get the same room.
 */
export function useScrubber(stages: () => readonly Stage[]) {
  const position = ref(0)
  const playing = ref(false)
  const held = computed(() => Math.min(Math.max(position.value, 0), stages().length))
  const stageIndex = computed(() => Math.min(Math.floor(held.value), stages().length - 1))
  const time = computed(() => {
    const stage = stages()[stageIndex.value]
    return stage ? stage.start + (held.value - stageIndex.value) * (stage.end - stage.start) : 0
  })

  function moveTo(at: number) {
    const list = stages()
    const index = list.findIndex((s, i) => at <= s.end || i === list.length - 1)
    const stage = list[index]
    position.value = index + Math.min(1, Math.max(0, (at - stage.start) / Math.max(stage.end - stage.start, 1e-9)))
  }

  let frame = 0
  let last = 0
  const SECONDS_PER_STAGE = 5
  function tick(now: number) {
    position.value = held.value + Math.min(now - last, 100) / 1000 / SECONDS_PER_STAGE
    last = now
    if (position.value >= stages().length) {
      position.value = stages().length
      playing.value = false
      return
    }
    frame = requestAnimationFrame(tick)
  }
  function toggle() {
    playing.value = !playing.value
    cancelAnimationFrame(frame)
    if (!playing.value) return
    if (held.value >= stages().length) position.value = 0
    last = performance.now()
    frame = requestAnimationFrame(tick)
  }
  onScopeDispose(() => cancelAnimationFrame(frame))
  return { position, held, stageIndex, time, playing, toggle, moveTo }
}

/** Workers that answer what a test has them answer. */
import { afterEach, beforeEach, vi } from 'vitest'

export class FakeWorker {
  static readonly begun: FakeWorker[] = []
  readonly heard: { kind: string; asker: number; job: number }[] = []
  onmessage?: (event: { data: object }) => void
  onerror?: (event: { preventDefault: () => void }) => void
  terminate = vi.fn()
  constructor() {
    FakeWorker.begun.push(this)
  }
  postMessage(message: { kind: string; asker: number; job: number }) {
    this.heard.push(message)
  }
  tell(data: object) {
    this.onmessage!({ data })
  }
}

/** In each test of a file, on a machine with two cores. */
export function fakeWorkers() {
  beforeEach(() => {
    vi.stubGlobal('Worker', FakeWorker)
    vi.spyOn(navigator, 'hardwareConcurrency', 'get').mockReturnValue(2)
  })
  afterEach(() => {
    // Lost, each is begun anew by the next test.
    for (const worker of FakeWorker.begun.splice(0)) worker.onerror!({ preventDefault: () => {} })
    vi.restoreAllMocks()
    vi.unstubAllGlobals()
  })
}

// Test files share one world (`isolate: false`): the clock that one has stopped goes on for the next.
import { afterEach, vi } from 'vitest'

afterEach(() => void vi.useRealTimers())

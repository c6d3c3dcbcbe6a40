import { orSay, reasonOf } from '@/shared/api/orSay'
import { say } from '@/shared/words/say'
import { computed, readonly, ref, shallowReadonly, shallowRef } from 'vue'
import { Refused } from '@/shared/api/client'
import { api } from '@/shared/api/api'
import type { AsFoundPlan, AsFoundSheet } from '@/shared/api/generated/http'
import { withChange } from '@/shared/as-found/withChange'
import { useOutbox } from '@/shared/outbox/useOutbox'

const KEEP_AFTER_MS = 600

/** The as-found sheet of a board: kept by itself, planned from when asked. */
export function useAsFound(boardFile: number, number = 1) {
  const sheet = shallowRef<AsFoundSheet | null>(null)
  const plan = shallowRef<AsFoundPlan | null>(null)
  const failure = ref('')
  const problems = ref<readonly string[]>([])
  let written = 0
  let sent = 0
  const isNotAllowed = (error: unknown) => error instanceof Refused && ![401, 419].includes(error.status)
  const outbox = useOutbox({
    waiting: () => (written > sent ? 1 : 0),
    send: keep,
    pauseMs: KEEP_AFTER_MS,
    isFinal: isNotAllowed,
  })

  const rows = computed(() => sheet.value?.boxes.flatMap((box) => box.rows) ?? [])

  async function load() {
    await orSay(failure, async () => {
      sheet.value = await api.asFound(boardFile, number)
      failure.value = ''
    })
  }

  const said = ref('')
  const before = shallowRef<AsFoundSheet | null>(null)

  function write(point: string, change: { lands?: string; mark?: string }) {
    if (!sheet.value) return
    before.value = sheet.value
    const [boxes, exchanged] = withChange(sheet.value.boxes, point, change)
    said.value = exchanged ? say('as-found.exchanged-took-its-place-the', { exchanged }) : ''
    put({ ...sheet.value, boxes })
  }

  /** Back to what stood before the last change. */
  function takeBack() {
    if (!before.value) return
    const back = before.value
    before.value = null
    said.value = ''
    put(back)
  }

  function put(next: AsFoundSheet) {
    sheet.value = next
    plan.value = null
    written++
    outbox.changed()
  }

  function told(error: unknown) {
    problems.value = (error as { problems?: { message: string }[] }).problems?.map(({ message }) => message) ?? []
  }

  async function keep() {
    const own = written
    const filled = (field: 'lands' | 'mark') =>
      Object.fromEntries(rows.value.filter((row) => row[field] !== '').map((row) => [row.point, row[field]]))
    try {
      await api.keepAsFound(boardFile, { lands: filled('lands'), marks: filled('mark'), number })
    } catch (error) {
      told(error)
      throw error
    }
    // What was written meanwhile is still to be sent.
    sent = own
    failure.value = ''
    problems.value = []
  }

  const fillFrom = (text: string) => fill({ wiring: text })
  const fillAsPlanned = (planned: number) => fill({ plan: planned })

  async function fill(what: { wiring: string } | { plan: number }) {
    try {
      await outbox.flush()
      const old = sheet.value
      sheet.value = await api.keepAsFound(boardFile, { ...what, number })
      before.value = old
      said.value = ''
      plan.value = null
      sent = written
      failure.value = ''
      problems.value = []
    } catch (error) {
      failure.value = reasonOf(error)
      told(error)
    }
  }

  const isPlanning = ref(false)
  async function planFrom() {
    isPlanning.value = true
    try {
      await orSay(failure, async () => {
        await outbox.flush()
        if (written === sent) plan.value = await api.asFoundPlan(boardFile, number)
      })
    } finally {
      isPlanning.value = false
    }
  }

  void load()

  return {
    sheet: shallowReadonly(sheet),
    plan: shallowReadonly(plan),
    rows,
    saving: outbox.state,
    toSend: outbox.toSend,
    failure: computed(() => failure.value || outbox.failure.value),
    problems: readonly(problems),
    isPlanning: readonly(isPlanning),
    load,
    write,
    fillFrom,
    fillAsPlanned,
    said: readonly(said),
    canTakeBack: computed(() => before.value !== null),
    takeBack,
    planFrom,
  }
}

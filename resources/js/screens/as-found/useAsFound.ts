import { computed, readonly, ref, shallowReadonly, shallowRef } from 'vue'
import { api } from '@/shared/api/client'
import type { AsFoundPlan, AsFoundSheet } from '@/shared/api/generated/http'

const KEEP_AFTER_MS = 600

/** The as-found sheet of a board: kept by itself, planned from when asked. */
export function useAsFound(boardFile: number) {
  const sheet = shallowRef<AsFoundSheet | null>(null)
  const plan = shallowRef<AsFoundPlan | null>(null)
  const kept = ref<'kept' | 'keeping' | 'refused'>('kept')
  const failure = ref('')
  const problems = ref<readonly string[]>([])
  let timer: ReturnType<typeof setTimeout> | undefined
  let writing = 0

  const rows = computed(() => sheet.value?.boxes.flatMap((box) => box.rows) ?? [])

  async function load() {
    try {
      sheet.value = await api.asFound(boardFile)
      failure.value = ''
    } catch (error) {
      failure.value = (error as Error).message
    }
  }

  function write(point: string, change: { lands?: string; mark?: string }) {
    if (!sheet.value) return
    const boxes = sheet.value.boxes.map((box) => ({
      ...box,
      rows: box.rows.map((row) => (row.point === point ? { ...row, ...change } : row)),
    }))
    sheet.value = { ...sheet.value, boxes }
    plan.value = null
    kept.value = 'keeping'
    writing++
    clearTimeout(timer)
    timer = setTimeout(() => void keep(), KEEP_AFTER_MS)
  }

  function told(error: unknown) {
    kept.value = 'refused'
    failure.value = (error as Error).message
    problems.value = (error as { problems?: { message: string }[] }).problems?.map(({ message }) => message) ?? []
  }

  async function keep() {
    clearTimeout(timer)
    const own = writing
    const written = (field: 'lands' | 'mark') =>
      Object.fromEntries(rows.value.filter((row) => row[field] !== '').map((row) => [row.point, row[field]]))
    try {
      await api.keepAsFound(boardFile, { lands: written('lands'), marks: written('mark') })
      // What was written meanwhile is still to be kept.
      if (own === writing) kept.value = 'kept'
      failure.value = ''
      problems.value = []
    } catch (error) {
      told(error)
    }
  }

  async function fillFrom(text: string) {
    try {
      sheet.value = await api.keepAsFound(boardFile, { wiring: text })
      plan.value = null
      kept.value = 'kept'
      failure.value = ''
      problems.value = []
    } catch (error) {
      told(error)
    }
  }

  const isPlanning = ref(false)
  async function planFrom() {
    isPlanning.value = true
    try {
      if (kept.value !== 'kept') await keep()
      if (kept.value === 'kept') plan.value = await api.asFoundPlan(boardFile)
    } catch (error) {
      failure.value = (error as Error).message
    } finally {
      isPlanning.value = false
    }
  }

  void load()

  return {
    sheet: shallowReadonly(sheet),
    plan: shallowReadonly(plan),
    rows,
    kept: readonly(kept),
    failure: readonly(failure),
    problems: readonly(problems),
    isPlanning: readonly(isPlanning),
    load,
    write,
    fillFrom,
    planFrom,
  }
}

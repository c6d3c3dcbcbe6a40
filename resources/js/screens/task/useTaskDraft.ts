import { readonly, ref } from 'vue'
import type { TaskFile } from '@/shared/api/generated/http'
import { draftOf } from '@/shared/outbox/draft'

interface Typed {
  version: number
  marking: number
  task: TaskFile
}

/** The task as it was typed and not saved: held while it differs from what was opened, given back when it is opened again. */
export function useTaskDraft(person: number, boardFile: number, taskId: number | null) {
  const draft = draftOf<Typed>(person, `task.${boardFile}.${taskId ?? 'new'}`)
  const isGivenBack = ref(false)
  let opened = ''

  /** What was typed into the version that was just opened; of an older version nothing. */
  function open(asOpened: Typed): Typed {
    opened = JSON.stringify(asOpened)
    const held = draft.held()
    isGivenBack.value = held !== null && held.version === asOpened.version
    return isGivenBack.value ? held! : asOpened
  }

  function hold(typed: Typed) {
    if (opened === '') return
    if (JSON.stringify(typed) === opened) draft.drop()
    else draft.hold(typed)
  }

  /** As it was opened: what was typed is given up. */
  function giveUp(): Typed {
    saved()
    return JSON.parse(opened) as Typed
  }

  function saved() {
    draft.drop()
    isGivenBack.value = false
  }

  return { isGivenBack: readonly(isGivenBack), open, hold, giveUp, saved }
}

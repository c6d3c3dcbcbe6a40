<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, nextTick, ref } from 'vue'
import type { LibraryBoard, User } from '@/shared/api/generated/http'
import BoardThumb from '@/shared/board/BoardThumb.vue'
import { practiceOf } from '@/shared/practices'
import RowMenu from '@/shared/ui/RowMenu.vue'

/** @prop isForTask  a board is chosen to make a task on */
const props = defineProps<{ board: LibraryBoard; instructors: readonly User[]; isForTask?: boolean }>()
const emit = defineEmits<{
  copy: []
  archive: []
  remove: []
  rename: [title: string]
  share: [instructor: number, on: boolean]
}>()
const renaming = ref(false)
const field = ref<HTMLInputElement | null>(null)

async function beginRename() {
  renaming.value = true
  await nextTick()
  field.value?.select()
}

function endRename(title: string) {
  renaming.value = false
  if (title.trim() && title.trim() !== props.board.title) emit('rename', title.trim())
}

const shares = computed(() => {
  const with_ = new Set(props.board.sharedWith.map(({ id }) => id))
  return props.instructors.map((one) => ({
    name: with_.has(one.id)
      ? say('boards.stop-sharing-with-name', { name: one.name })
      : say('boards.share-with-name', { name: one.name }),
    run: () => emit('share', one.id, !with_.has(one.id)),
  }))
})
const items = computed(() => [
  { name: say('boards.set-to-a-class'), to: `/set/${props.board.id}` },
  { name: say('boards.make-a-task-from-it'), to: `/task/${props.board.id}` },
  { name: say('shared.plans'), to: `/plans/${props.board.id}` },
  { name: say('boards.duplicate'), run: () => emit('copy') },
  ...(props.board.isMine
    ? [
        { name: say('boards.rename'), run: beginRename },
        ...shares.value,
        {
          name: props.board.archived ? say('boards.take-out-of-the-archive') : say('boards.archive'),
          run: () => emit('archive'),
        },
        {
          name: props.board.isInUse ? say('boards.delete-in-use-archive-it') : 'Delete',
          run: () => emit('remove'),
          disabled: props.board.isInUse,
        },
      ]
    : []),
])
const changed = computed(() => new Date(props.board.changedAt).toLocaleDateString(undefined, { dateStyle: 'medium' }))
</script>

<template>
  <li class="flex items-center gap-2 pr-4">
    <form v-if="renaming" class="flex min-h-20 grow items-center px-6" @submit.prevent="endRename(field?.value ?? '')">
      <input
        ref="field"
        class="field max-w-lg font-bold"
        :aria-label="say('boards.new-title-of-title', { title: board.title })"
        :value="board.title"
        maxlength="200"
        @keydown.esc="renaming = false"
        @blur="endRename(field?.value ?? '')"
      />
    </form>
    <RouterLink
      v-else
      :to="isForTask ? `/task/${board.id}` : board.isMine ? `/draw/${board.id}` : `/plans/${board.id}`"
      class="grid min-h-20 grow grid-cols-[8rem_minmax(0,1fr)_3rem_14rem_8rem] items-center gap-4 px-6 max-lg:grid-cols-[6rem_minmax(0,1fr)] max-lg:gap-x-3 max-lg:gap-y-0 max-lg:px-3 py-2 hover:bg-wash hover:text-violet"
      :data-board="board.id"
    >
      <span class="h-16 [content-visibility:auto]"><BoardThumb :sketch="board.sketch" /></span>
      <span class="min-w-0"
        ><strong class="block">{{ board.title }}</strong
        ><span class="block truncate text-soft">{{ board.brief }}</span></span
      >
      <span class="code">{{ practiceOf(board.practice).short }}</span>
      <span>{{ board.scheme === '' ? say('boards.no-plan-yet') : (board.scheme ?? '') }}</span>
      <span class="text-soft">{{ changed }}</span>
    </RouterLink>
    <RowMenu :label="board.title" :items="items" />
  </li>
</template>

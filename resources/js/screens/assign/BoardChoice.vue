<script setup lang="ts">
import { RadioGroup, RadioGroupDescription, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'
import type { BoardFile } from '@/shared/api/generated/http'
import { practiceOf } from '@/shared/practices'

defineProps<{ boards: readonly BoardFile[] }>()
defineEmits<{ copy: [board: number] }>()
const chosen = defineModel<number>({ required: true })
</script>

<template>
  <RadioGroup v-model="chosen" class="divide-y-2 divide-line border-y-2 border-ink">
    <RadioGroupLabel class="sr-only">Board</RadioGroupLabel>
    <div v-for="board in boards" :key="board.id" class="flex items-center gap-3 pr-3">
      <RadioGroupOption v-slot="{ checked }" :value="board.id" as="template">
        <div
          class="flex min-h-16 grow cursor-pointer items-center gap-4 px-3 py-2"
          :class="checked ? 'bg-wash' : ''"
          :data-board="board.id"
        >
          <svg viewBox="0 0 24 24" class="h-6 w-6 shrink-0" aria-hidden="true">
            <circle cx="12" cy="12" r="10" fill="none" stroke="var(--color-ink)" stroke-width="2" />
            <circle v-if="checked" cx="12" cy="12" r="6" fill="var(--color-violet)" />
          </svg>
          <span class="code w-10 shrink-0 border-2 border-ink text-center">{{ practiceOf(board.practice).short }}</span>
          <div>
            <RadioGroupLabel as="p" class="font-bold">{{ board.title }}</RadioGroupLabel>
            <RadioGroupDescription as="p" class="text-soft">{{ board.brief }}</RadioGroupDescription>
          </div>
        </div>
      </RadioGroupOption>
      <RouterLink v-if="board.isMine" :to="`/draw/${board.id}`" class="btn px-3" :aria-label="`Draw on ${board.title}`"
        >Draw</RouterLink
      >
      <button
        v-else
        type="button"
        class="btn px-3"
        :aria-label="`Draw on a copy of ${board.title}`"
        @click="$emit('copy', board.id)"
      >
        Copy
      </button>
      <RouterLink :to="`/task/${board.id}`" class="btn px-3" :aria-label="`A task on ${board.title}`">Task</RouterLink>
      <RouterLink :to="`/plans/${board.id}`" class="btn px-3" :aria-label="`Plans of ${board.title}`">Plans</RouterLink>
    </div>
  </RadioGroup>
</template>

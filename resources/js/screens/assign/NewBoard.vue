<script setup lang="ts">
import { computed } from 'vue'
import type { Board } from '@/shared/api/generated/http'
import { practices } from '@/shared/practices'

type Practice = Board['practice']

const props = defineProps<{ patterns: readonly { key: string; title: string; practice: Practice }[] }>()
const emit = defineEmits<{ start: [what: { practice: Practice } | { pattern: string }] }>()

const groups = computed(() =>
  practices().map(({ id, name }) => ({
    practice: id,
    name,
    patterns: props.patterns.filter((pattern) => pattern.practice === id),
  })),
)

function choose(event: Event) {
  const select = event.target as HTMLSelectElement
  const [kind, value] = select.value.split(' ') as [string, string]
  select.value = ''
  if (kind === 'bare') emit('start', { practice: value as Practice })
  else if (kind) emit('start', { pattern: value })
}
</script>

<template>
  <label class="flex items-center gap-2">
    <span class="sr-only">Draw a new board</span>
    <select class="field w-56 font-bold" data-test="new-board" @change="choose">
      <option value="">Draw a new board …</option>
      <optgroup v-for="group in groups" :key="group.practice" :label="group.name">
        <option :value="`bare ${group.practice}`">from a bare wall, {{ group.name }}</option>
        <option v-for="pattern in group.patterns" :key="pattern.key" :value="`pattern ${pattern.key}`">
          {{ pattern.title }}
        </option>
      </optgroup>
    </select>
  </label>
</template>

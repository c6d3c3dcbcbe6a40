<script setup lang="ts">
import { computed, ref } from 'vue'
import type { GradeData, GradedAttempt } from '@/shared/api/generated/http'
import ObservationList from '@/shared/marks/ObservationList.vue'

/** The second marker sees for themselves: what the first one said stays hidden until everything is seen. */
const props = defineProps<{ mark: GradeData; second: GradedAttempt['second'] }>()
const emit = defineEmits<{ seen: [seen: Record<string, boolean>] }>()
const isOpen = ref(false)
const seen = ref<Record<string, boolean>>({})
const items = computed(() => props.mark.lines.filter(({ part }) => part === 'workmanship'))
const nameOf = (what: string) => items.value.find((line) => line.what === what)?.text ?? what
function note(said: Record<string, boolean>) {
  const next = { ...seen.value, ...said }
  seen.value = next
  if (items.value.every(({ what }) => what in next)) {
    emit('seen', next)
    isOpen.value = false
  }
}
</script>

<template>
  <section v-if="items.length > 0" aria-label="Second marker" data-test="second">
    <button v-if="!isOpen" type="button" class="btn" @click="((seen = {}), (isOpen = true))">Second marker …</button>
    <template v-else>
      <p class="mb-2 text-soft">Second marker: see for yourself. Differences are shown when all is seen.</p>
      <ObservationList :items="items" :observed="seen" @observe="note" />
    </template>
    <p v-if="second && !isOpen" role="status" class="mt-2">
      {{
        second.differs.length === 0
          ? 'The second marker saw the same.'
          : `The two differ: ${second.differs.map(nameOf).join(', ')}.`
      }}
    </p>
  </section>
</template>

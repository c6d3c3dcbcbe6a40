<script setup lang="ts">
import { say } from '@/shared/words/say'
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
  <section v-if="items.length > 0" :aria-label="say('marks.second-marker-2')" data-test="second">
    <button v-if="!isOpen" type="button" class="btn" @click="((seen = {}), (isOpen = true))">
      {{ say('marks.second-marker') }}
    </button>
    <template v-else>
      <p class="mb-2 text-soft">{{ say('marks.second-marker-judge-each-item') }}</p>
      <ObservationList :items="items" :observed="seen" @observe="note" />
    </template>
    <p v-if="second && !isOpen" role="status" class="mt-2">
      {{
        second.differs.length === 0
          ? say('marks.the-second-marker-agrees')
          : say('marks.the-markers-disagree-on-differs', { differs: second.differs.map(nameOf).join(', ') })
      }}
    </p>
  </section>
</template>

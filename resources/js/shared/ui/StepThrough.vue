<script setup lang="ts">
import { say } from '@/shared/words/say'
import { nextTick, ref, watch } from 'vue'

const props = defineProps<{ steps: readonly { text: string }[]; first: string; done: string }>()
/** The step that is shown; -1 before the first, the number of steps after the last. */
const at = defineModel<number>({ required: true })
const list = ref<HTMLElement | null>(null)

const goBy = (by: number) => (at.value = Math.min(props.steps.length, Math.max(-1, at.value + by)))

watch(at, async () => {
  await nextTick()
  list.value?.querySelector('[aria-current]')?.scrollIntoView?.({ block: 'nearest' })
})
</script>

<template>
  <div class="sticky -top-3 z-10 flex flex-wrap gap-2 bg-paper py-2">
    <button type="button" class="btn px-3" :disabled="at < 0" @click="goBy(-1)">{{ say('shared.previous') }}</button>
    <button type="button" class="btn px-3" :disabled="at >= steps.length" @click="goBy(1)">
      {{ at < 0 ? first : at < steps.length - 1 ? say('shared.next') : done }}
    </button>
  </div>
  <ol ref="list" class="list-inside list-decimal">
    <li
      v-for="(step, i) in steps"
      :key="i"
      class="py-0.5"
      :class="i === at ? 'border-l-4 border-violet bg-wash pl-2 font-bold' : 'pl-3'"
      :aria-current="i === at ? 'step' : undefined"
    >
      {{ step.text }} <span v-if="i < at" class="text-soft">{{ say('shared.done-2') }}</span>
    </li>
  </ol>
</template>

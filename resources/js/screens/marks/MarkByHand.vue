<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, onMounted, ref } from 'vue'
import type { GradeData, Override } from '@/shared/api/generated/http'

/** A line of a mark, or the whole, given by hand: with the reason, which goes on record. */
const props = defineProps<{ mark: GradeData; line: string }>()
const emit = defineEmits<{ change: [what: Override]; close: [] }>()
const own = computed(() => props.mark.lines.find(({ key }) => key === props.line) ?? null)
const most = computed(() => own.value?.of ?? props.mark.total)
const byHand = computed(() => (own.value ? own.value.byHand : props.mark.byHand))
const points = ref(String(own.value ? (own.value.got ?? '') : props.mark.got))
const why = ref('')
const form = ref<HTMLFormElement | null>(null)
/** It opens where the eye is, with the hand in its first field. */
onMounted(() => {
  form.value?.scrollIntoView({ block: 'center' })
  form.value?.querySelector('input')?.select()
})
const isReady = computed(() => points.value !== '' && Number(points.value) >= 0 && why.value.trim().length >= 3)
</script>

<template>
  <form
    ref="form"
    class="mt-4 flex flex-col gap-3 border-2 border-violet p-3"
    :aria-label="say('marks.by-hand-2')"
    @submit.prevent="isReady && emit('change', { line, points: Number(points), why })"
  >
    <p>
      <strong>{{ say('marks.by-hand') }}</strong> {{ own ? own.text : say('marks.the-whole-mark') }}
      <span v-if="byHand" class="text-soft">{{ say('marks.calculated-was', { was: byHand.was ?? '…' }) }}</span>
    </p>
    <label
      >{{ say('marks.points-of-most', { most }) }}
      <input v-model="points" type="number" min="0" :max="most" step="0.5" class="field w-28"
    /></label>
    <label>{{ say('marks.why') }} <input v-model="why" class="field" maxlength="500" required /></label>
    <div class="flex flex-wrap gap-2">
      <button type="submit" class="btn-main" :disabled="!isReady">{{ say('marks.give-these-points') }}</button>
      <button
        v-if="byHand"
        type="button"
        class="btn"
        :disabled="why.trim().length < 3"
        @click="emit('change', { line, points: null, why })"
      >
        {{ say('marks.back-to-the-calculated-points') }}
      </button>
      <button type="button" class="btn" @click="$emit('close')">{{ say('shared.cancel') }}</button>
    </div>
  </form>
</template>

<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import { api } from '@/shared/api/api'
import type { LateStep } from '@/shared/api/generated/http'
import type { Step } from '@/shared/api/generated/http'
import { placesOf, StepDoesNotFit } from '@/shared/bench/bench'
import { add, replay } from '@/shared/bench/stepLog'
import OpenBox from '@/shared/board/OpenBox.vue'
import { useLoaded } from '@/shared/ui/useLoaded'

/** A late step on the board: the box that it is in, as it would stand with it. */
const props = defineProps<{ attempt: number; late: LateStep }>()
const { data } = useLoaded(() => api.bench(props.attempt))
const step = computed(() => props.late.step as unknown as Step)
const touched = computed(() => (step.value as { points?: string[] }).points ?? [])
const box = computed(
  () =>
    data.value?.board.enclosures.find(
      ({ ends, devices }) =>
        ends.some(({ id }) => touched.value.includes(id)) ||
        devices.some(({ landings }) => landings.some(({ id }) => touched.value.includes(id))),
    ) ?? null,
)
const bench = computed(() => {
  if (!data.value) return null
  const places = placesOf(data.value.board)
  const log = replay(
    data.value.steps.map((kept) => kept.step),
    places,
    data.value.start,
  )
  try {
    return add(log, step.value, places).now
  } catch (error) {
    if (error instanceof StepDoesNotFit) return log.now
    throw error
  }
})
</script>

<template>
  <figure v-if="data && box && bench" class="my-2 border-2 border-ink" data-test="late-board">
    <OpenBox :board="data.board" :box="box" :bench="bench" :carried="touched" :keys="false" read-only />
    <figcaption class="border-t border-line px-2 text-sm">
      {{ say('wall.label-if-it-counts', { label: box.label }) }}
    </figcaption>
  </figure>
</template>

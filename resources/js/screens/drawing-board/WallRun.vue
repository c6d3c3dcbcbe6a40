<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { DrawnCable } from '@/shared/api/generated/http'
import BoardLabel from '@/shared/board/BoardLabel.vue'
import { paintOf } from '@/shared/board/conductor'
import { pathOf } from '@/shared/board/layout/ways'
import { type DrawnRun, titleOf, wordsOf } from './wallDrawing'

const props = defineProps<{
  run: DrawnRun
  said?: DrawnCable
  /** Millimetres of the wall that a pixel is. */
  unit: number
  selected: boolean
  wrong: boolean
}>()
defineEmits<{ choose: [] }>()

const TOUCH_PX = 30
const isSingle = computed(() => props.run.sheath?.points !== props.run.points)
const d = computed(() => pathOf(props.run.points))
const whole = computed(() => [titleOf(props.run.id, props.said), ...wordsOf(props.said)].join(', '))
</script>

<template>
  <g
    role="button"
    tabindex="0"
    class="board-box cursor-pointer"
    :aria-label="
      say('drawing-board.cable-whole-what', { whole, what: wrong ? say('drawing-board.something-is-wrong') : '' })
    "
    :data-wall-cable="run.id"
    fill="none"
    stroke-linejoin="round"
    @pointerdown.stop
    @click.stop="$emit('choose')"
    @keydown.enter.stop.prevent="$emit('choose')"
    @keydown.space.stop.prevent="$emit('choose')"
  >
    <template v-if="run.sheath">
      <path
        :d="pathOf(run.sheath.points)"
        :stroke="selected && !isSingle ? 'var(--color-violet)' : 'var(--color-ink)'"
        :stroke-width="run.sheath.width + (selected && !isSingle ? 3 * unit : 0)"
        data-run-path
      />
      <path
        :d="pathOf(run.sheath.points)"
        stroke="var(--color-paper)"
        :stroke-width="run.sheath.width - 3 * unit"
        :stroke-dasharray="said ? undefined : `${9 * unit} ${6 * unit}`"
      />
    </template>
    <path v-if="selected && isSingle" :d="d" stroke="var(--color-violet)" :stroke-width="run.width" />
    <g v-for="(core, i) in run.cores" :key="i">
      <path :d="pathOf(core.points)" stroke="var(--color-ink)" :stroke-width="4.4 * unit" />
      <path :d="pathOf(core.points)" :stroke="paintOf(core.colour).body" :stroke-width="3 * unit" />
    </g>
    <path :d="d" stroke="transparent" :stroke-width="isSingle ? run.width : Math.max(run.width, TOUCH_PX * unit)" />
    <BoardLabel v-if="run.label" :label="run.label" :whole="whole" :mark="wrong ? '!' : ''" />
  </g>
</template>

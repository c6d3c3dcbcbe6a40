<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { Board, DrawnBox } from '@/shared/api/generated/http'
import BoardLabel from '@/shared/board/BoardLabel.vue'
import BoxSign from '@/shared/board/BoxSign.vue'
import type { Label } from '@/shared/board/layout/labels'
import type { BoxShape } from '@/shared/board/layout/ways'

const props = defineProps<{
  box: Board['enclosures'][number]
  shape: BoxShape
  label?: Label
  fill?: DrawnBox
  holdsReceptacle: boolean
  selected: boolean
  offered: boolean
  wrong: boolean
}>()
defineEmits<{ take: [event: PointerEvent]; choose: [] }>()

const GAUGE = 1.1
const name = computed(() => props.box.label ?? props.box.id)
const whole = computed(() => [name.value, props.fill?.text, props.fill?.neutral].filter(Boolean).join(', '))
const outline = computed(() =>
  props.selected
    ? { outline: 'var(--color-violet)', outlineWidth: 0.24 }
    : { outline: 'var(--color-ink)', outlineWidth: 0.1 },
)
</script>

<template>
  <g
    role="button"
    tabindex="0"
    :aria-label="`${whole}${wrong ? say('drawing-board.something-is-wrong') : ''}${selected ? say('drawing-board.chosen') : ''}`"
    :data-wall-box="box.id"
    class="board-box cursor-pointer"
    @pointerdown.stop="(event) => $emit('take', event)"
    @click="(event) => event.detail === 0 && $emit('choose')"
    @keydown.enter.stop.prevent="$emit('choose')"
    @keydown.space.stop.prevent="$emit('choose')"
  >
    <g :transform="`translate(${shape.at[0]} ${shape.at[1]}) scale(${shape.halfHeight})`" data-wall-sign>
      <rect x="-1.3" y="-1.3" width="2.6" height="2.6" fill="transparent" />
      <rect
        v-if="offered"
        x="-1.3"
        y="-1.3"
        width="2.6"
        height="2.6"
        rx="0.2"
        fill="var(--color-wash)"
        stroke="var(--color-violet)"
        stroke-width="0.14"
      />
      <BoxSign :kind="box.kind" :holds-receptacle="holdsReceptacle" v-bind="outline" />
      <g v-if="fill && fill.share !== null" :transform="`translate(${-GAUGE / 2} 0.68)`" data-gauge>
        <rect :width="GAUGE" height="0.18" fill="var(--color-paper)" stroke="var(--color-ink)" stroke-width="0.06" />
        <rect :width="GAUGE * Math.min(1, fill.share)" height="0.18" fill="var(--color-ink)" />
      </g>
      <g v-if="wrong" transform="translate(0.55 -0.5)" data-wrong>
        <path d="M0 -0.46L0.46 0.36H-0.46Z" fill="var(--color-paper)" stroke="var(--color-ink)" stroke-width="0.1" />
        <path d="M0 -0.18V0.12M0 0.2v0.08" stroke="var(--color-ink)" stroke-width="0.12" />
      </g>
    </g>
    <BoardLabel v-if="label" :label="label" :whole="whole" />
  </g>
</template>

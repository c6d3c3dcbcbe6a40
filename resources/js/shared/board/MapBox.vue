<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { Enclosure } from '@/shared/api/generated/http'
import BoardLabel from './BoardLabel.vue'
import BoxSign from './BoxSign.vue'
import type { Label } from './layout/labels'
import type { BoxShape } from './layout/ways'

const props = defineProps<{
  box: Enclosure
  shape: BoxShape
  label?: Label
  under: string
  selected: boolean
  far: boolean
  lamp?: 'on' | 'dim' | 'off' | 'flickers'
  paddle?: string
}>()
const emit = defineEmits<{ open: [] }>()

/** A place beyond the board is out of reach: there is nothing to open. */
const isBeyond = computed(() => props.box.kind === 'onward')
const open = () => (isBeyond.value ? undefined : emit('open'))

/** Half of what a finger needs, in pixels. */
const TOUCH = 24
const half = computed(() => props.shape.halfHeight)
const outline = computed(() =>
  props.selected
    ? { outline: 'var(--color-violet)', outlineWidth: 0.24 }
    : { outline: 'var(--color-ink)', outlineWidth: 0.1 },
)
const holdsReceptacle = computed(() => props.box.devices.some(({ look }) => look.includes('receptacle')))
</script>

<template>
  <g
    :role="isBeyond ? 'img' : 'button'"
    :tabindex="isBeyond ? undefined : 0"
    class="board-box"
    :aria-label="
      isBeyond
        ? say('shared.a-cable-goes-on-to', { label: box.label })
        : say('shared.box-label-what-whatb', {
            label: box.label,
            what: under ? `, ${under}` : '',
            whatb: selected ? say('shared.open') : '',
          })
    "
    :data-map-box="box.id"
    @click="open"
    @keydown.enter.prevent="open"
    @keydown.space.prevent="open"
  >
    <rect
      :x="shape.at[0] - Math.max(TOUCH, half)"
      :y="shape.at[1] - Math.max(TOUCH, half)"
      :width="2 * Math.max(TOUCH, half)"
      :height="2 * Math.max(TOUCH, half)"
      fill="transparent"
    />
    <g :transform="`translate(${shape.at[0]} ${shape.at[1]}) scale(${half})`">
      <rect
        v-if="far"
        x="-1.16"
        y="-1.16"
        width="2.32"
        height="2.32"
        rx="0.2"
        fill="var(--color-wash)"
        stroke="var(--color-violet)"
        stroke-width="0.1"
      />
      <BoxSign
        :kind="box.kind"
        :holds-receptacle="holdsReceptacle"
        :lamp="lamp"
        :is-down="paddle === 'down'"
        v-bind="outline"
      />
    </g>
    <BoardLabel v-if="label" :label="label" :whole="box.label" />
  </g>
</template>

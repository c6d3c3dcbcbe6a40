<script setup lang="ts">
import { computed } from 'vue'
import { type Label, LINE, PIN } from './layout/labels'
import { wide } from './layout/letters'

/** Words at a box or along a run, where there is room for them; the whole of them while it is focused or under the hand. */
const props = withDefaults(defineProps<{ label: Label; whole?: string; mark?: string }>(), { whole: '', mark: '' })

const DROP = 0.82
const lines = computed(() => {
  let top = props.label.rect.y
  return props.label.lines.map((line) => {
    const own = { ...line, y: top + line.size * DROP, pins: line.pins ?? [] }
    top += line.size * LINE
    return own
  })
})
const first = computed(() => lines.value[0] ?? { size: 0, y: 0 })
const middle = computed(() => props.label.rect.x + props.label.rect.width / 2)
/** Rings stand before their line, which is in the middle together with them. */
const startOf = (line: { text: string; size: number; pins: readonly number[] }) =>
  middle.value - (wide(line.text, line.size) + line.pins.length * line.size * PIN) / 2
const ringAt = (line: { text: string; size: number; y: number; pins: readonly number[] }, i: number) => ({
  x: startOf(line) + (i + 0.45) * line.size * PIN,
  y: line.y - line.size * 0.34,
})
</script>

<template>
  <g fill="var(--color-ink)" stroke="none" data-label>
    <template v-for="(line, i) in lines" :key="i">
      <g v-for="(pin, k) in line.pins" :key="pin" data-pin-ring>
        <circle :cx="ringAt(line, k).x" :cy="ringAt(line, k).y" :r="line.size * 0.64" />
        <text
          :x="ringAt(line, k).x"
          :y="line.y"
          text-anchor="middle"
          :font-size="line.size * 0.94"
          fill="var(--color-paper)"
        >
          {{ pin }}
        </text>
      </g>
      <text
        :x="line.pins.length > 0 ? startOf(line) + line.pins.length * line.size * PIN : middle"
        :y="line.y"
        :text-anchor="line.pins.length > 0 ? 'start' : 'middle'"
        :font-size="line.size"
        :fill="line.isSoft ? 'var(--color-soft)' : 'var(--color-ink)'"
      >
        {{ i === 0 && mark ? `${mark} ` : '' }}{{ line.text }}
      </text>
    </template>
    <g v-if="label.isShort && whole" class="whole" aria-hidden="true">
      <rect
        :x="middle - wide(whole, first.size) / 2 - 4"
        :y="label.rect.y - 2"
        :width="wide(whole, first.size) + 8"
        :height="first.size * LINE + 4"
        fill="var(--color-wash)"
      />
      <text :x="middle" :y="first.y" text-anchor="middle" :font-size="first.size">{{ whole }}</text>
    </g>
  </g>
</template>

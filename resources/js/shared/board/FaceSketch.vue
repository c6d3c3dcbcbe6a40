<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { FaceLook } from '@/shared/api/generated/http'

const props = defineProps<{ face: FaceLook; turned: number; rear: boolean; large?: boolean }>()

const LETTER: Record<string, string> = {
  brass: say('shared.br'),
  dark: say('shared.dk'),
  silver: say('shared.si'),
  green: say('shared.gn'),
}
const MARGIN = 44
const size = computed(() => Math.max(props.face.width, props.face.height) + MARGIN)
const hung = computed(
  () =>
    `translate(${size.value / 2} ${size.value / 2}) rotate(${props.turned}) ${props.rear ? 'scale(-1 1)' : ''} translate(${-props.face.width / 2} ${-props.face.height / 2})`,
)
/** What is written stays upright and readable. */
const upright = computed(() =>
  say('shared.rear-rotate-turned', { rear: props.rear ? 'scale(-1 1)' : '', turned: -props.turned }),
)
const words = computed(() =>
  props.face.landings.map(({ finish, print, shape }) => `${finish} ${shape}${print ? ` ${print}` : ''}`),
)
</script>

<template>
  <svg
    :viewBox="`0 0 ${size} ${size}`"
    :class="large ? 'h-36 w-36' : 'h-20 w-20'"
    role="img"
    :aria-label="`${face.name}; ${words.join(', ')}`"
    data-test="sketch"
  >
    <g :transform="hung" stroke="var(--color-ink)" stroke-width="3" fill="var(--color-paper)">
      <rect :width="face.width" :height="face.height" rx="4" />
      <g v-for="(landing, i) in face.landings" :key="i" :transform="`translate(${landing.x} ${landing.y})`">
        <rect v-if="landing.shape === 'hole' || landing.shape === 'block'" x="-18" y="-16" width="36" height="32" />
        <circle v-else r="17" :fill="landing.finish === 'dark' ? 'var(--color-ink)' : 'var(--color-paper)'" />
        <g :transform="upright" stroke="none">
          <text
            y="8"
            text-anchor="middle"
            font-size="21"
            :fill="landing.finish === 'dark' ? 'var(--color-paper)' : 'var(--color-ink)'"
          >
            {{ landing.print || LETTER[landing.finish] || '' }}
          </text>
        </g>
      </g>
      <g v-if="face.print" :transform="`translate(${face.width / 2} ${face.height / 2}) ${upright}`" stroke="none">
        <text y="7" text-anchor="middle" font-size="19" fill="var(--color-ink)">{{ face.print }}</text>
      </g>
    </g>
  </svg>
</template>

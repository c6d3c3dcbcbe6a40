<script setup lang="ts">
/** What hangs in a box, as one sees it from across the room: drawn about its middle, one unit from there to its edge. */
withDefaults(
  defineProps<{
    kind: string
    holdsReceptacle?: boolean
    lamp?: 'on' | 'dim' | 'off' | 'flickers'
    isDown?: boolean
    outline: string
    outlineWidth: number
  }>(),
  { holdsReceptacle: false, lamp: undefined, isDown: false },
)
const RAYS = {
  on: { count: 8, d: 'M0 -1.12v-0.2' },
  flickers: { count: 8, d: 'M0 -1.12v-0.06m0 -0.08v-0.06' },
  dim: { count: 4, d: 'M0 -1.12v-0.12' },
}
</script>

<template>
  <g stroke="var(--color-ink)" stroke-width="0.1">
    <template v-if="kind === 'light-box' || kind === 'ceiling-rose'">
      <circle
        r="1"
        :fill="
          lamp === 'on' ? 'var(--color-sheet)' : lamp && lamp !== 'off' ? 'var(--color-paper)' : 'var(--color-face)'
        "
        :stroke="outline"
        :stroke-width="outlineWidth"
        data-box-shape
      />
      <path d="M-0.46 -0.46L0.46 0.46M-0.46 0.46L0.46 -0.46" />
      <g v-if="lamp && lamp !== 'off'" stroke-width="0.13">
        <path
          v-for="i in RAYS[lamp].count"
          :key="i"
          :transform="`rotate(${(i * 360) / RAYS[lamp].count})`"
          :d="RAYS[lamp].d"
        />
      </g>
    </template>
    <template v-else-if="kind === 'onward'">
      <path
        d="M-0.9 -0.34H0.1V-0.8L0.95 0L0.1 0.8V0.34H-0.9Z"
        fill="var(--color-paper)"
        :stroke="outline"
        :stroke-width="outlineWidth"
        data-box-shape
        data-sign="onward"
      />
    </template>
    <template v-else>
      <rect
        x="-0.88"
        y="-1"
        width="1.76"
        height="2"
        rx="0.12"
        fill="var(--color-paper)"
        :stroke="outline"
        :stroke-width="outlineWidth"
        data-box-shape
      />
      <path
        v-if="kind === 'supply'"
        d="M0.22 -0.56L-0.34 0.12H0L-0.22 0.62L0.36 -0.12H0.04Z"
        fill="var(--color-ink)"
        stroke="none"
      />
      <g v-else-if="holdsReceptacle" fill="var(--color-ink)" stroke="none" data-sign="receptacle">
        <rect x="-0.34" y="-0.5" width="0.16" height="0.5" />
        <rect x="0.18" y="-0.5" width="0.16" height="0.42" />
        <path d="M-0.16 0.56V0.36a0.16 0.16 0 0 1 0.32 0V0.56Z" />
      </g>
      <g v-else-if="kind === 'switch-box'" fill="none">
        <rect x="-0.3" y="-0.58" width="0.6" height="1.16" rx="0.1" />
        <rect x="-0.18" :y="isDown ? 0.06 : -0.46" width="0.36" height="0.4" fill="var(--color-ink)" />
      </g>
    </template>
  </g>
</template>

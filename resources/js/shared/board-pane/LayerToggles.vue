<script setup lang="ts">
import { say } from '@/shared/words/say'
import type { Layer } from '@/shared/api/generated/http'
import { LAYERS } from '@/shared/board/layers'

/** The names are the region's own. */
defineProps<{
  layers: Record<Layer, readonly string[]>
  names: Record<Layer, string>
  hidden: ReadonlySet<Layer>
}>()
defineEmits<{ toggle: [layer: Layer] }>()
</script>

<template>
  <div class="flex flex-wrap items-center gap-1" role="group" :aria-label="say('shared.layers')">
    <button
      v-for="layer in LAYERS"
      :key="layer"
      type="button"
      class="btn min-h-9 px-2.5 text-sm"
      :class="{ 'border-dashed text-soft': hidden.has(layer) }"
      :aria-pressed="!hidden.has(layer)"
      :data-layer="layer"
      @click="$emit('toggle', layer)"
    >
      {{ names[layer] }}
      <span class="font-normal">{{
        hidden.has(layer) ? say('shared.hidden-count-places', { count: layers[layer].length }) : say('shared.shown')
      }}</span>
    </button>
  </div>
</template>

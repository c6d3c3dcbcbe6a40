<script setup lang="ts">
import { computed } from 'vue'
import type { Board } from '@/shared/api/types'
import { devicesIn } from './drawing'

const props = defineProps<{ board: Board; box: Board['enclosures'][number]; kinds: Record<string, string> }>()
defineEmits<{
  rename: [label: string]
  walk: []
  point: [device: string]
  feed: []
  duplicate: []
  remove: []
  leave: []
}>()

const isSupply = computed(() => props.box.kind === 'supply')
const switches = computed(() =>
  devicesIn(props.board, props.box.id).filter(({ model }) => props.kinds[model] === 'switch'),
)
</script>

<template>
  <div class="flex flex-wrap items-center gap-2" role="group" :aria-label="`What to do with ${box.label ?? box.id}`">
    <input
      class="field w-56"
      aria-label="Name of this box"
      :value="box.label ?? box.id"
      maxlength="80"
      @change="$emit('rename', ($event.target as HTMLInputElement).value.trim() || box.id)"
    />
    <button type="button" class="btn px-3" @click="$emit('walk')">
      Walk a cable <span class="code text-violet" aria-hidden="true">W</span>
    </button>
    <button
      v-for="device in switches"
      :key="device.id"
      type="button"
      class="btn px-3"
      :data-point="device.id"
      @click="$emit('point', device.id)"
    >
      Point {{ switches.length > 1 ? device.id : '' }} to a light
      <span class="code text-violet" aria-hidden="true">P</span>
    </button>
    <button v-if="isSupply" type="button" class="btn px-3" @click="$emit('feed')">
      Feed another box <span class="code text-violet" aria-hidden="true">F</span>
    </button>
    <template v-else>
      <button type="button" class="btn px-3" @click="$emit('duplicate')">
        Another like it <span class="code text-violet" aria-hidden="true">D</span>
      </button>
      <button type="button" class="btn px-3" @click="$emit('remove')">Take it off the wall</button>
    </template>
    <button type="button" class="btn px-3" @click="$emit('leave')">Done</button>
  </div>
</template>

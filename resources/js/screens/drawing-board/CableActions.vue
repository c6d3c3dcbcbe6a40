<script setup lang="ts">
import type { Board, DrawingData } from '@/shared/api/types'

defineProps<{ cable: Board['cables'][number]; types: DrawingData['cableTypes'] }>()
defineEmits<{ retype: [type: string]; cut: []; leave: [] }>()
</script>

<template>
  <div class="flex flex-wrap items-center gap-2" role="group" :aria-label="`What to do with cable ${cable.id}`">
    <strong>Cable {{ cable.id }}</strong>
    <label class="flex items-center gap-2">
      is
      <select
        class="field w-auto"
        :value="cable.type"
        data-test="cable-type"
        @change="$emit('retype', ($event.target as HTMLSelectElement).value)"
      >
        <option v-for="type in types" :key="type.id" :value="type.id">{{ type.print }}</option>
      </select>
    </label>
    <button type="button" class="btn px-3" @click="$emit('cut')">Take it out</button>
    <button type="button" class="btn px-3" @click="$emit('leave')">Done</button>
  </div>
</template>

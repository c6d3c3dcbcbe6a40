<script setup lang="ts">
import { say } from '@/shared/words/say'
import type { AsBuilt } from '@/shared/api/generated/http'

defineProps<{ items: readonly AsBuilt['observations'][number][]; observed: Record<string, boolean> }>()
const emit = defineEmits<{ observe: [observed: Record<string, boolean>] }>()

const tell = (id: string, isGood: boolean) => emit('observe', { [id]: isGood })
</script>

<template>
  <section :aria-label="say('shared.inspection')">
    <h2 class="mb-1 text-lg font-bold">{{ say('shared.inspection') }}</h2>
    <p v-if="items.length === 0" class="text-soft">{{ say('shared.nothing-to-inspect-for-this') }}</p>
    <fieldset v-for="item in items" :key="item.what" class="mb-3" :data-observe="item.what">
      <legend>
        {{ item.text }} <span class="code">({{ item.of }})</span>
      </legend>
      <div class="mt-1 flex gap-2">
        <button
          v-for="[name, isGood] in [
            ['Yes', true],
            ['No', false],
          ] as const"
          :key="name"
          type="button"
          class="btn grow px-3"
          :class="observed[item.what] === isGood ? 'border-violet bg-wash' : ''"
          :aria-pressed="observed[item.what] === isGood"
          @click="tell(item.what, isGood)"
        >
          {{ observed[item.what] === isGood ? '● ' : '' }}{{ name }}
        </button>
      </div>
    </fieldset>
  </section>
</template>

<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { MaterialsData } from '@/shared/api/generated/http'
import ShelfField from './ShelfField.vue'

const props = defineProps<{ data: MaterialsData }>()
const emit = defineEmits<{ keep: [part: string, change: { price?: string; held?: string }] }>()
/** Each line with what is kept of its part on the shelf. */
const rows = computed(() =>
  props.data.materials.flatMap((row, i) => {
    const held = props.data.shelf[i]
    return held ? [{ row, held }] : []
  }),
)
</script>

<template>
  <table class="w-full border-collapse text-left">
    <caption class="mb-2 text-left text-soft">
      {{
        say('prepare.prices-and-stock-are-only')
      }}
    </caption>
    <thead>
      <tr class="border-b-2 border-ink">
        <th scope="col" class="py-1 pr-2">
          <span class="sr-only">{{ say('prepare.kind') }}</span>
        </th>
        <th scope="col" class="py-1 pr-2">{{ say('shared.conductor') }}</th>
        <th scope="col" class="py-1 pr-4 text-right">{{ say('prepare.how-many') }}</th>
        <th scope="col" class="w-44 py-1 pr-2">{{ say('prepare.price') }}</th>
        <th scope="col" class="py-1 pr-4 text-right">{{ say('prepare.cost') }}</th>
        <th scope="col" class="w-28 py-1 pr-2">{{ say('prepare.in-stock') }}</th>
        <th scope="col" class="py-1 text-right">{{ say('prepare.short') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="{ row, held } in rows" :key="held.part" class="border-b border-line" :data-part="held.part">
        <td class="pr-2 text-sm text-soft">{{ row.kind }}</td>
        <th scope="row" class="pr-2 font-normal">{{ row.what }}</th>
        <td class="pr-4 text-right font-bold">{{ row.amount }}</td>
        <td class="py-0.5 pr-2">
          <label class="flex w-36 items-center gap-1">
            <ShelfField
              :label="say('prepare.price-of-what', { what: row.what })"
              :value="held.price"
              step="0.01"
              @keep="(price) => emit('keep', held.part, { price })"
            />
            <span class="text-sm whitespace-nowrap text-soft">{{
              held.unit === 'each' ? say('prepare.each') : say('prepare.per-unit', { unit: held.unit })
            }}</span>
          </label>
        </td>
        <td class="pr-4 text-right" data-test="cost">{{ row.cost || '–' }}</td>
        <td class="py-0.5 pr-2">
          <ShelfField
            :label="say('prepare.in-stock-what', { what: row.what })"
            :value="held.held"
            step="any"
            @keep="(count) => emit('keep', held.part, { held: count })"
          />
        </td>
        <td class="text-right font-bold" data-test="short">{{ row.short ? `! ${row.short}` : '–' }}</td>
      </tr>
    </tbody>
  </table>
  <p v-if="data.total" class="mt-3 text-lg font-bold" data-test="total">{{ data.total }}</p>
</template>

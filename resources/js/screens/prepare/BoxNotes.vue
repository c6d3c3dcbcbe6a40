<script setup lang="ts">
import { say } from '@/shared/words/say'
import type { MaterialsData } from '@/shared/api/generated/http'
import DataTable from '@/shared/ui/DataTable.vue'

defineProps<{ data: MaterialsData }>()
</script>

<template>
  <div class="grid max-w-5xl grid-cols-2 gap-8">
    <section :aria-label="say('prepare.folding')">
      <h3 class="mb-1 text-lg font-bold">{{ say('prepare.folding-the-conductors-in-full') }}</h3>
      <p v-if="data.fold.length === 0" class="text-soft">{{ say('prepare.no-box-here-is-full') }}</p>
      <div v-for="box in data.fold" :key="box.box" class="mb-3">
        <h4 class="font-bold">{{ box.box }}</h4>
        <ol class="list-decimal pl-6">
          <li v-for="layer in box.layers" :key="layer">{{ layer }}</li>
        </ol>
      </div>
    </section>
    <div class="flex flex-col gap-6">
      <section
        v-for="rose in data.roses"
        :key="rose.rose"
        :aria-label="say('prepare.rose-rose', { rose: rose.rose })"
        data-test="rose"
      >
        <h3 class="mb-1 text-lg font-bold">{{ say('prepare.rose-at-rose', { rose: rose.rose }) }}</h3>
        <DataTable
          :caption="say('prepare.holes-taken-2')"
          :columns="['block', say('prepare.holes-taken')]"
          :rows="rose.blocks.map(Object.values)"
        />
        <p class="mt-2">{{ rose.dark }}</p>
      </section>
      <section v-if="data.onward.length > 0" :aria-label="say('prepare.beyond-the-board')" data-test="onward">
        <h3 class="mb-1 text-lg font-bold">{{ say('prepare.beyond-the-board') }}</h3>
        <p v-for="sentence in data.onward" :key="sentence" class="mb-2">{{ sentence }}</p>
      </section>
      <section :aria-label="say('prepare.unused-conductors')">
        <h3 class="mb-1 text-lg font-bold">{{ say('prepare.conductors-to-cap') }}</h3>
        <p v-if="data.spares.length === 0" class="text-soft">{{ say('prepare.every-conductor-is-used') }}</p>
        <DataTable
          v-else
          :caption="say('prepare.conductors-to-cap')"
          :columns="['box', 'ends']"
          :rows="data.spares.map(Object.values)"
        />
      </section>
      <section v-if="data.lookAlikes.length > 0" :aria-label="say('prepare.parts-not-to-buy')">
        <h3 class="mb-1 text-lg font-bold">{{ say('prepare.parts-not-to-buy') }}</h3>
        <p v-for="sentence in data.lookAlikes" :key="sentence" class="mb-2">{{ sentence }}</p>
      </section>
    </div>
  </div>
</template>

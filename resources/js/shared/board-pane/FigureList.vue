<script setup lang="ts">
import { say } from '@/shared/words/say'
import type { FigureBlock } from '@/shared/api/generated/http'

defineProps<{ blocks: readonly FigureBlock[] }>()

const signOf = (fits: boolean | null) => (fits === null ? '·' : fits ? '✓' : '✕')
</script>

<template>
  <div class="space-y-4 p-4" data-test="figures">
    <p v-if="blocks.length === 0" class="text-soft">{{ say('shared.nothing-to-calculate-for-this') }}</p>
    <section v-for="block in blocks" :key="block.title">
      <h3 class="font-bold">
        <span class="code mr-1" aria-hidden="true">{{ signOf(block.fits) }}</span>{{ block.title }}
      </h3>
      <table v-if="block.rows.length > 0" class="w-full">
        <tbody>
          <tr v-for="[what, figure] in block.rows" :key="what" class="border-b border-line align-top">
            <th scope="row" class="py-1 pr-3 text-left font-normal text-soft">{{ what }}</th>
            <td class="py-1 text-right">{{ figure }}</td>
          </tr>
        </tbody>
      </table>
      <p v-if="block.note" class="mt-1">{{ block.note }}</p>
    </section>
  </div>
</template>

<script setup lang="ts">
import type { GradeData } from '@/shared/api/generated/http'

/** A mark line by line, each with the findings that it rests on. */
defineProps<{ mark: GradeData; changeable?: boolean }>()
defineEmits<{ change: [key: string] }>()
</script>

<template>
  <div data-test="mark">
    <p class="text-2xl font-bold">
      <span class="code">{{ mark.got }} of {{ mark.total }}</span>
      {{ mark.isOpen ? 'so far' : mark.passes ? '· passed' : '· not passed' }}
      <button v-if="changeable" type="button" class="btn-quiet text-base font-normal" @click="$emit('change', 'total')">
        Change by hand
      </button>
    </p>
    <p v-if="mark.byHand" class="border-l-3 border-violet pl-2" data-test="by-hand">
      By hand, worked out {{ mark.byHand.was ?? '…' }}: {{ mark.byHand.why }}
    </p>
    <p class="text-soft">Pass mark {{ mark.passMark }}.</p>
    <p v-if="mark.critical" class="mt-2 flex gap-2 border-2 border-ink p-2 font-bold" data-test="critical">
      <span class="hazard h-5 w-8 shrink-0 border border-ink" aria-hidden="true" />{{ mark.critical }}
    </p>
    <table class="mt-3 w-full border-collapse text-left">
      <caption class="sr-only">
        The mark, line by line
      </caption>
      <thead>
        <tr class="border-b-2 border-ink">
          <th scope="col" class="py-1 pr-3">why</th>
          <th scope="col" class="py-1 text-right whitespace-nowrap">points</th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="(line, i) in mark.lines"
          :key="i"
          class="border-b border-line align-top"
          :data-line="line.what || line.part"
        >
          <td class="py-1.5 pr-3">
            {{ line.text }}
            <span v-if="line.byHand" class="block border-l-3 border-violet pl-2 text-sm"
              >By hand, worked out {{ line.byHand.was ?? '…' }}: {{ line.byHand.why }}</span
            >
            <span v-for="finding in line.findings" :key="finding" class="block border-l-2 border-ink pl-2 text-sm">{{
              finding
            }}</span>
          </td>
          <td class="code py-1.5 text-right whitespace-nowrap">
            <button
              v-if="changeable"
              type="button"
              class="min-h-9 cursor-pointer underline-offset-4 hover:text-violet hover:underline"
              :aria-label="`Change by hand: ${line.text}, ${line.got ?? 'open'} of ${line.of}`"
              @click="$emit('change', line.key)"
            >
              {{ line.got ?? '…' }} of {{ line.of }}
            </button>
            <template v-else>{{ line.got ?? '…' }} of {{ line.of }}</template>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

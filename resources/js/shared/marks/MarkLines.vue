<script setup lang="ts">
import { say } from '@/shared/words/say'
import type { GradeData } from '@/shared/api/generated/http'

/** A mark line by line, each with the findings that it rests on. */
defineProps<{ mark: GradeData; changeable?: boolean }>()
defineEmits<{ change: [key: string] }>()
</script>

<template>
  <div data-test="mark">
    <p class="text-2xl font-bold">
      <span class="code">{{ say('shared.got-of-total', { got: mark.got, total: mark.total }) }}</span>
      {{ mark.isOpen ? say('shared.so-far') : mark.passes ? say('shared.passed') : say('shared.not-passed') }}
      <button v-if="changeable" type="button" class="btn-quiet text-base font-normal" @click="$emit('change', 'total')">
        {{ say('shared.change-by-hand') }}
      </button>
    </p>
    <p v-if="mark.byHand" class="border-l-3 border-violet pl-2" data-test="by-hand">
      {{ say('shared.by-hand-calculated-was-why', { was: mark.byHand.was ?? '…', why: mark.byHand.why }) }}
    </p>
    <p class="text-soft">{{ say('shared.pass-mark-passmark', { passMark: mark.passMark }) }}</p>
    <p v-if="mark.critical" class="mt-2 flex gap-2 border-2 border-ink p-2 font-bold" data-test="critical">
      <span class="hazard h-5 w-8 shrink-0 border border-ink" aria-hidden="true" />{{ mark.critical }}
    </p>
    <table class="mt-3 w-full border-collapse text-left">
      <caption class="sr-only">
        {{
          say('shared.the-mark-line-by-line')
        }}
      </caption>
      <thead>
        <tr class="border-b-2 border-ink">
          <th scope="col" class="py-1 pr-3">{{ say('shared.why') }}</th>
          <th scope="col" class="py-1 text-right whitespace-nowrap">{{ say('shared.points') }}</th>
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
            <span v-if="line.byHand" class="block border-l-3 border-violet pl-2 text-sm">{{
              say('shared.by-hand-calculated-was-why', { was: line.byHand.was ?? '…', why: line.byHand.why })
            }}</span>
            <span v-for="finding in line.findings" :key="finding" class="block border-l-2 border-ink pl-2 text-sm">{{
              finding
            }}</span>
          </td>
          <td class="code py-1.5 text-right whitespace-nowrap">
            <button
              v-if="changeable"
              type="button"
              class="min-h-9 cursor-pointer underline-offset-4 hover:text-violet hover:underline"
              :aria-label="
                say('shared.change-by-hand-text-got', {
                  text: line.text,
                  got: line.got ?? say('shared.open-2'),
                  of: line.of,
                })
              "
              @click="$emit('change', line.key)"
            >
              {{ say('shared.got-of-of', { got: line.got ?? '…', of: line.of }) }}
            </button>
            <template v-else>{{ say('shared.got-of-of', { got: line.got ?? '…', of: line.of }) }}</template>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

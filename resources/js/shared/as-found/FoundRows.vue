<script setup lang="ts">
import { say } from '@/shared/words/say'
import type { AsFoundBox, AsFoundSheet } from '@/shared/api/generated/http'
import ConductorStroke from '@/shared/board/ConductorStroke.vue'
import { typedIn } from '@/shared/ui/typed'

defineProps<{ box: AsFoundBox; marks: AsFoundSheet['marks'] }>()
defineEmits<{ write: [point: string, change: { lands?: string; mark?: string }] }>()
</script>

<template>
  <table class="w-full table-fixed border-collapse text-left max-md:block" data-test="found">
    <caption class="sr-only">
      {{
        say('shared.where-each-conductor-in-label', { label: box.label })
      }}
    </caption>
    <thead class="max-md:sr-only">
      <tr class="border-b-2 border-ink">
        <th scope="col" class="w-[44%] py-1 pr-3">{{ say('shared.conductor') }}</th>
        <th scope="col" class="py-1 pr-3">{{ say('shared.goes-to') }}</th>
        <th scope="col" class="w-[23%] py-1">{{ say('shared.tape-or-sleeve') }}</th>
      </tr>
    </thead>
    <tbody class="max-md:block">
      <tr
        v-for="row in box.rows"
        :key="row.point"
        class="border-b border-line max-md:grid max-md:grid-cols-[1fr_8rem] max-md:py-2"
        :data-row="row.point"
      >
        <th scope="row" class="py-1 pr-3 font-normal max-md:col-span-2">
          <span class="flex items-center gap-2">
            <svg v-if="row.colour" viewBox="0 0 40 16" class="h-4 w-10 shrink-0" aria-hidden="true">
              <ConductorStroke d="M7 8H33" :colour="row.colour" />
            </svg>
            <span v-if="row.flag" class="code">{{ row.flag }}</span>
            {{ row.name }}<span v-if="row.isFixed" class="text-soft">{{ say('shared.through-a-pigtail') }}</span>
          </span>
        </th>
        <td class="py-1 pr-3">
          <select
            class="field min-h-9"
            :aria-label="say('shared.where-name-goes', { name: row.name })"
            :value="row.lands"
            @change="$emit('write', row.point, { lands: typedIn($event) })"
          >
            <option value="">{{ row.isFixed ? say('shared.no-pigtail') : say('shared.nowhere-loose') }}</option>
            <template v-for="place in box.places" :key="place.id">
              <option v-if="place.id !== row.point" :value="place.id">{{ place.name }}</option>
            </template>
          </select>
        </td>
        <td class="py-1">
          <select
            v-if="row.isEnd"
            class="field min-h-9"
            :aria-label="say('shared.tape-or-sleeve-on-name', { name: row.name })"
            :value="row.mark"
            @change="$emit('write', row.point, { mark: typedIn($event) })"
          >
            <option value="">{{ say('shared.none') }}</option>
            <option v-for="mark in marks" :key="mark.id" :value="mark.id">{{ mark.name }}</option>
          </select>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<script setup lang="ts">
import { say } from '@/shared/words/say'
import { api } from '@/shared/api/api'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'

/** Who did what, when, from what to what, and why: only ever added to. */
const props = defineProps<{ assignment: number }>()
const { data, failure, load } = useLoaded(() => api.record(props.assignment))
const time = (at: string) => new Date(at).toLocaleString()

const HEADS = [
  say('record.when'),
  say('record.who'),
  say('record.what'),
  say('record.whose-work'),
  say('record.from'),
  say('record.to'),
  say('record.why'),
]
</script>

<template>
  <div class="screen">
    <TopBar :title="say('record.record')" :crumb="{ to: `/marks/${assignment}`, name: say('shared.marks') }" />
    <LoadState v-if="!data" :failure="failure" :what="say('record.the-record')" @again="load" />
    <main v-else class="min-h-0 grow overflow-auto p-5 max-md:px-2" tabindex="0" :aria-label="say('record.the-record')">
      <p v-if="data.length === 0" class="p-6 text-soft">{{ say('record.nothing-on-record-yet') }}</p>
      <table v-else class="w-full border-collapse text-left">
        <caption class="pb-2 text-left text-soft">
          {{
            say('record.newest-first-entries-are-never')
          }}
        </caption>
        <thead>
          <tr class="border-b-2 border-ink">
            <th v-for="head in HEADS" :key="head" scope="col" class="py-1 pr-4 max-md:hidden">
              {{ head }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="(line, i) in data"
            :key="i"
            class="border-b border-line align-top max-md:flex max-md:flex-wrap max-md:py-1"
          >
            <td class="pr-4 whitespace-nowrap md:py-1">{{ time(line.at) }}</td>
            <td class="pr-4">{{ line.who || say('record.the-clock') }}</td>
            <td class="pr-4 font-bold">{{ line.what }}</td>
            <td class="pr-4">{{ line.trainee }}</td>
            <td class="pr-4 break-words">{{ line.from }}</td>
            <td class="pr-4 break-words">
              <span v-if="line.to" class="md:hidden" aria-hidden="true">→ </span>{{ line.to }}
            </td>
            <td>{{ line.why }}</td>
          </tr>
        </tbody>
      </table>
    </main>
  </div>
</template>

<script setup lang="ts">
import { orSay } from '@/shared/api/orSay'
import { say, saySome } from '@/shared/words/say'
import { computed, ref, watch } from 'vue'
import { api } from '@/shared/api/api'
import type { WalkData } from '@/shared/api/generated/http'
import { lampWord } from '@/shared/board/lampStates'

/** Every combination by single flips: which are seen, what the lamps did, which flip comes next; and what would have passed. */
const props = defineProps<{ attempt: number; acts: number; isLive: boolean }>()
const emit = defineEmits<{ flip: [id: string]; signOff: []; trap: [data: WalkData] }>()
const walk = ref<WalkData | null>(null)
const failure = ref('')
const WORDS: Record<string, string> = { '1': lampWord('on'), d: lampWord('dim'), '0': lampWord('off'), '?': '–' }
const MOST_ROWS = 32
const rows = computed(() => Object.values(walk.value?.lamps ?? {})[0]?.length ?? 0)
const isDown = (state: number, i: number) =>
  walk.value !== null && (state & (1 << (walk.value.switches.length - 1 - i))) !== 0

let newest = 0
async function load() {
  const own = ++newest
  await orSay(failure, async () => {
    const found = await api.walk(props.attempt)
    if (own === newest) walk.value = found
    failure.value = ''
  })
}
watch(() => props.acts, load, { immediate: true })
</script>

<template>
  <div class="p-3" data-test="walk">
    <p v-if="failure" role="alert">{{ failure }}</p>
    <template v-if="walk">
      <p class="mb-2" role="status">
        <strong class="code text-xl" data-test="seen">{{ walk.seen }}/{{ rows }}</strong>
        {{ saySome('prove.combinations-checked-in-one-flip', walk.flips.length) }}
        <template v-if="!isLive">{{ say('prove.switch-on-first') }}</template>
      </p>
      <ol v-if="walk.answered.length > 0" class="mb-3 flex flex-wrap gap-x-3" data-test="answered">
        <li v-for="(id, i) in walk.flips" :key="i" class="code">
          {{ id }} {{ walk.answered[i] ? '✓' : '✕'
          }}<span class="sr-only">{{
            walk.answered[i] ? say('prove.the-light-changed') : say('prove.the-light-did-not-change')
          }}</span>
        </li>
      </ol>
      <button
        v-if="isLive && walk.next"
        type="button"
        class="btn-main mb-3 w-full"
        data-test="next-flip"
        @click="emit('flip', walk.next)"
      >
        {{ say('prove.next-flip-next', { next: walk.next }) }}
      </button>
      <button
        v-if="isLive && walk.flips.length > 0 && !walk.isSignedOff"
        type="button"
        class="mb-3 w-full"
        :class="walk.next ? 'btn' : 'btn-main'"
        data-test="sign-off"
        @click="emit('signOff')"
      >
        {{ say('prove.sign-it-off-it-is') }}
      </button>
      <section
        v-if="walk.report"
        class="mb-3 border-l-3 border-violet pl-2"
        :aria-label="say('prove.what-your-flips-would-have')"
      >
        <p class="font-bold" data-test="would-pass">{{ walk.report.sentence }}</p>
        <p v-if="walk.report.luck">{{ walk.report.luck }}</p>
        <ul v-if="walk.report.mistakes.length > 0" class="my-1 list-disc pl-5 text-sm">
          <li v-for="mistake in walk.report.mistakes" :key="mistake">{{ mistake }}</li>
        </ul>
        <p class="text-sm text-soft">
          {{
            say('prove.count-flips-cover-them-all', {
              count: walk.report.shortest.length,
              shortest: walk.report.shortest.join(', '),
            })
          }}
        </p>
        <button v-if="walk.report.trap" type="button" class="btn mt-2" data-test="to-trap" @click="emit('trap', walk)">
          {{ say('prove.prove-one-more-board') }}
        </button>
      </section>
      <p v-else-if="walk.isSignedOff" class="mb-3" data-test="signed-off">
        {{ say('prove.signed-off-youll-see-what') }}
      </p>
      <table class="w-full border-collapse text-center">
        <caption class="sr-only">
          {{
            say('prove.what-the-lamps-did-in')
          }}
        </caption>
        <thead>
          <tr class="border-b-2 border-ink">
            <th v-for="id in walk.switches" :key="id" scope="col" class="code">{{ id }}</th>
            <th v-for="(_, id) in walk.lamps" :key="id" scope="col" class="code">{{ id }}</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="row in Math.min(rows, MOST_ROWS)"
            :key="row"
            class="h-9 border-b border-line"
            :class="row - 1 === walk.state ? 'bg-wash' : ''"
          >
            <td v-for="(id, i) in walk.switches" :key="id">
              {{ isDown(row - 1, i) ? say('prove.down') : say('prove.up') }}
            </td>
            <td v-for="(letters, id) in walk.lamps" :key="id" class="code">{{ WORDS[letters[row - 1]!] }}</td>
          </tr>
        </tbody>
      </table>
      <p v-if="rows > MOST_ROWS" class="text-sm text-soft">
        {{ say('prove.what-more-combinations', { what: rows - MOST_ROWS }) }}
      </p>
    </template>
  </div>
</template>

<script setup lang="ts">
import { say, saySome } from '@/shared/words/say'
import { computed, ref, shallowRef } from 'vue'
import { api } from '@/shared/api/api'
import type { RosterRow, Slip } from '@/shared/api/generated/http'
import { useSending } from '@/shared/ui/useSending'

/** A list as one has it, looked at before anybody is added: all of them are, or nobody. */
const props = defineProps<{ classroom: number }>()
const emit = defineEmits<{ added: [slips: readonly Slip[]]; leave: [] }>()
const text = ref('')
const rows = shallowRef<readonly RosterRow[]>([])
const { busy, refusal, send } = useSending()
const fit = computed(() => rows.value.filter(({ fault }) => fault === null))
const faults = computed(() => rows.value.filter(({ fault }) => fault !== null))
const people = (count: number) => saySome('people.one-person-count-people', count)

const look = () =>
  send(async () => {
    rows.value = []
    rows.value = (await api.readRoster(props.classroom, { text: text.value })).rows
  })

const takeFile = (event: Event) =>
  send(async () => {
    const input = event.target as HTMLInputElement
    const file = input.files?.[0]
    input.value = ''
    if (!file) return
    rows.value = []
    const bytes = new Uint8Array(await file.arrayBuffer())
    const base64 = btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(''))
    rows.value = (await api.readRoster(props.classroom, { base64 })).rows
  })

const add = () =>
  send(async () => {
    const made = await api.addTrainees(
      props.classroom,
      fit.value.map(({ name, number, extraPercent }) => ({ name, number, extraPercent })),
    )
    emit('added', made.slips)
  })
</script>

<template>
  <section class="mb-6 border-y border-line py-4" :aria-label="say('people.add-people-2')">
    <div class="grid grid-cols-2 gap-6">
      <form @submit.prevent="look">
        <label class="block"
          ><span class="mb-1 block font-bold">{{ say('people.a-name-or-a-list') }}</span>
          <textarea
            v-model="text"
            class="field h-44 py-2"
            :placeholder="say('people.one-person-per-line-or')"
            data-test="roster"
          />
        </label>
        <div class="mt-2 flex flex-wrap items-center gap-2">
          <button type="submit" class="btn" :disabled="busy || !text.trim()">{{ say('people.check-the-list') }}</button>
          <label class="btn"
            >{{ say('people.choose-a-file')
            }}<input
              type="file"
              accept=".csv,.txt,.tsv,text/csv,text/plain"
              class="sr-only"
              data-test="roster-file"
              @change="takeFile"
          /></label>
          <button type="button" class="btn-quiet" @click="$emit('leave')">{{ say('people.not-now') }}</button>
        </div>
        <p v-if="refusal" role="alert" class="mt-2 border-l-3 border-ink pl-3">{{ refusal }}</p>
      </form>
      <div>
        <p v-if="rows.length === 0" class="text-soft">
          {{ say('people.check-the-list-here-before') }}
        </p>
        <template v-else>
          <div v-if="faults.length > 0" role="alert" class="mb-3 border-2 border-ink p-2" data-test="roster-faults">
            <p class="font-bold">
              {{ saySome('people.one-row-is-left-out', faults.length) }}
            </p>
            <ul>
              <li v-for="row in faults" :key="row.line" class="flex gap-3 py-0.5">
                <span class="code shrink-0 text-soft">{{ say('people.line-line', { line: row.line }) }}</span><span
                  >✕ {{ row.fault }}</span
                >
              </li>
            </ul>
          </div>
          <ul class="max-h-72 overflow-auto border-y border-line" data-test="roster-rows">
            <li v-for="row in fit" :key="row.line" class="flex gap-3 border-b border-line px-2 py-1">
              <span class="code w-8 shrink-0 text-soft">{{ row.line }}</span>
              <span class="grow"
                >{{ row.name }}<span v-if="row.extraPercent"> +{{ row.extraPercent }} %</span></span
              >
              <span v-if="row.number" class="code text-soft">{{ row.number }}</span>
            </li>
          </ul>
          <button type="button" class="btn-main mt-3" :disabled="busy || fit.length === 0" @click="add">
            {{
              busy
                ? say('people.making-count-codes', { count: fit.length })
                : say('people.add-people', { people: people(fit.length) })
            }}
          </button>
        </template>
      </div>
    </div>
  </section>
</template>

<script setup lang="ts">
import { orSay } from '@/shared/api/orSay'
import { say } from '@/shared/words/say'
import { computed, ref, watch } from 'vue'
import { api } from '@/shared/api/api'
import type { Enclosure, HelpData, TesterReading } from '@/shared/api/generated/http'
import { typedIn } from '@/shared/ui/typed'

/** The help that a coached task allows: a hint, what the cables carry, what the light does now, a tester in the open box. */
const props = defineProps<{ attempt: number; box: Enclosure; steps: number }>()
defineEmits<{ close: [] }>()

const help = ref<HelpData | null>(null)
const failure = ref('')
const one = ref('')
const other = ref('')
const down = ref<string[]>([])
const reading = ref<TesterReading | null>(null)
const places = computed(() => [
  ...props.box.ends.map(({ id, name }) => ({ id, name })),
  ...props.box.devices.flatMap((device) => device.landings.map(({ id, name }) => ({ id, name }))),
])
const LAMP: Record<string, string> = {
  '1': say('bench.lit'),
  d: say('bench.dim'),
  '0': say('bench.off'),
}
const rows = computed(() => {
  const { table, switches } = help.value ?? { table: null, switches: [] }
  if (!table) return []
  return [...table.trips].map((trip, state) => ({
    positions: switches
      .map((id, i) => `${id} ${(state >> (switches.length - 1 - i)) & 1 ? say('shared.down') : say('shared.up')}`)
      .join(', '),
    lamps: Object.entries(table.lamps).map(
      ([id, letters]) => `${id} ${trip === '-' ? (LAMP[letters[state]!] ?? '') : say('bench.off-it-trips')}`,
    ),
  }))
})

async function load() {
  await orSay(failure, async () => {
    help.value = await api.help(props.attempt)
    failure.value = ''
  })
}
watch(() => props.steps, load, { immediate: true })
watch([one, other, down, () => props.steps, () => props.box.id], () => (reading.value = null))

async function test() {
  await orSay(failure, async () => {
    reading.value = await api.test(props.attempt, one.value, other.value, down.value)
    failure.value = ''
  })
}
</script>

<template>
  <aside
    class="absolute inset-y-0 right-0 z-10 w-96 overflow-auto border-l-2 border-ink bg-paper p-4"
    :aria-label="say('bench.help')"
    data-test="coach"
  >
    <div class="mb-2 flex items-center justify-between">
      <h2 class="text-lg font-bold">{{ say('bench.help') }}</h2>
      <button type="button" class="btn px-3" @click="$emit('close')">{{ say('shared.close') }}</button>
    </div>
    <p v-if="failure" role="alert">{{ failure }}</p>
    <template v-if="help">
      <p v-if="help.hint" class="mb-3 border-l-4 border-violet pl-2" data-test="hint">{{ help.hint }}</p>
      <section v-if="help.labels" class="mb-3">
        <h3 class="font-bold">{{ say('bench.what-the-cables-carry') }}</h3>
        <p v-for="label in help.labels" :key="label.cable">
          <span class="code">{{ label.cable }}</span> {{ label.carries }}
        </p>
      </section>
      <section v-if="help.table" class="mb-3">
        <h3 class="font-bold">{{ say('bench.what-the-light-does-now') }}</h3>
        <p v-for="row in rows" :key="row.positions">{{ row.positions }}: {{ row.lamps.join(', ') }}</p>
      </section>
      <form v-if="help.hasTester" class="flex flex-col gap-2" @submit.prevent="test">
        <h3 class="font-bold">{{ say('bench.tester-in-label', { label: box.label }) }}</h3>
        <p class="text-sm text-soft">{{ say('bench.this-is-a-simulation-prove') }}</p>
        <label
          v-for="[name, model] in [
            ['one', one],
            ['other', other],
          ] as const"
          :key="name"
        >
          {{ name === 'one' ? say('bench.between') : say('bench.and') }}
          <select
            class="field"
            :value="model"
            :data-test="`probe-${name}`"
            @change="
              (event) => {
                const value = typedIn(event)
                if (name === 'one') one = value
                else other = value
              }
            "
          >
            <option v-for="place in places" :key="place.id" :value="place.id">{{ place.name }}</option>
          </select>
        </label>
        <label v-for="id in help.switches" :key="id" class="flex min-h-9 items-center gap-2">
          <input v-model="down" type="checkbox" :value="id" class="h-5 w-5 accent-violet" />{{
            say('bench.id-down', { id })
          }}
        </label>
        <button type="submit" class="btn" :disabled="!one || !other">{{ say('bench.read-it') }}</button>
        <p v-if="reading" class="font-bold" data-test="reading">
          {{
            reading.floats
              ? say('bench.supply-on-volt-v-a', { volt: reading.volt ?? '' })
              : say('bench.supply-on-volt-v', { volt: reading.volt ?? '' })
          }}
          {{
            reading.ohm === null
              ? say('bench.supply-off-open')
              : say('bench.supply-off-ohm', { ohm: Math.round(reading.ohm * 100) / 100 })
          }}
        </p>
      </form>
    </template>
  </aside>
</template>

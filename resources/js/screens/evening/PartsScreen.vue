<script setup lang="ts">
import { orSay } from '@/shared/api/orSay'
import { say } from '@/shared/words/say'
import { computed, ref } from 'vue'
import { api } from '@/shared/api/api'
import { useInAddress } from '@/shared/frame/useInAddress'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'
import { typedIn } from '@/shared/ui/typed'

/** Before the clock: every switch and lamp ohmed out, station by station, with one thumb. */
const props = defineProps<{ evening: number }>()
const { data, failure, load } = useLoaded(() => api.parts(props.evening))
const refusal = ref('')
const at = useInAddress('station', true)
const station = computed(
  () => data.value?.stations.find(({ id }) => id === at.value) ?? data.value?.stations[0] ?? null,
)
const leftAt = (id: string) => {
  const parts = data.value?.stations.find((one) => one.id === id)?.parts ?? []
  const bad = parts.filter(({ ok }) => ok === false).length
  const open = parts.filter(({ ok }) => ok === null).length
  return bad > 0 ? say('evening.bad-bad', { bad }) : open > 0 ? say('evening.open-left', { open }) : '✓'
}
async function tell(part: string, ok: boolean | null, note: string) {
  const at = station.value?.id
  if (!at) return
  await orSay(refusal, async () => {
    data.value = await api.keepPart(props.evening, { station: at, part, ok, note })
    refusal.value = ''
  })
}
</script>

<template>
  <div class="screen">
    <TopBar
      :title="say('evening.parts-title', { title: data?.title ?? '' })"
      :crumb="{ to: `/evening/${evening}`, name: say('evening.evening') }"
    />
    <LoadState v-if="!data || !station" :failure="failure" :what="say('evening.the-list-of-parts')" @again="load" />
    <main v-else class="panes grid-cols-[14rem_minmax(0,1fr)]">
      <nav
        class="min-h-0 overflow-auto border-r-2 border-ink max-md:flex max-md:overflow-x-auto"
        :aria-label="say('evening.stations')"
      >
        <button
          v-for="one in data.stations"
          :key="one.id"
          type="button"
          class="flex min-h-12 w-full items-center justify-between gap-2 border-b border-line px-4 text-left whitespace-nowrap max-md:w-auto"
          :class="one.id === station.id ? 'border-l-8 border-l-violet bg-wash font-bold' : ''"
          :aria-current="one.id === station.id"
          @click="at = one.id"
        >
          {{ one.label }} <span class="code text-soft">{{ leftAt(one.id) }}</span>
        </button>
      </nav>
      <section class="min-h-0 overflow-auto p-4" :aria-label="station.label" tabindex="0">
        <p class="mb-3 flex gap-2 text-sm">
          <span class="hazard h-5 w-8 shrink-0 border border-ink" aria-hidden="true" />{{
            say('evening.switch-off-lock-and-disconnect')
          }}
        </p>
        <p v-if="refusal" role="alert" class="mb-2 border-l-3 border-ink pl-3">{{ refusal }}</p>
        <fieldset
          v-for="part in station.parts"
          :key="part.id"
          class="mb-4 border-b border-line pb-3"
          :data-part="part.id"
        >
          <legend class="font-bold">{{ part.name }}</legend>
          <p class="text-sm text-soft">{{ part.should }}</p>
          <div class="mt-2 flex gap-2">
            <button
              v-for="[name, ok] in [
                [say('evening.good'), true],
                [say('evening.bad'), false],
              ] as const"
              :key="name"
              type="button"
              class="btn min-h-14 grow text-lg"
              :class="part.ok === ok ? 'border-violet bg-wash' : ''"
              :aria-pressed="part.ok === ok"
              @click="tell(part.id, part.ok === ok ? null : ok, part.note)"
            >
              {{ part.ok === ok ? '● ' : '' }}{{ name }}
            </button>
          </div>
          <input
            v-if="part.ok === false"
            class="field mt-2"
            maxlength="200"
            :placeholder="say('evening.what-is-wrong-with-it')"
            :aria-label="say('evening.what-is-wrong-with-name', { name: part.name })"
            :value="part.note"
            @change="tell(part.id, false, typedIn($event))"
          />
        </fieldset>
      </section>
    </main>
  </div>
</template>

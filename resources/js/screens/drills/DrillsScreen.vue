<script setup lang="ts">
import { orSay } from '@/shared/api/orSay'
import { say } from '@/shared/words/say'
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/shared/api/api'
import type { ClassDrills, DrillKind } from '@/shared/api/generated/http'
import { practices } from '@/shared/practices'
import { useSession } from '@/shared/stores/session'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'
import { useSending } from '@/shared/ui/useSending'
import DrillSign from './DrillSign.vue'

/** Short exercises to begin at once, what one has done, and for an instructor how a class stands. */
const KINDS: readonly { id: DrillKind; name: string; what: string }[] = [
  { id: 'device', name: say('drills.device-and-meter'), what: say('drills.which-switch-is-it-which') },
  { id: 'feed', name: say('drills.find-the-feed'), what: say('drills.a-full-box-live-you') },
  { id: 'drop', name: say('drills.find-the-switch-drop'), what: say('drills.a-light-box-dead-link') },
  { id: 'lamp', name: say('shared.what-does-the-light-do'), what: say('drills.you-get-the-switch-positions') },
  { id: 'jacket', name: say('drills.read-the-cable'), what: say('drills.what-is-in-it-what') },
]
const router = useRouter()
const session = useSession()
const practice = useLocalStorage('zwindle-drill-practice', 'na')
const { busy, refusal, send } = useSending()
const { data, failure, load } = useLoaded(async () => {
  const isInstructor = session.user?.role === 'instructor'
  const [own, classrooms] = await Promise.all([api.drills(), isInstructor ? api.classrooms() : Promise.resolve([])])
  return { own, classrooms }
})
const classroom = ref(0)
const rows = ref<readonly ClassDrills[]>([])
watch(data, (found) => (classroom.value ||= found?.classrooms[0]?.id ?? 0))
watch(classroom, async (id) => {
  if (!id) return
  await orSay(refusal, async () => {
    rows.value = await api.classDrills(id)
  })
})
const ended = computed(() => data.value?.own.filter(({ points }) => points !== null) ?? [])
const nameOf = (kind: DrillKind) => KINDS.find(({ id }) => id === kind)?.name ?? kind

async function begin(kind: DrillKind) {
  await send(async () => {
    const { id } = await api.beginDrill(kind, practice.value)
    await router.push(`/drill/${id}`)
  })
}
</script>

<template>
  <div class="screen">
    <TopBar :title="say('shared.drills')">
      <fieldset class="flex">
        <legend class="sr-only">{{ say('drills.practice') }}</legend>
        <label
          v-for="item in practices()"
          :key="item.id"
          class="flex min-h-10 cursor-pointer items-center border px-3 first-of-type:rounded-l-md last-of-type:rounded-r-md has-focus-visible:outline-3 has-focus-visible:outline-violet"
          :class="practice === item.id ? 'border-3 border-violet bg-wash font-bold' : 'border-soft'"
        >
          <input v-model="practice" type="radio" name="practice" class="sr-only" :value="item.id" />{{ item.name }}
        </label>
      </fieldset>
    </TopBar>
    <main class="mx-auto w-full max-w-6xl grow overflow-auto p-6">
      <p v-if="refusal" role="alert" class="mb-3 border-l-3 border-ink pl-3">{{ refusal }}</p>
      <ul class="mb-6 grid grid-cols-5 gap-3 max-lg:grid-cols-2 max-md:grid-cols-1">
        <li v-for="kind in KINDS" :key="kind.id">
          <button
            type="button"
            class="flex h-full w-full flex-col items-start gap-2 border-2 border-ink bg-face p-3 text-left hover:border-violet disabled:opacity-60"
            :disabled="busy"
            :data-drill="kind.id"
            @click="begin(kind.id)"
          >
            <DrillSign :kind="kind.id" />
            <strong>{{ kind.name }}</strong>
            <span class="text-sm">{{ kind.what }}</span>
          </button>
        </li>
      </ul>
      <LoadState v-if="!data" :failure="failure" :what="say('drills.your-drills')" @again="load" />
      <template v-else>
        <section v-if="data.classrooms.length > 0" class="mb-6" :aria-label="say('drills.the-class')">
          <div class="mb-2 flex items-center gap-3">
            <h2 class="text-xl font-bold">{{ say('drills.the-class') }}</h2>
            <select v-model="classroom" class="field w-auto" :aria-label="say('shared.class')">
              <option v-for="item in data.classrooms" :key="item.id" :value="item.id">{{ item.name }}</option>
            </select>
          </div>
          <table class="w-full border-collapse" data-test="class-drills">
            <thead>
              <tr class="border-b-2 border-ink text-left">
                <th scope="col" class="py-1">{{ say('drills.trainee') }}</th>
                <th v-for="kind in KINDS" :key="kind.id" scope="col" class="py-1 text-right">{{ kind.name }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="row in rows" :key="row.id" class="border-b border-line">
                <th scope="row" class="py-1 text-left font-normal">{{ row.name }}</th>
                <td v-for="kind in KINDS" :key="kind.id" class="code py-1 text-right">
                  {{ row.kinds[kind.id] ? say('drills.best-most-mean-mean-of', { ...row.kinds[kind.id] }) : '–' }}
                </td>
              </tr>
            </tbody>
          </table>
        </section>
        <h2 class="mb-2 text-xl font-bold">{{ say('drills.your-drills') }}</h2>
        <p v-if="ended.length === 0" class="text-soft">{{ say('drills.none-yet-start-one-above') }}</p>
        <ul class="divide-y divide-line border-y border-line">
          <li v-for="line in ended" :key="line.id">
            <RouterLink :to="`/drill/${line.id}`" class="flex min-h-11 items-center gap-4 hover:text-violet">
              <span class="grow">{{ nameOf(line.kind) }}</span>
              <span class="code">{{ line.points }}/100</span>
              <span v-if="line.best !== null" class="code text-soft">{{
                say('drills.used-readings-shortest-possible-best', { used: line.used, best: line.best })
              }}</span>
              <span class="code w-16 text-right text-soft">{{ line.seconds }} s</span>
            </RouterLink>
          </li>
        </ul>
      </template>
    </main>
  </div>
</template>

<script setup lang="ts">
import { say, saySome } from '@/shared/words/say'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/shared/api/client'
import { useOpenLeaf } from '@/shared/frame/useOpenLeaf'
import ClassSelect from '@/shared/ui/ClassSelect.vue'
import ConfirmBar from '@/shared/ui/ConfirmBar.vue'
import LoadState from '@/shared/ui/LoadState.vue'
import RowMenu from '@/shared/ui/RowMenu.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'
import PeopleList from './PeopleList.vue'
import RoomPlan from './RoomPlan.vue'
import TimeChart from './TimeChart.vue'
import { stationsInRows, useEvening } from './useEvening'

const props = defineProps<{ evening: number | null }>()
const router = useRouter()
const work = useEvening()
const { draft, plan, kept } = work
const { data, failure, load } = useLoaded(async () => {
  const [classrooms, tasks, evening] = await Promise.all([
    api.classrooms(),
    api.tasks(),
    props.evening === null ? null : api.evening(props.evening),
  ])
  return {
    classrooms: classrooms.filter(({ archived, trainees }) => !archived && trainees.length > 0),
    exams: tasks.filter(({ task }) => task.mode === 'exam'),
    evening,
  }
})
const LEAVES = ['times', 'room'] as const
const leaf = useOpenLeaf('look', LEAVES)

watch(data, (fresh) => {
  if (!fresh || draft.value) return
  const { evening, classrooms, exams } = fresh
  if (evening) return work.open(evening)
  const [classroom, exam] = [classrooms[0], exams[0]]
  if (!classroom || !exam) return
  const stations = stationsInRows(Math.min(12, Math.max(1, Math.ceil(classroom.trainees.length / 2))))
  work.start({
    classroom: classroom.id,
    task: exam.id,
    title: exam.task.title,
    startsAt: null,
    minutes: exam.task.minutes ?? 15,
    changeover: 3,
    variants: 4,
    stations,
    people: classroom.trainees.map(({ id, extraPercent }) => ({ trainee: id, extraPercent, notBefore: 0 })),
    retests: [],
    breaks: [],
    fixed: [],
  })
})

const classroom = computed(() => data.value?.classrooms.find(({ id }) => id === draft.value?.classroom) ?? null)
const names = computed(() =>
  Object.fromEntries(classroom.value?.trainees.map(({ id, name }) => [String(id), name]) ?? []),
)
const numberOf = (event: Event) => Math.max(0, Math.round(Number((event.target as HTMLInputElement).value)) || 0)
const change = (what: Partial<NonNullable<typeof draft.value>>) => {
  if (draft.value) draft.value = { ...draft.value, ...what }
}
function chooseClass(id: number) {
  const next = data.value?.classrooms.find((one) => one.id === id)
  if (!next) return
  change({
    classroom: id,
    people: next.trainees.map((trainee) => ({ trainee: trainee.id, extraPercent: trainee.extraPercent, notBefore: 0 })),
    retests: [],
    fixed: [],
  })
}
function countStations(count: number) {
  if (!draft.value) return
  const stations = stationsInRows(Math.min(60, count), draft.value.stations)
  const ids = new Set(stations.map(({ id }) => id))
  change({ stations, fixed: draft.value.fixed.filter(({ station }) => ids.has(station)) })
}
const pause = computed(() => draft.value?.breaks[0] ?? null)
const localStart = computed(() => {
  const at = draft.value?.startsAt
  if (!at) return ''
  const date = new Date(at)
  return new Date(date.getTime() - date.getTimezoneOffset() * 60_000).toISOString().slice(0, 16)
})
const proof = computed(() => {
  if (!plan.value) return ''
  const { minutes, atLeast } = plan.value
  return minutes === atLeast
    ? say('evening.the-shortest-possible')
    : say('evening.no-plan-can-finish-before', { atLeast })
})

async function keep() {
  const evening = await work.keep()
  if (evening && props.evening === null) await router.replace(`/evening/${evening.id}`)
}
const setting = ref(false)
async function set(isTwice = false) {
  if (setting.value) return
  setting.value = true
  const evening = await work.set(isTwice)
  setting.value = false
  if (evening) await router.push(`/wall/${evening.id}`)
}
const paper = computed(() =>
  kept.value
    ? (['list', 'slips', 'stations'] as const).map((page) => ({
        name: {
          list: say('evening.list-to-pin-up'),
          slips: say('evening.slips-one-per-person'),
          stations: say('evening.sheets-one-per-station'),
        }[page],
        run: () => window.open(api.eveningPaperOf(kept.value!.id, page)),
      }))
    : [],
)
</script>

<template>
  <div class="screen">
    <TopBar
      :title="draft?.title || say('evening.exam-evening')"
      :crumb="{ to: '/tonight', name: say('shared.tonight') }"
    >
      <template v-if="draft">
        <button type="button" class="btn" :disabled="!work.canUndo.value" @click="work.undo">
          {{ say('shared.undo') }}
        </button>
        <RowMenu v-if="paper.length > 0" :label="say('shared.print')" :items="paper" named />
        <RouterLink v-if="kept" :to="`/parts/${kept.id}`" class="btn">{{ say('evening.check-parts') }}</RouterLink>
        <button type="button" class="btn" @click="keep">{{ say('evening.save') }}</button>
        <RouterLink v-if="kept?.assignment" :to="`/wall/${kept.id}`" class="btn-main">{{
          say('evening.the-wall')
        }}</RouterLink>
        <button v-else type="button" class="btn-main" :disabled="setting" @click="set()">
          {{ setting ? say('evening.setting') : say('evening.set-this-exam') }}
        </button>
      </template>
    </TopBar>
    <ConfirmBar
      v-if="work.twice.why.value"
      :label="say('evening.set-already')"
      :yes="say('evening.set-it-again')"
      :busy-word="say('evening.setting')"
      :no="say('shared.cancel')"
      :busy="setting"
      @yes="set(true)"
      @no="work.twice.drop"
      >{{ work.twice.why.value }}</ConfirmBar
    >
    <LoadState v-if="!data" :failure="failure" :what="say('evening.the-evening')" @again="load" />
    <main v-else-if="!draft" class="mx-auto max-w-xl p-10">
      <h2 class="mb-2 text-xl font-bold">{{ say('evening.you-need-a-class-and') }}</h2>
      <p class="mb-5">
        {{ data.classrooms.length === 0 ? say('evening.add-people-to-a-class') : say('evening.make-a-task-on-any') }}
      </p>
      <RouterLink :to="data.classrooms.length === 0 ? '/people' : '/boards?for=task'" class="btn-main">{{
        data.classrooms.length === 0 ? say('shared.people') : say('evening.make-a-task')
      }}</RouterLink>
    </main>
    <main v-else class="panes grid-cols-[23rem_minmax(0,1fr)]">
      <section
        class="flex min-h-0 flex-col gap-3 overflow-auto border-r-2 border-ink p-4"
        :aria-label="say('evening.the-evenings-settings')"
      >
        <label
          >{{ say('evening.exam') }}
          <select
            class="field"
            :value="draft.task"
            :disabled="kept?.assignment != null"
            @change="change({ task: numberOf($event) })"
          >
            <option v-for="exam in data.exams" :key="exam.id" :value="exam.id">{{ exam.task.title }}</option>
          </select></label
        >
        <label
          >{{ say('shared.class') }}
          <ClassSelect
            class="w-full"
            :model-value="draft.classroom"
            :classes="data.classrooms"
            :disabled="kept !== null"
            @update:model-value="chooseClass"
        /></label>
        <label
          >{{ say('shared.name') }}
          <input
            class="field"
            maxlength="200"
            :value="draft.title"
            @change="change({ title: ($event.target as HTMLInputElement).value || draft!.title })"
        /></label>
        <label
          >{{ say('evening.starts-at') }}
          <input
            type="datetime-local"
            class="field"
            :value="localStart"
            @change="
              change({
                startsAt: ($event.target as HTMLInputElement).value
                  ? new Date(($event.target as HTMLInputElement).value).toISOString()
                  : null,
              })
            "
        /></label>
        <div class="grid grid-cols-2 gap-3">
          <label
            >{{ say('evening.stations') }}
            <input
              type="number"
              min="1"
              max="60"
              class="field"
              data-test="stations"
              :value="draft.stations.length"
              @change="countStations(numberOf($event))"
          /></label>
          <label
            >{{ say('evening.minutes-each') }}
            <input
              type="number"
              min="1"
              max="480"
              class="field"
              data-test="minutes"
              :value="draft.minutes"
              @change="change({ minutes: Math.max(1, numberOf($event)) })"
          /></label>
          <label
            >{{ say('evening.changeover-min') }}
            <input
              type="number"
              min="0"
              max="120"
              class="field"
              :value="draft.changeover"
              @change="change({ changeover: numberOf($event) })"
          /></label>
          <label
            >{{ say('evening.variants') }}
            <input
              type="number"
              min="1"
              max="200"
              class="field"
              :value="draft.variants"
              @change="change({ variants: Math.max(1, numberOf($event)) })"
          /></label>
        </div>
        <fieldset class="grid grid-cols-2 gap-3">
          <legend class="col-span-2">{{ say('evening.break-minutes-from-the-start') }}</legend>
          <label
            >{{ say('evening.from') }}
            <input
              type="number"
              min="0"
              max="1440"
              class="field"
              :value="pause?.from ?? ''"
              @change="
                change({
                  breaks:
                    ($event.target as HTMLInputElement).value === ''
                      ? []
                      : [
                          {
                            from: numberOf($event),
                            to: Math.max(numberOf($event) + 1, pause?.to ?? numberOf($event) + 15),
                          },
                        ],
                })
              "
          /></label>
          <label
            >{{ say('evening.to') }}
            <input
              type="number"
              min="0"
              max="1440"
              class="field"
              :disabled="!pause"
              :value="pause?.to ?? ''"
              @change="
                pause && change({ breaks: [{ from: pause.from, to: Math.max(pause.from + 1, numberOf($event)) }] })
              "
          /></label>
        </fieldset>
        <PeopleList v-if="classroom" :classroom="classroom" :draft="draft" @change="change" />
      </section>
      <section class="flex min-h-0 flex-col" :aria-label="say('evening.the-plan')">
        <div class="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line px-4 py-2">
          <p role="status" data-test="sum">
            <template v-if="plan"
              ><strong class="text-xl">{{ say('evening.minutes-min', { minutes: plan.minutes }) }}</strong>
              {{ saySome('evening.for-one-sitting-proof-for', plan.sittings.length, { proof }) }}
              {{ work.cost.value }}</template
            >
            <template v-if="work.isPlanning.value"> {{ say('evening.planning') }}</template>
          </p>
          <span class="grow" />
          <div class="flex" role="group" :aria-label="say('evening.look-at')">
            <button
              v-for="(name, i) in [say('evening.times'), say('evening.room')]"
              :key="name"
              type="button"
              class="btn min-h-9 px-3"
              :class="leaf === i ? 'border-violet bg-wash' : ''"
              :aria-pressed="leaf === i"
              @click="leaf = i"
            >
              {{ name }}
            </button>
          </div>
        </div>
        <p v-if="work.failure.value" role="alert" class="border-b-2 border-ink px-4 py-2">{{ work.failure.value }}</p>
        <ul v-if="plan && plan.conflicts.length > 0" class="border-b border-line px-4 py-2" data-test="conflicts">
          <li v-for="(conflict, i) in plan.conflicts" :key="i">▲ {{ conflict.message }}</li>
        </ul>
        <RoomPlan v-if="leaf === 1" :stations="draft.stations" @change="(stations) => change({ stations })" />
        <template v-else-if="plan">
          <TimeChart :draft="draft" :plan="plan" :names="names" @put="work.put" @let-go="work.letGo" />
          <p class="border-t border-line px-4 py-2 text-sm text-soft">
            {{ say('evening.drag-a-sitting-or-move') }}
          </p>
        </template>
      </section>
    </main>
  </div>
</template>

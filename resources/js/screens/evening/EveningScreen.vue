<script setup lang="ts">
import { say, saySome } from '@/shared/words/say'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/shared/api/api'
import { downloads } from '@/shared/api/downloads'
import { useOpenLeaf } from '@/shared/frame/useOpenLeaf'
import ConfirmBar from '@/shared/ui/ConfirmBar.vue'
import LoadState from '@/shared/ui/LoadState.vue'
import RowMenu from '@/shared/ui/RowMenu.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'
import EveningSettings from './EveningSettings.vue'
import RoomPlan from './RoomPlan.vue'
import TimeChart from './TimeChart.vue'
import { useEvening } from './useEvening'
import { useEveningForm } from './useEveningForm'

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

const form = useEveningForm(work, data)
const { names, change, proof } = form

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
        run: () => window.open(downloads.eveningPaperOf(kept.value!.id, page)),
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
      <EveningSettings :form="form" :draft="draft" :kept="kept" :choices="data" />
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

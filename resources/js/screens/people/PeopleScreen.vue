<script setup lang="ts">
import { orSay } from '@/shared/api/orSay'
import { say, saySome } from '@/shared/words/say'
import { computed, ref, shallowRef } from 'vue'
import { api } from '@/shared/api/api'
import type { Classroom, Slip, Trainee } from '@/shared/api/generated/http'
import { useInAddress } from '@/shared/frame/useInAddress'
import { useSession } from '@/shared/stores/session'
import LoadState from '@/shared/ui/LoadState.vue'
import RowMenu from '@/shared/ui/RowMenu.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import UndoBar from '@/shared/ui/UndoBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'
import AddPeople from './AddPeople.vue'
import ClassList from './ClassList.vue'
import PersonRow from './PersonRow.vue'
import SlipSheet from './SlipSheet.vue'
import { typedIn } from '@/shared/ui/typed'

const session = useSession()
const { data, failure, load } = useLoaded(async () => {
  const [classes, instructors] = await Promise.all([api.classrooms(), api.instructors()])
  return { classes, instructors: instructors.filter(({ id }) => id !== session.user?.id) }
})
const inAddress = useInAddress('class')
const person = useInAddress('person', true)
const adding = useInAddress('add')
const slips = shallowRef<readonly Slip[]>([])
const refusal = ref('')
const undo = shallowRef<{ says: string; run: () => Promise<unknown> } | null>(null)
const open = computed(
  () =>
    data.value?.classes.find(({ id }) => String(id) === inAddress.value) ??
    data.value?.classes.find(({ archived }) => !archived) ??
    null,
)
const others = computed(
  () => data.value?.classes.filter(({ id, archived }) => id !== open.value?.id && !archived) ?? [],
)

async function tried(work: () => Promise<unknown>) {
  refusal.value = ''
  await orSay(refusal, async () => {
    await work()
  })
  await load()
}

/** What is done in the class that is open. */
const inClass = (work: (open: Classroom) => Promise<unknown>) => tried(async () => open.value && work(open.value))

const addClass = (name: string) =>
  tried(async () => {
    const made = await api.addClass(name)
    inAddress.value = String(made.id)
  })

const renameClass = (name: string) => inClass(({ id }) => api.changeClass(id, { name }))
const endTerm = (endsOn: string) => inClass(({ id }) => api.changeClass(id, { endsOn: endsOn || null }))
const archive = () => inClass(({ id, archived }) => api.changeClass(id, { archived: !archived }))
const invite = (name: string) => tried(async () => (slips.value = [await api.invite(name)]))
const share = (id: number, on: boolean) => inClass((open) => api.shareClass(open.id, id, on))

const change = (trainee: Trainee, what: { name?: string; extraPercent?: number; number?: string | null }) =>
  tried(() =>
    api.changeTrainee(trainee.id, { seen: { name: trainee.name, extraPercent: trainee.extraPercent }, ...what }),
  )
const newCode = (trainee: Trainee) => tried(async () => (slips.value = [await api.newCode(trainee.id)]))

const move = (trainee: Trainee, to: number) =>
  inClass(async (from) => {
    await api.moveTrainee(from.id, trainee.id, to)
    const there = others.value.find(({ id }) => id === to)?.name ?? say('people.the-other-class')
    undo.value = {
      says: say('people.name-is-now-in-there', { name: trainee.name, there }),
      run: () => api.moveTrainee(to, trainee.id, from.id),
    }
  })
const remove = (trainee: Trainee) =>
  inClass(async ({ id: from }) => {
    await api.removeTrainee(from, trainee.id)
    undo.value = {
      says: say('people.name-is-out-of-the', { name: trainee.name }),
      run: () => api.moveTrainee(from, trainee.id, from),
    }
  })
const takeBack = () =>
  tried(async () => {
    await undo.value?.run()
    undo.value = null
  })

async function added(made: readonly Slip[]) {
  adding.value = ''
  slips.value = made
  await load()
}

const classItems = computed(() => {
  if (!open.value) return []
  const with_ = new Set(open.value.sharedWith.map(({ id }) => id))
  return [
    ...(open.value.isMine
      ? (data.value?.instructors.map((one) => ({
          name: with_.has(one.id)
            ? say('people.stop-sharing-with-name', { name: one.name })
            : say('people.share-with-name', { name: one.name }),
          run: () => share(one.id, !with_.has(one.id)),
        })) ?? [])
      : []),
    {
      name: open.value.archived ? say('people.take-out-of-the-archive') : say('people.archive-the-class'),
      run: archive,
    },
  ]
})
</script>

<template>
  <div class="screen">
    <TopBar :title="say('shared.people')" />
    <p v-if="refusal" role="alert" class="border-b border-line px-6 py-2 font-bold">{{ refusal }}</p>
    <UndoBar v-if="undo" :says="undo.says" @undo="takeBack" @dismiss="undo = null" />
    <LoadState v-if="!data" :failure="failure" :what="say('people.the-people')" @again="load" />
    <main v-else class="panes grid-cols-[minmax(15rem,26fr)_minmax(0,74fr)]">
      <ClassList
        :classes="data.classes"
        :open="open?.id ?? null"
        :adding="adding === 'class' || data.classes.length === 0"
        @open="(id) => ((inAddress = String(id)), (adding = ''))"
        @add="addClass"
        @invite="invite"
      />
      <section v-if="!open" class="p-10">
        <h2 class="mb-2 text-xl font-bold">{{ say('people.no-class-yet') }}</h2>
        <p>{{ say('people.name-it-on-the-left') }}</p>
      </section>
      <section v-else class="flex min-h-0 flex-col overflow-auto p-6" :aria-label="open.name">
        <header class="mb-4 flex flex-wrap items-center gap-3">
          <input
            class="min-h-11 min-w-64 grow rounded-md bg-transparent text-2xl font-bold hover:underline"
            :aria-label="say('people.name-of-the-class')"
            :value="open.name"
            maxlength="80"
            @change="renameClass(typedIn($event))"
          />
          <p class="text-soft">
            {{ saySome('people.one-person-count-people', open.trainees.length)
            }}{{
              open.sharedWith.length > 0
                ? say('people.shared-with-sharedwith', {
                    sharedWith: open.sharedWith.map(({ name }) => name).join(', '),
                  })
                : ''
            }}{{ open.archived ? say('people.archived-2') : '' }}
          </p>
          <label v-if="!open.archived" class="flex items-center gap-2"
            >{{ say('people.term-ends') }}
            <input
              class="field min-h-11 w-auto"
              type="date"
              :value="open.endsOn ?? ''"
              data-test="term-end"
              @change="endTerm(typedIn($event))"
          /></label>
          <RowMenu :label="open.name" :items="classItems" />
          <button v-if="adding !== 'people'" type="button" class="btn-main" @click="adding = 'people'">
            {{ say('people.add-people-2') }}
          </button>
        </header>
        <AddPeople
          v-if="adding === 'people' || open.trainees.length === 0"
          :key="open.id"
          :classroom="open.id"
          @added="added"
          @leave="adding = ''"
        />
        <table v-if="open.trainees.length > 0" class="w-full border-collapse text-left">
          <thead>
            <tr class="border-b border-soft">
              <th scope="col" class="py-1 pr-3">{{ say('shared.name') }}</th>
              <th scope="col" class="hidden pr-3 sm:table-cell">{{ say('people.signs-in-as') }}</th>
              <th scope="col" class="pr-3">{{ say('people.extra-time') }}</th>
              <th scope="col" class="pr-3">{{ say('people.student-number') }}</th>
              <th scope="col">
                <span class="sr-only">{{ say('people.more') }}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            <PersonRow
              v-for="trainee in open.trainees"
              :key="trainee.id"
              :trainee="trainee"
              :others="others"
              :lit="person === String(trainee.id)"
              @change="(what) => change(trainee, what)"
              @code="newCode(trainee)"
              @move="(to) => move(trainee, to)"
              @remove="remove(trainee)"
            />
          </tbody>
        </table>
      </section>
    </main>
    <SlipSheet v-if="slips.length > 0" :slips="slips" @leave="slips = []" />
  </div>
</template>

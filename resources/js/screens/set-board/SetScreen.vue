<script setup lang="ts">
import { say, saySome } from '@/shared/words/say'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api } from '@/shared/api/api'
import BoardThumb from '@/shared/board/BoardThumb.vue'
import ClassSelect from '@/shared/ui/ClassSelect.vue'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import { useLoaded } from '@/shared/ui/useLoaded'
import { useSending } from '@/shared/ui/useSending'

const props = defineProps<{ boardFile: number }>()
const router = useRouter()
const { data, failure, load } = useLoaded(async () => {
  const [board, classrooms] = await Promise.all([api.boardFile(props.boardFile), api.classrooms()])
  return { board, classrooms: classrooms.filter(({ archived }) => !archived) }
})
const classroomId = ref<number | null>(null)
const trainees = ref<number[]>([])
const minutes = ref<number | null>(null)
const { busy, refusal, send } = useSending()
const classroom = computed(
  () => data.value?.classrooms.find(({ id }) => id === classroomId.value) ?? data.value?.classrooms[0] ?? null,
)

watch(classroom, (fresh) => (trainees.value = fresh?.trainees.map(({ id }) => id) ?? []))

async function set() {
  const id = classroom.value?.id
  if (id === undefined) return
  await send(async () => {
    const made = await api.assign({
      classroom: id,
      boardFile: props.boardFile,
      trainees: trainees.value,
      minutes: minutes.value,
    })
    await router.push(`/tonight?assignment=${made.id}`)
  })
}
</script>

<template>
  <div class="screen">
    <TopBar
      :title="data ? say('set-board.set-title', { title: data.board.title }) : say('set-board.set-a-board')"
      :board="boardFile"
    />
    <LoadState v-if="!data" :failure="failure" :what="say('shared.the-board')" @again="load" />
    <main v-else class="mx-auto grid min-h-0 w-full max-w-5xl grow grid-cols-2 gap-8 overflow-auto p-6">
      <section :aria-label="say('shared.the-board')">
        <div class="h-56 border border-line bg-face p-2"><BoardThumb :sketch="data.board.sketch" /></div>
        <p class="mt-3">{{ data.board.brief }}</p>
        <p class="mt-3 text-soft">
          {{ say('set-board.for-marks-or-a-variant') }}
          <RouterLink :to="`/task/${boardFile}`" class="underline">{{
            say('set-board.make-a-task-from-it')
          }}</RouterLink>.
        </p>
      </section>
      <div v-if="data.classrooms.length === 0">
        <h2 class="mb-2 text-xl font-bold">{{ say('set-board.there-is-no-class-yet') }}</h2>
        <RouterLink to="/people?add=class" class="btn-main">{{ say('set-board.make-a-class') }}</RouterLink>
      </div>
      <form v-else class="flex flex-col gap-4" @submit.prevent="set">
        <p v-if="refusal" role="alert" class="border-l-3 border-ink pl-3">{{ refusal }}</p>
        <label class="block"
          ><span class="mb-1 block font-bold">{{ say('shared.class') }}</span>
          <ClassSelect
            class="w-full"
            :model-value="classroom?.id ?? 0"
            :classes="data.classrooms"
            @update:model-value="(id) => (classroomId = id)"
          />
        </label>
        <fieldset>
          <legend class="mb-1 font-bold">{{ say('set-board.trainees') }}</legend>
          <div class="grid grid-cols-2">
            <label
              v-for="trainee in classroom?.trainees ?? []"
              :key="trainee.id"
              class="flex min-h-11 items-center gap-3"
            >
              <input v-model="trainees" type="checkbox" :value="trainee.id" class="h-5 w-5 accent-violet" />{{
                trainee.name
              }}
            </label>
          </div>
          <p v-if="classroom?.trainees.length === 0">
            {{ say('set-board.nobody-is-in-this-class') }}
            <RouterLink :to="`/people?class=${classroom.id}&add=people`" class="underline">{{
              say('set-board.add-the-people')
            }}</RouterLink>
          </p>
        </fieldset>
        <label class="block"
          ><span class="mb-1 block font-bold">{{ say('set-board.minutes') }}</span>
          <input
            v-model.number="minutes"
            type="number"
            min="1"
            max="480"
            class="field w-40"
            :placeholder="say('shared.no-limit')"
            @change="minutes = minutes || null"
          />
        </label>
        <button type="submit" class="btn-main" :disabled="busy || trainees.length === 0">
          {{ busy ? say('set-board.setting') : saySome('set-board.set-it-for-one-trainee', trainees.length) }}
        </button>
      </form>
    </main>
  </div>
</template>

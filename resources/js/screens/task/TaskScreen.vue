<script setup lang="ts">
import { say } from '@/shared/words/say'
import { useRouter } from 'vue-router'
import { useSession } from '@/shared/stores/session'
import ClassSelect from '@/shared/ui/ClassSelect.vue'
import ConfirmBar from '@/shared/ui/ConfirmBar.vue'
import LoadState from '@/shared/ui/LoadState.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import AttackPane from './AttackPane.vue'
import MarkingForm from './MarkingForm.vue'
import RulesForm from './RulesForm.vue'
import TaskForm from './TaskForm.vue'
import TrialPane from './TrialPane.vue'
import { useTask } from './useTask'
import { typedIn } from '@/shared/ui/typed'

const props = defineProps<{ boardFile: number; kept: number | null }>()
const router = useRouter()
const made = useTask(props.boardFile, props.kept, useSession().user!.id)
const { words, trial, refusal, problems, busy, classrooms, classroom, trainees, task, marking, attack } = made

async function open(id: string) {
  await router.push(`/task/${props.boardFile}${id ? `?task=${id}` : ''}`)
  router.go(0)
}

async function set(isTwice = false) {
  const assignment = await made.set(isTwice)
  if (assignment !== null) await router.push(`/tonight?assignment=${assignment}`)
}
</script>

<template>
  <div class="screen">
    <TopBar
      :title="words ? say('task.a-task-on-title', { title: words.title }) : say('task.a-task')"
      :crumb="{ to: '/tasks', name: say('shared.tasks') }"
    >
      <select
        v-if="made.kept.value.length > 0"
        class="field w-56"
        :aria-label="say('task.tasks-saved-on-this-board')"
        :value="kept ?? ''"
        data-test="kept-tasks"
        @change="open(typedIn($event))"
      >
        <option value="">{{ say('task.a-new-task') }}</option>
        <option v-for="one in made.kept.value" :key="one.id" :value="one.id">{{ one.title }}</option>
      </select>
    </TopBar>
    <LoadState v-if="!words" :failure="made.failure.value" :what="say('shared.the-board')" @again="made.load" />
    <main v-else class="panes grid-cols-[minmax(0,56fr)_minmax(0,44fr)]">
      <div class="flex min-h-0 flex-col border-r border-line">
        <p
          v-if="made.isGivenBack.value"
          class="flex items-center gap-3 border-b border-line px-5 py-1"
          role="status"
          data-test="given-back"
        >
          <span class="grow">{{ say('task.not-saved-yet-this-is') }}</span>
          <button type="button" class="btn-quiet" @click="made.giveUp">{{ say('task.start-over') }}</button>
        </p>
        <form
          class="grid min-h-0 grow grid-cols-2 gap-6 overflow-auto p-5"
          :aria-label="say('task.the-task')"
          @submit.prevent="set()"
        >
          <TaskForm v-model="task" :board="boardFile" :words="words" :is-answered="made.isAnswered.value" />
          <div class="flex flex-col gap-5">
            <RulesForm v-model="task" :words="words" :is-answered="made.isAnswered.value" />
            <MarkingForm
              v-model="marking"
              :markings="made.markings.value"
              :rules="words.rules"
              :busy="busy"
              @keep="made.keepMarking"
            />
          </div>
        </form>
        <div class="flex flex-wrap items-center gap-3 border-t border-line p-3" data-test="set-bar">
          <div v-if="refusal" role="alert" class="w-full border-2 border-ink p-2">
            <p class="font-bold">{{ refusal }}</p>
            <p v-for="problem in problems" :key="problem.message">{{ problem.message }}</p>
          </div>
          <ConfirmBar
            v-if="made.twice.why.value"
            class="w-full"
            :label="say('task.set-already')"
            :yes="say('task.set-it-again')"
            :busy-word="say('task.setting')"
            :no="say('shared.cancel')"
            :busy="busy"
            @yes="set(true)"
            @no="made.twice.drop"
            >{{ made.twice.why.value }}</ConfirmBar
          >
          <label class="flex items-center gap-2">
            {{ say('task.for') }}
            <ClassSelect v-model="classroom" :classes="classrooms" />
          </label>
          <span class="grow" />
          <button type="button" class="btn" :disabled="busy" @click="made.save">{{ say('task.save') }}</button>
          <button
            type="button"
            class="btn-main"
            :disabled="busy || trainees.length === 0"
            data-test="set"
            @click="set()"
          >
            {{ busy ? say('task.setting') : say('task.set-it-to-count-seats', { count: trainees.length }) }}
          </button>
        </div>
      </div>
      <TrialPane :trial="trial" :is-trying="made.isTrying.value" :same="(task.varying ?? []).length === 0">
        <AttackPane
          :found="attack.found.value"
          :is-attacking="attack.isAttacking.value"
          :failure="attack.failure.value"
          @again="attack.again"
        />
      </TrialPane>
    </main>
  </div>
</template>

<script setup lang="ts">
import { computed } from 'vue'
import type { TaskFile, TaskWords } from '@/shared/api/generated/http'

const props = defineProps<{ board: number; words: TaskWords; isAnswered: boolean }>()
const task = defineModel<TaskFile>({ required: true })

const VARYING = {
  feed: 'Where the feed comes in',
  lamp: 'Where the light hangs',
  order: 'The order of the switches',
  faces: 'The faces of the switches',
  labels: 'The labels of the cables',
  colours: 'The colors, where there are several',
} as const
const HELP = {
  hints: 'Hints',
  labels: 'Labels on the ends',
  tester: 'A tester',
  'truth-table': 'The truth table',
} as const
const PROVING = {
  none: 'None: the supply stays off',
  free: 'Switch on and test at will',
  isolation: 'Safe isolation first, then the supply',
  'dead-tests': 'Safe isolation and dead tests first, then the supply',
} as const
const canVary = (what: string) => task.value.surface !== 'wall' || props.words.movable.includes(what)
function stay() {
  task.value.varying = (task.value.varying ?? []).filter(canVary)
}
const seats = computed(() => (task.value.varying ?? []).length > 0)
const boxes = computed(() => props.words.boxes)
</script>

<template>
  <fieldset class="flex flex-col gap-3">
    <legend class="mb-2 text-lg font-bold">What is asked</legend>
    <label>
      Title, which trainees see
      <input v-model="task.title" class="field" maxlength="200" data-test="title" />
    </label>
    <div class="grid grid-cols-2 gap-3">
      <label class="col-span-2">
        Kind
        <select v-model="task.kind" class="field" data-test="kind">
          <option v-for="(name, kind) in words.kinds" :key="kind" :value="kind">{{ name }}</option>
        </select>
      </label>
      <label>
        Mode
        <select v-model="task.mode" class="field" data-test="mode">
          <option value="exam">Exam: silent</option>
          <option value="coached">Coached</option>
        </select>
      </label>
      <label>
        Minutes
        <input
          class="field"
          type="number"
          min="1"
          max="480"
          :value="task.minutes ?? ''"
          data-test="minutes"
          @change="task.minutes = Number(($event.target as HTMLInputElement).value) || null"
        />
      </label>
      <label>
        Tries
        <input v-model.number="task.tries" class="field" type="number" min="1" max="10" />
      </label>
      <label v-if="(task.tries ?? 1) > 1">
        Which try counts
        <select v-model="task.counts" class="field" data-test="counts">
          <option value="best">The best</option>
          <option value="last">The last</option>
          <option value="first">The first</option>
        </select>
      </label>
      <label v-if="task.kind === 'fault'">
        Faults on each board
        <input v-model.number="task.faults" class="field" type="number" min="1" max="3" data-test="faults" />
      </label>
      <label v-else-if="isAnswered && task.kind !== 'parts'">
        Questions
        <input v-model.number="task.questions" class="field" type="number" min="1" max="20" data-test="questions" />
      </label>
      <label v-if="!isAnswered">
        Order of work
        <select v-model="task.order" class="field">
          <option :value="null">Not judged</option>
          <option value="box-by-box">Box by box</option>
          <option value="farthest-first">Farthest first</option>
        </select>
      </label>
    </div>
    <label v-if="!isAnswered">
      Supply and instruments
      <select
        class="field"
        data-test="proving"
        :value="task.proving ?? (task.mode === 'exam' ? 'none' : 'free')"
        @change="task.proving = ($event.target as HTMLSelectElement).value as TaskFile['proving']"
      >
        <option v-for="(name, need) in PROVING" :key="need" :value="need">{{ name }}</option>
      </select>
    </label>
    <label>
      Brief
      <textarea v-model="task.brief" class="field min-h-20 py-2" maxlength="4000" data-test="brief" />
    </label>
    <fieldset v-if="task.kind === 'fault'" data-test="fault-kinds">
      <legend class="font-bold">Which faults</legend>
      <p class="text-sm text-soft">
        {{
          (task.faultKinds ?? []).length === 0
            ? say('«Any kind: none is ticked. Every seat gets one equally hard to find.»')
            : say('«One of these kinds. Every seat gets one equally hard to find.»')
        }}
      </p>
      <div class="grid gap-x-4 sm:grid-cols-2">
        <label v-for="(name, kind) in words.faultKinds" :key="kind" class="flex min-h-9 items-center gap-2">
          <input
            v-model="task.faultKinds"
            type="checkbox"
            :value="kind"
            class="h-5 w-5 shrink-0 accent-violet"
            :data-fault="kind"
          />{{ name }}
        </label>
      </div>
      <label v-if="!seats" class="mt-1 block">
        Seed: the same puts in the same faults
        <input v-model="task.seed" class="field" maxlength="64" />
      </label>
    </fieldset>
    <fieldset v-if="task.kind === 'finish'">
      <legend class="font-bold">What stands already</legend>
      <label class="flex min-h-9 items-center gap-2">
        <input
          type="checkbox"
          class="h-5 w-5 shrink-0 accent-violet"
          :checked="task.start === 'as-found'"
          @change="task.start = ($event.target as HTMLInputElement).checked ? 'as-found' : 'boxes'"
        />
        What the as-found sheet says, to add to
      </label>
      <p v-if="task.start === 'as-found' && !words.hasAsFound" role="alert" data-test="nothing-found">
        ! Nothing is written down of this board yet:
        <RouterLink :to="`/as-found/${board}`" class="underline">fill in its as-found sheet</RouterLink>.
      </p>
      <template v-if="task.start !== 'as-found'">
        <label v-for="box in boxes" :key="box.id" class="flex min-h-9 items-center gap-2">
          <input v-model="task.done" type="checkbox" :value="box.id" class="h-5 w-5 shrink-0 accent-violet" />{{
            box.label
          }}
          is wired
        </label>
      </template>
    </fieldset>
    <fieldset>
      <legend class="font-bold">What differs from seat to seat</legend>
      <label class="block">
        The boards are
        <select v-model="task.surface" class="field" data-test="surface" @change="stay">
          <option value="screen">On the screen</option>
          <option value="wall">Real ones, on the wall</option>
        </select>
      </label>
      <label v-for="(name, what) in VARYING" :key="what" class="flex min-h-9 items-center gap-2">
        <input
          v-model="task.varying"
          type="checkbox"
          :value="what"
          class="h-5 w-5 shrink-0 accent-violet"
          :data-vary="what"
          :disabled="!canVary(what)"
        />{{ name }}{{ canVary(what) ? '' : ' (stays on a wall)' }}
      </label>
      <label v-if="seats" class="mt-1 block">
        Seed: the same gives the same variants for ever
        <input v-model="task.seed" class="field" maxlength="64" data-test="seed" />
      </label>
    </fieldset>
    <fieldset v-if="task.mode === 'coached'">
      <legend class="font-bold">Help that is allowed</legend>
      <label v-for="(name, help) in HELP" :key="help" class="flex min-h-9 items-center gap-2">
        <input v-model="task.help" type="checkbox" :value="help" class="h-5 w-5 shrink-0 accent-violet" />{{ name }}
      </label>
    </fieldset>
  </fieldset>
</template>

<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { TaskFile, TaskWords } from '@/shared/api/generated/http'
import { isTicked, typedIn } from '@/shared/ui/typed'

const props = defineProps<{ board: number; words: TaskWords; isAnswered: boolean }>()
const task = defineModel<TaskFile>({ required: true })

const VARYING = {
  feed: say('task.where-the-feed-comes-in'),
  lamp: say('task.where-the-light-is'),
  order: say('task.the-order-of-the-switches'),
  faces: say('task.the-faces-of-the-switches'),
  labels: say('task.the-labels-of-the-cables'),
  colours: say('task.the-colors-where-there-are'),
} as const
const HELP = {
  hints: say('task.hints'),
  labels: say('task.labels-on-the-ends'),
  tester: say('task.a-tester'),
  'truth-table': say('task.the-truth-table'),
} as const
const PROVING = {
  none: say('task.none-the-supply-stays-off'),
  free: say('task.switch-on-and-test-freely'),
  isolation: say('task.safe-isolation-first-then-the'),
  'dead-tests': say('task.safe-isolation-and-dead-tests'),
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
    <legend class="mb-2 text-lg font-bold">{{ say('task.the-task') }}</legend>
    <label>
      {{ say('task.title-which-trainees-see') }}
      <input v-model="task.title" class="field" maxlength="200" data-test="title" />
    </label>
    <div class="grid grid-cols-2 gap-3">
      <label class="col-span-2">
        {{ say('task.kind') }}
        <select v-model="task.kind" class="field" data-test="kind">
          <option v-for="(name, kind) in words.kinds" :key="kind" :value="kind">{{ name }}</option>
        </select>
      </label>
      <label>
        {{ say('task.mode') }}
        <select v-model="task.mode" class="field" data-test="mode">
          <option value="exam">{{ say('task.exam-no-feedback') }}</option>
          <option value="coached">{{ say('task.coached') }}</option>
        </select>
      </label>
      <label>
        {{ say('task.minutes') }}
        <input
          class="field"
          type="number"
          min="1"
          max="480"
          :value="task.minutes ?? ''"
          data-test="minutes"
          @change="task.minutes = Number(typedIn($event)) || null"
        />
      </label>
      <label>
        {{ say('shared.tries') }}
        <input v-model.number="task.tries" class="field" type="number" min="1" max="10" />
      </label>
      <label v-if="(task.tries ?? 1) > 1">
        {{ say('task.which-try-counts') }}
        <select v-model="task.counts" class="field" data-test="counts">
          <option value="best">{{ say('task.the-best') }}</option>
          <option value="last">{{ say('task.the-last') }}</option>
          <option value="first">{{ say('task.the-first') }}</option>
        </select>
      </label>
      <label v-if="task.kind === 'fault'">
        {{ say('task.faults-on-each-board') }}
        <input v-model.number="task.faults" class="field" type="number" min="1" max="3" data-test="faults" />
      </label>
      <label v-else-if="isAnswered && task.kind !== 'parts'">
        {{ say('task.questions') }}
        <input v-model.number="task.questions" class="field" type="number" min="1" max="20" data-test="questions" />
      </label>
      <label v-if="!isAnswered">
        {{ say('task.order-of-work') }}
        <select v-model="task.order" class="field">
          <option :value="null">{{ say('task.not-judged') }}</option>
          <option value="box-by-box">{{ say('task.box-by-box') }}</option>
          <option value="farthest-first">{{ say('task.farthest-first') }}</option>
        </select>
      </label>
    </div>
    <label v-if="!isAnswered">
      {{ say('task.supply-and-instruments') }}
      <select
        class="field"
        data-test="proving"
        :value="task.proving ?? (task.mode === 'exam' ? 'none' : 'free')"
        @change="task.proving = typedIn($event) as TaskFile['proving']"
      >
        <option v-for="(name, need) in PROVING" :key="need" :value="need">{{ name }}</option>
      </select>
    </label>
    <label>
      {{ say('task.brief') }}
      <textarea v-model="task.brief" class="field min-h-20 py-2" maxlength="4000" data-test="brief" />
    </label>
    <fieldset v-if="task.kind === 'fault'" data-test="fault-kinds">
      <legend class="font-bold">{{ say('task.which-faults') }}</legend>
      <p class="text-sm text-soft">
        {{
          (task.faultKinds ?? []).length === 0
            ? say('task.any-kind-none-is-ticked')
            : say('task.one-of-these-kinds-every')
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
        {{ say('task.seed-the-same-seed-gives') }}
        <input v-model="task.seed" class="field" maxlength="64" />
      </label>
    </fieldset>
    <fieldset v-if="task.kind === 'finish'">
      <legend class="font-bold">{{ say('task.what-is-wired-already') }}</legend>
      <label class="flex min-h-9 items-center gap-2">
        <input
          type="checkbox"
          class="h-5 w-5 shrink-0 accent-violet"
          :checked="task.start === 'as-found'"
          @change="task.start = isTicked($event) ? 'as-found' : 'boxes'"
        />
        {{ say('task.everything-on-the-as-found') }}
      </label>
      <p v-if="task.start === 'as-found' && !words.hasAsFound" role="alert" data-test="nothing-found">
        {{ say('task.this-board-has-no-as') }}
        <RouterLink :to="`/as-found/${board}`" class="underline">{{ say('task.fill-one-in') }}</RouterLink>.
      </p>
      <template v-if="task.start !== 'as-found'">
        <label v-for="box in boxes" :key="box.id" class="flex min-h-9 items-center gap-2">
          <input v-model="task.done" type="checkbox" :value="box.id" class="h-5 w-5 shrink-0 accent-violet" />{{
            say('task.label-is-wired', { label: box.label })
          }}
        </label>
      </template>
    </fieldset>
    <fieldset>
      <legend class="font-bold">{{ say('task.what-varies-from-seat-to') }}</legend>
      <label class="block">
        {{ say('task.the-boards-are') }}
        <select v-model="task.surface" class="field" data-test="surface" @change="stay">
          <option value="screen">{{ say('task.on-the-screen') }}</option>
          <option value="wall">{{ say('task.real-on-the-wall') }}</option>
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
        />{{ name }}{{ canVary(what) ? '' : say('task.fixed-on-a-real-board') }}
      </label>
      <label v-if="seats" class="mt-1 block">
        {{ say('task.seed-the-same-seed-always') }}
        <input v-model="task.seed" class="field" maxlength="64" data-test="seed" />
      </label>
    </fieldset>
    <fieldset v-if="task.mode === 'coached'">
      <legend class="font-bold">{{ say('task.help-allowed') }}</legend>
      <label v-for="(name, help) in HELP" :key="help" class="flex min-h-9 items-center gap-2">
        <input v-model="task.help" type="checkbox" :value="help" class="h-5 w-5 shrink-0 accent-violet" />{{ name }}
      </label>
    </fieldset>
  </fieldset>
</template>

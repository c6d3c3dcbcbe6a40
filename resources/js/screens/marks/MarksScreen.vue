<script setup lang="ts">
import { say } from '@/shared/words/say'
import { api } from '@/shared/api/api'
import MarkLines from '@/shared/marks/MarkLines.vue'
import ConfirmBar from '@/shared/ui/ConfirmBar.vue'
import LoadState from '@/shared/ui/LoadState.vue'
import RowMenu from '@/shared/ui/RowMenu.vue'
import TopBar from '@/shared/ui/TopBar.vue'
import MarkByHand from './MarkByHand.vue'
import ObservationList from '@/shared/marks/ObservationList.vue'
import SecondMarker from './SecondMarker.vue'
import ReMarkPane from './ReMarkPane.vue'
import { useMarks } from './useMarks'
import { typedIn } from '@/shared/ui/typed'

const props = defineProps<{ assignment: number }>()
const {
  data,
  failure,
  load,
  handedIn,
  undecided,
  atUpgrade,
  reMark,
  chosen,
  attempt,
  busy,
  refusal,
  asking,
  open,
  missing,
  stateOf,
  observe,
  run,
  lineAsked,
  takeBack,
  paper,
  release,
} = useMarks(props.assignment)
</script>

<template>
  <div class="screen">
    <TopBar :title="data?.assignment?.task ?? say('shared.marks')" :crumb="{ to: '/marks', name: say('shared.marks') }">
      <RowMenu v-if="data" :label="say('marks.more')" :items="paper" named />
      <RouterLink v-if="data" :to="`/record/${assignment}`" class="btn">{{ say('marks.record') }}</RouterLink>
      <template v-if="data?.assignment?.releasedAt">
        <span class="text-soft" data-test="released">{{ say('marks.released') }}</span>
        <button v-if="data.assignment.mode === 'exam'" type="button" class="btn" @click="takeBack">
          {{ say('marks.take-back') }}
        </button>
      </template>
      <button v-else-if="data" type="button" class="btn-main" @click="asking = true">
        {{ say('marks.release-the-marks') }}
      </button>
      <button
        v-if="data && handedIn.length > 0"
        type="button"
        class="btn"
        :disabled="reMark.isLooking.value"
        @click="reMark.look(handedIn)"
      >
        {{ say('marks.mark-again') }}
      </button>
    </TopBar>
    <LoadState v-if="!data" :failure="failure" :what="say('marks.the-marks')" @again="load" />
    <template v-else>
      <ConfirmBar
        v-if="asking && !data.assignment?.releasedAt"
        :label="say('marks.release')"
        :yes="say('marks.release-them')"
        :busy-word="say('marks.releasing')"
        :no="say('shared.not-yet')"
        :busy="busy"
        @yes="release"
        @no="asking = false"
        ><strong>{{ say('marks.release-to-the-whole-class') }}</strong>
        {{
          say('marks.everybody-sees-the-mark-verdict', {
            what: missing > 0 ? say('marks.missing-not-handed-in', { missing }) : '',
            whatb: open > 0 ? say('marks.open-still-to-be-inspected', { open }) : '',
          })
        }}</ConfirmBar
      >
      <p v-if="refusal" role="alert" class="border-b-2 border-ink px-5 py-2">{{ refusal }}</p>
      <p v-if="reMark.failure.value" role="alert" class="border-b-2 border-ink px-5 py-2">{{ reMark.failure.value }}</p>
      <ReMarkPane
        v-if="reMark.isShown.value"
        :changed="reMark.changed.value"
        :marks="data.marks"
        :is-looking="reMark.isLooking.value"
        :looked="reMark.looked.value"
        :all="reMark.all.value"
        @decide="reMark.decide"
        @close="reMark.close"
      />
      <p
        v-else-if="undecided.length > 0"
        class="flex items-center gap-4 border-b-2 border-ink px-5 py-2"
        data-test="undecided"
      >
        <span class="grow"
          ><strong>{{ say('marks.count-would-be-judged-differently', { count: undecided.length }) }}</strong>
          {{ say('marks.the-result-at-hand-in') }}</span
        >
        <button type="button" class="btn" @click="reMark.look(undecided)">
          {{ say('marks.see-the-differences') }}
        </button>
      </p>
      <p v-else-if="atUpgrade" class="border-b border-line px-5 py-1 text-soft">
        {{ say('marks.judged-at-the-upgrade-under', { rules: atUpgrade.rules }) }}
      </p>
      <main class="panes grid-cols-[minmax(15rem,26fr)_minmax(0,46fr)_minmax(0,28fr)]">
        <nav class="min-h-0 overflow-auto border-r-2 border-ink" :aria-label="say('marks.seats')">
          <button
            v-for="one in data.marks"
            :key="one.attempt"
            type="button"
            class="flex min-h-14 w-full items-center gap-3 border-b border-line px-4 py-1 text-left"
            :class="one.attempt === attempt?.attempt ? 'border-l-8 border-l-violet bg-wash' : ''"
            :aria-current="one.attempt === attempt?.attempt"
            :disabled="!one.mark"
            :data-attempt="one.attempt"
            @click="chosen = one.attempt"
          >
            <span class="code w-8 text-xl">{{ one.seat ?? '' }}</span>
            <span class="grow"
              ><strong class="block"
                >{{ one.trainee.name
                }}<span v-if="one.number" class="code ml-2 font-normal text-soft">{{ one.number }}</span></strong
              ><span class="text-soft">{{ stateOf(one) }}</span></span
            >
          </button>
        </nav>
        <section
          v-if="attempt?.mark"
          class="min-h-0 overflow-auto p-5"
          :aria-label="say('marks.the-mark')"
          tabindex="0"
        >
          <MarkByHand
            v-if="lineAsked !== null"
            :key="`${attempt.attempt} ${lineAsked}`"
            :mark="attempt.mark"
            :line="lineAsked"
            @change="(what) => run((id) => api.overrideMark(id, what)).then(() => (lineAsked = null))"
            @close="lineAsked = null"
          />
          <MarkLines :mark="attempt.mark" changeable @change="(key) => (lineAsked = key)" />
        </section>
        <p v-else class="p-8 text-soft">{{ say('marks.nobody-has-handed-in-yet') }}</p>
        <section
          v-if="attempt?.mark"
          class="flex min-h-0 flex-col gap-4 overflow-auto border-l-2 border-ink p-5"
          :aria-label="say('shared.inspection')"
        >
          <ObservationList
            :items="attempt.mark.lines.filter(({ part }) => part === 'workmanship')"
            :observed="attempt.observed"
            @observe="observe"
          />
          <SecondMarker
            :key="attempt.attempt"
            :mark="attempt.mark"
            :second="attempt.second"
            @seen="(seen) => run((id) => api.observe(id, seen, true))"
          />
          <label class="block"
            >{{ say('marks.comment') }}
            <textarea
              class="field min-h-20 py-2"
              maxlength="2000"
              :value="attempt.note"
              data-test="note"
              @change="run((id) => api.noteOn(id, typedIn($event)))"
            ></textarea>
          </label>
          <button
            v-if="data.assignment?.mode === 'exam' && !data.assignment.releasedAt"
            type="button"
            class="btn"
            data-test="release-one"
            @click="run((id, isReleased) => api.releaseOne(id, !isReleased))"
          >
            {{
              attempt.isReleased
                ? say('marks.take-names-mark-back', { name: attempt.trainee.name })
                : say('marks.release-names-mark', { name: attempt.trainee.name })
            }}
          </button>
          <div>
            <h2 class="text-lg font-bold">{{ say('shared.the-board') }}</h2>
            <p class="mb-2">{{ attempt.headline }}</p>
            <p class="flex flex-wrap gap-2">
              <RouterLink :to="`/verdict/${attempt.attempt}`" class="btn px-3">{{ say('marks.verdict') }}</RouterLink>
              <RouterLink :to="`/viva/${attempt.attempt}`" class="btn px-3">{{
                say('marks.viva-to-print')
              }}</RouterLink>
            </p>
          </div>
        </section>
      </main>
    </template>
  </div>
</template>

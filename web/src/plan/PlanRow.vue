<script setup lang="ts">
import { taskWords } from "@apron/core/plan";
import Button from "primevue/button";
import { computed, ref } from "vue";
import { useSession } from "../client/session.ts";
import { dayOfInstant, instantOn, showClock } from "../ui/dates.ts";
import TextBox from "../ui/TextBox.vue";
import { typedNumber } from "../ui/typed-number.ts";
import DishTag from "./DishTag.vue";
import { typedTime } from "./plan-form.ts";
import {
  canGiveMinutes,
  fromWords,
  learnedWords,
  minuteWords,
  otherWaysOf,
  stepAbout,
  type TimedTask,
} from "./plan-words.ts";

/** One line of the plan: when, which dish, what, how long. Its time and its minutes can be typed over. */
const props = defineProps<{ task: TimedTask; letter: string; changeable?: boolean }>();
const emit = defineEmits<{
  retimed: [at: Date];
  freed: [];
  lasted: [minutes: number];
  doneInWay: [way: number];
}>();
const session = useSession();
const editing = ref<"time" | "minutes">();
const text = ref("");
const isWrong = ref(false);
function edit(what: "time" | "minutes"): void {
  const { start, minutes } = props.task;
  [editing.value, isWrong.value] = [what, false];
  text.value = what === "time" ? showClock(start) : String(Math.round(minutes.high));
}
function setTime(): void {
  const time = typedTime(text.value);
  isWrong.value = time === undefined;
  if (time === undefined) return;
  editing.value = undefined;
  if (time !== showClock(props.task.start))
    emit("retimed", instantOn(dayOfInstant(props.task.start.toISOString()), time));
}
function setMinutes(): void {
  const minutes = typedNumber(text.value);
  isWrong.value = minutes === undefined || minutes < 1 || minutes > 1440;
  if (isWrong.value || minutes === undefined) return;
  editing.value = undefined;
  emit("lasted", Math.round(minutes));
}
const note = computed(() =>
  [
    props.task.who,
    fromWords[props.task.from],
    learnedWords(props.task),
    stepAbout(props.task, session.display),
    props.task.kind === "by-itself" && props.task.doneWhen !== "" ? `done when ${props.task.doneWhen}` : "",
  ]
    .filter((one) => one !== "")
    .join(" · "),
);
const isAlone = computed(() => props.task.kind === "by-itself" || props.task.kind === "warm-up");
</script>

<template>
  <li class="row" :class="{ alone: isAlone }" data-testid="plan-task">
    <button
      v-if="changeable"
      type="button"
      class="typed figure time"
      :title="`Change the time of: ${taskWords(task)}`"
      @click="edit('time')"
    >
      {{ showClock(task.start) }}
    </button>
    <span v-else class="figure time">{{ showClock(task.start) }}</span>
    <DishTag :letter="letter" :title="task.dishName" />
    <div class="what">
      <p>
        <span class="visually-hidden">{{ task.dishName }}: </span>{{ taskWords(task) }}
      </p>
      <form v-if="editing" class="edit" @submit.prevent="editing === 'time' ? setTime() : setMinutes()">
        <TextBox
          v-model="text"
          :aria-label="`${editing === 'time' ? 'New time' : 'Minutes'} for: ${taskWords(task)}`"
          inputmode="numeric"
          :invalid="isWrong"
          autofocus
        />
        <span v-if="editing === 'minutes'" class="small">min</span>
        <Button type="submit" size="small" label="Use" />
        <Button size="small" text label="Cancel" @click="editing = undefined" />
      </form>
      <p v-else class="soft small">
        <button
          v-if="changeable && canGiveMinutes(task)"
          type="button"
          class="typed"
          :title="`Change the minutes of: ${taskWords(task)}`"
          @click="edit('minutes')"
        >
          {{ minuteWords(task.minutes) }}
        </button>
        <template v-else>{{ minuteWords(task.minutes) }}</template>
        <template v-if="note"> · {{ note }}</template>
        <template v-if="task.isFixed">
          · you fixed this time
          <Button v-if="changeable" size="small" text label="Don't fix it" @click="emit('freed')" />
        </template>
      </p>
      <p v-for="other in changeable ? otherWaysOf(task) : []" :key="other.way" class="small">
        <Button
          size="small"
          text
          class="way"
          data-testid="other-way"
          :label="`Instead: ${other.text}`"
          @click="emit('doneInWay', other.way)"
        />
      </p>
    </div>
  </li>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 3.4rem 1.7rem minmax(0, 1fr);
  gap: 0.6rem;
  align-items: start;
  padding: 0.4rem 0;
  border-top: 1px solid var(--line);
}

.alone {
  color: var(--soft-ink);
}

.time {
  font-size: 1.05rem;
}

.typed {
  min-height: 30px;
  padding: 0;
  color: inherit;
  text-align: start;
  cursor: pointer;
  background: none;
  border: 0;
  border-bottom: 1px dotted var(--soft-ink);
}

.what .typed {
  min-height: 0;
}

@media (pointer: coarse) {
  .typed,
  .what .typed {
    min-height: 44px;
  }
}

.way {
  padding: 0.2rem 0;
  text-align: start;
}

.edit {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
  align-items: center;
}

.edit :deep(input) {
  width: 6rem;
}

@media print {
  .typed {
    border: 0;
  }

  .row {
    break-inside: avoid;
  }
}
</style>
